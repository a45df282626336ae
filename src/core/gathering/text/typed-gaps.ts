// Gaps that are counted, 'the (1) ____ closes the (2) ____', typed anew without their numbers, here and in the line that answers.
import { fieldOfLine } from '../../shared/vocabulary/answer-lines';
import { countedWords, uncountedGaps } from '../answers';
import { anew, gapsFilled, isLine, type Lines } from './retyping';

/** So many lines below a sentence its words may stand. */
const BELOW = 6;
const GAP = /_{2,}/gu;
const MOST = 1000;
/** So many words fill a gap. */
const MOST_WORDS = 3;

const gapsIn = (text: string): number => text.match(GAP)?.length ?? 0;

/** Where the words of counted gaps stand below their sentence, and the words. */
function answerBelow(
  lines: Lines,
  at: number,
  gaps: number,
): { at: number; text: string } | undefined {
  for (let below = at + 1; below < Math.min(lines.length, at + BELOW); below++) {
    const line = lines[below]!;
    const field = isLine(line) ? fieldOfLine(line.text) : undefined;
    const words = field?.role === 'answer' ? countedWords(field.value) : [];
    if (field && words.length === gaps) {
      return { at: below, text: `${line.text.slice(0, field.valueFrom)}${words.join('; ')}` };
    }
  }
  return undefined;
}

const UNDERLINED = /(?<![\p{L}\p{N}_])_{3,}(\p{L}[^_\n]{0,40}?)_{3,}(?![\p{L}\p{N}_])/gu;
/** Words that stand on the line of their gap, '___gas___', as what goes in. */
export const wordsOnGaps = (lines: Lines): Lines =>
  lines.map((line) =>
    isLine(line) && line.text.search(UNDERLINED) >= 0 ? gapsFilled(line, UNDERLINED) : line,
  );

const COUNTED_WORD = /^\s*[([]?(\d{1,2})(?:[.):\]]+\s*|\s+)(\p{L}.*)$/u;

/** Where the words of counted gaps stand below their sentence, a line each, and the words; none where they are not as many. */
function wordsBelow(lines: Lines, at: number, gaps: number): { at: number; text: string }[] {
  const first = lines.findIndex(({ text }, below) => below > at && text.trim() !== '');
  const run = lines.slice(first, first + gaps + 1).map(({ text }) => COUNTED_WORD.exec(text));
  const words = run.slice(0, gaps).map((match) => match?.[2]?.trim() ?? '');
  const areCounted =
    first > 0 &&
    run.slice(0, gaps).every((match, n) => Number(match?.[1]) === n + 1) &&
    Number(run[gaps]?.[1]) !== gaps + 1 &&
    words.length === gaps &&
    words.every((word) => word.split(' ').length <= MOST_WORDS);
  return areCounted
    ? words.map((_, n) => ({ at: first + n, text: n ? '' : `Answer: ${words.join('; ')}` }))
    : [];
}

/** Sentences whose gaps are counted, and the words that are counted with them. */
export function countedGaps(lines: Lines): Lines {
  const found = [...lines];
  lines.forEach((line, at) => {
    const bare =
      line.text.length < MOST && line.text.includes('__') ? uncountedGaps(line.text) : line.text;
    if (bare !== line.text) {
      found[at] = anew(line, bare);
      const gaps = gapsIn(bare);
      const answer = answerBelow(lines, at, gaps);
      (answer ? [answer] : wordsBelow(lines, at, gaps)).forEach((one) => {
        found[one.at] = anew(lines[one.at]!, one.text);
      });
    }
  });
  return found;
}

const BEHIND = /^(.*__.*[.!?…])\s*\(\s*(\p{L}[^()]{0,80}?)\s*\)\s*$/su;

/**
 * A sentence with several gaps and as many words in brackets behind it: the words on a line of their own. Behind a single gap a word
 * may as well be one to be put into another form.
 */
export function gapWordsBehind(text: string): string[] | undefined {
  const [, sentence = '', said = ''] = BEHIND.exec(text) ?? [];
  const words = said.split(/\s*[,;/]\s*/u);
  const areWords = words.every((word) => word && word.split(' ').length <= MOST_WORDS);
  return sentence && words.length > 1 && words.length === gapsIn(sentence) && areWords
    ? [sentence, `Answer: ${words.join('; ')}`, '']
    : undefined;
}

/** A sentence with a gap and a word in brackets behind it, as a paragraph of its own. */
export const apartWithWord = (text: string): string[] | undefined =>
  BEHIND.test(text) && !/^\s*\(?\d/u.test(text) ? [text, ''] : undefined;
