// Statements behind a letter that a line above them gives a meaning: 'Write A if you agree, D if you disagree.' above 'A  Water
// expands when it freezes.'
import { trueFalseInitials, verdictPair } from '../../shared/vocabulary/verdicts';
import { pairOffered } from './offered';
import { anew, capitalised, isLine, judgedLines, type Lines } from './retyping';

const MEANT = /(?<![\p{L}])["'“(]?(\p{Lu})["'”)]?(?![\p{L}'’])/gu;
const BEHIND = /^(\p{Lu})(?:\s{1,8}|\s?[-–:.)]\s+)(\S.*)$/su;
const FEWEST = 3;
const FIRST_LINES = 4;

type Legend = { at: number; right: string; letters: readonly string[]; words: [string, string] };

/** The words behind each of two letters up to the next one, of which one pair says true and false. */
function wordsMeant(text: string): Omit<Legend, 'at'> | undefined {
  const found = [...text.matchAll(MEANT)];
  const letters = [...new Set(found.map(([, letter]) => letter!))];
  if (letters.length !== 2 || found.length !== 2) {
    return undefined;
  }
  const [first, second] = found.map(({ index }, at) =>
    (text.slice(index + 1, found[at + 1]?.index).match(/\p{L}{2,}/gu) ?? []).map((word) =>
      word.toLowerCase(),
    ),
  );
  for (const one of first!) {
    for (const other of second!) {
      const pair = verdictPair([one, other]);
      if (pair) {
        const isFirst = pair.right.toLowerCase() === one;
        return {
          letters,
          right: letters[isFirst ? 0 : 1]!,
          words: isFirst ? [one, other] : [other, one],
        };
      }
    }
  }
  return undefined;
}

/** The letters of the two words that a line offers, 'True or false?'. */
function initialsOffered(text: string): Omit<Legend, 'at'> | undefined {
  const pair = pairOffered(text);
  const letters = pair ? [pair.right, pair.wrong].map((word) => word.charAt(0).toUpperCase()) : [];
  const [right = '', wrong = ''] = letters;
  return pair && right !== wrong && trueFalseInitials(right, wrong)
    ? { letters, right, words: [pair.right, pair.wrong] }
    : undefined;
}

/** What a line among the first says of two letters. */
function legendIn(lines: Lines): Legend | undefined {
  const firsts = lines
    .map((line, at) => ({ line, at }))
    .filter(({ line }) => line.text.trim())
    .slice(0, FIRST_LINES);
  for (const { line, at } of firsts) {
    const meant = isLine(line) ? (wordsMeant(line.text) ?? initialsOffered(line.text)) : undefined;
    if (meant) {
      return { at, ...meant };
    }
  }
  return undefined;
}

/** Such statements, counted, with the verdict that their letter stands for; what is above them stays. */
export function statementsLettered(lines: Lines): Lines {
  const legend = legendIn(lines);
  if (!legend) {
    return lines;
  }
  const found = lines.map((line, at) => {
    const [, letter = '', statement] =
      (at > legend.at && isLine(line) && BEHIND.exec(line.text)) || [];
    return statement && legend.letters.includes(letter) ? { letter, statement } : undefined;
  });
  const lettered = found.filter((one) => one !== undefined);
  const below = lines.slice(legend.at + 1).filter(({ text }) => text.trim()).length;
  const areBoth = new Set(lettered.map(({ letter }) => letter)).size === 2;
  // Options that letters count are in order, and other lines stand between them.
  if (lettered.length < FEWEST || lettered.length < below || !areBoth) {
    return lines;
  }
  let count = 0;
  const [yes, no] = legend.words;
  return lines.flatMap((line, at) => {
    const own = found[at];
    count += own ? 1 : 0;
    return own
      ? judgedLines(
          `${count}. ${own.statement}`,
          [capitalised(yes), capitalised(no)],
          own.letter === legend.right,
        ).map((text) => anew(line, text))
      : [line];
  });
}
