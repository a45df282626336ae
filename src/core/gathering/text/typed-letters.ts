// Letters in front of lines that stand for words: 'F:' before what asks and 'R:' before what answers, 'T' or 'F' before a statement.
import { groupBy } from '../../shared/group-by';
import { trueFalseInitials, verdictPair } from '../../shared/vocabulary/verdicts';
import { isLine, OFTEN, retyped, type Lines } from './retyping';
import { asksOutright } from './typed-line';

const NAMED = /^\s*(\p{Lu}\p{L}{0,2})\s?:\s+(\S.*)$/u;
/** Letters that count options, or are known for what they stand for. */
const KNOWN: ReadonlySet<string> = new Set(['Q', 'A', 'B', 'C', 'D', 'E']);
const MOSTLY = 0.8;

type Named = { at: number; name: string; text: string };

/** The lines that a letter or two open, with a colon behind. */
const namedIn = (lines: Lines): Named[] =>
  lines.flatMap((line, at) => {
    const [, name, text = ''] = (isLine(line) && NAMED.exec(line.text)) || [];
    return name && !KNOWN.has(name) ? [{ at, name, text }] : [];
  });

/** The letter that opens lines which ask; undefined where none does. */
function askingLetter(named: readonly Named[]): string | undefined {
  const found = [...groupBy(named, ({ name }) => name)].find(
    ([, own]) =>
      own.length >= OFTEN &&
      own.filter(({ text }) => asksOutright(text)).length >= own.length * MOSTLY,
  );
  return found?.[0];
}

/** The letter of lines that come by turns with those that ask, each right behind one of them; undefined where none does. */
function answeringLetter(named: readonly Named[], asking: string): string | undefined {
  const [, second] = named;
  const isTurn = named.every(({ name }, index) => name === (index % 2 ? second?.name : asking));
  return second && second.name !== asking && isTurn ? second.name : undefined;
}

/** Lines that a letter opens with the word that it stands for. */
export function lettersForWords(lines: Lines): Lines {
  const named = namedIn(lines);
  const asking = askingLetter(named);
  if (asking === undefined) {
    return lines;
  }
  const answering = answeringLetter(named, asking);
  const words = new Map([
    [asking, 'Question'],
    ...(answering ? [[answering, 'Answer'] as const] : []),
  ]);
  const anewAt = new Map(
    named.flatMap(({ at, name, text }) =>
      words.has(name) ? [[at, `${words.get(name)!}: ${text}`] as const] : [],
    ),
  );
  return retyped(lines, (at) => anewAt.get(at));
}

const JUDGED =
  /^\s*(?:[([]\s*(\p{L}{1,8})\s*[)\]]|_{1,}\s*(\p{L}{1,8})\s*_{1,}|(\p{Lu}\p{L}{0,7}))\s+([([]?\d{1,3}[.):\]]\s*\S.*)$/u;

/** A statement with its verdict behind it rather than in front of its number: '( T ) 1. Mercury is a liquid.' */
export function verdictsInFront(lines: Lines): Lines {
  const found = lines.map((line) => {
    const match = (isLine(line) && JUDGED.exec(line.text)) || undefined;
    return match && { word: match[1] ?? match[2] ?? match[3]!, text: match[4]! };
  });
  const judged = found.filter((one) => one !== undefined);
  const [first = '', second = '', ...others] = new Set(judged.map(({ word }) => word));
  const isPair =
    verdictPair([first, second]) !== undefined || trueFalseInitials(first, second) !== undefined;
  return judged.length < OFTEN || !isPair || others.length
    ? lines
    : retyped(lines, (at) => found[at] && `${found[at].text} (${found[at].word})`);
}

const GLUED = /(?<![\p{L}\p{N}])(\d{1,3})(\p{Lu})(?![\p{L}\p{N}])/gu;

/** A key of verdicts without blanks, '1T 2F 3F', with them: '1 T, 2 F, 3 F'. */
export function verdictsApart(lines: Lines): Lines {
  return retyped(lines, (at) => {
    const line = lines[at]!;
    const found = isLine(line) ? [...line.text.matchAll(GLUED)] : [];
    const [first = '', second = '', ...others] = new Set(found.map(([, , letter]) => letter!));
    const isKey =
      found.length > OFTEN &&
      !others.length &&
      found.every(([, n], index) => Number(n) === index + 1) &&
      trueFalseInitials(first, second) !== undefined;
    return isKey
      ? line.text.replace(GLUED, '$1 $2,').replace(/,+(?=\s*[,;]|\s*\.?\s*$)/gu, '')
      : undefined;
  });
}
