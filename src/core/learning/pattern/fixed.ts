// Lines that say the same in most questions, and hold no text of their own: titles of parts, frames, numbers of questions.
import { roleOfHeading } from '../../shared/vocabulary/headings';
import { saysPoints } from '../../shared/vocabulary/words-of-points';
import { goingOn } from './empty';
import { lettersIn } from './front';

const MOSTLY = 0.6;
const FEWEST = 2;
/** What alone on a line is a sign, a tag or a title of a part, and no text. */
const SIGN_LIKE =
  /^\s*(?:[^\p{L}\p{N}]+|[<[{(]{1,2}\/?[^<>[\]{}]{1,30}[>\]})]{1,2}|[^\p{L}\p{N}\s]{1,4}\s*\p{L}[\p{L} ]{0,20}|\p{Lu}[\p{Lu}\d_ -]{1,30}|\p{L}[\p{L} ]{0,20}:)\s*$/u;

/** The sign in front of a word, or the box. */
const signOf = (line: string): string | undefined =>
  /^\s*([^\p{L}\p{N}\s[({<]{1,4}|[[({<][^\p{L}\p{N}]?[\])}>])\s*\p{L}/u.exec(line)?.[1];

/** What a word beside a number that counts may say: nothing known, or these. */
const COUNTS: ReadonlySet<string> = new Set([
  '',
  'stem',
  'question',
  'ref',
  'number-in-file',
  'title',
  'kind',
  'ignore',
]);

const DIGITS = /\d+/u;
/** How many there are in all, behind the number of one: 'of 12', '/12'. */
const TOTAL = /(\{n\}\s?(?:\/|\p{L}{1,6})\s?)(\d+)/u;

/** Lines that say the same in most questions and hold no text of their own, as they are written; numbers in them count. */
export function fixedIn(
  blocks: readonly (readonly string[])[],
): (line: string, isFirst: boolean) => string | undefined {
  /** A line with what counts in it: the number of its question, and how many there are. */
  const folded = (line: string): string =>
    line
      .replace(DIGITS, '{n}')
      .replace(TOTAL, (whole, ahead: string, total: string) =>
        Number(total) === blocks.length ? `${ahead}{N}` : whole,
      );
  const counts = new Map<string, number>();
  const numbers = new Map<string, number[]>();
  for (const block of blocks) {
    new Set(block).forEach((line) => counts.set(line, (counts.get(line) ?? 0) + 1));
    // What counts the questions opens each; below, a number may be the key.
    const [first = ''] = block;
    const number = DIGITS.exec(first)?.[0];
    if (number) {
      numbers.set(folded(first), [...(numbers.get(folded(first)) ?? []), Number(number)]);
    }
  }
  const least = Math.max(FEWEST, blocks.length * MOSTLY);
  const edges = new Set(
    [0, -1].flatMap((at) => {
      const [first, ...others] = blocks.map((block) => block.at(at) ?? '');
      return others.length && others.every((line) => line === first) ? [first!] : [];
    }),
  );
  const isCounting = (line: string): boolean => {
    const words = lettersIn(line);
    // Numbers that a word calls something else do not count.
    if (saysPoints(words) || !COUNTS.has(roleOfHeading(words)?.role ?? '')) {
      return false;
    }
    const said = numbers.get(folded(line)) ?? [];
    return said.length === blocks.length && said.length > 1 && said.every((n, at) => n === at + 1);
  };
  const signed = [...counts].map(([line, times]) => ({ sign: signOf(line), times }));
  // A sign that stands before texts as well says nothing of the word behind it.
  const isText = (line: string): boolean => {
    const sign = signOf(line);
    return sign !== undefined && signed.some((one) => one.sign === sign && one.times < least);
  };
  const going = goingOn([...counts.keys()]);
  return (line, isFirst) => {
    if (going(line) !== undefined) {
      return undefined;
    }
    const isAlone =
      (SIGN_LIKE.test(line) && !isText(line)) || (edges.has(line) && ONE_WORD.test(line));
    if (line === '' || (isAlone && (counts.get(line) ?? 0) >= least)) {
      return line;
    }
    return isFirst && NUMBERED_TITLE.test(line) && isCounting(line) ? folded(line) : undefined;
  };
}
const ONE_WORD = /^\s*(?:[@#\\$&%.!]{1,2}\p{L}[\p{L}_-]*|[\p{L}_-]+(?:\s[\p{L}_-]+)?)\s*$/u;
/** A title with a number in it and no text: 'Question 1', 'Question 1 of 12', 'QUESTION 2 (choice)', '*** 3 ***', '<item id="4">'. */
const NUMBERED_TITLE =
  /^\s*<\p{L}[^<>\d]*\d+[^<>\d]*>\s*$|^\s*[^\p{L}\p{N}]{0,6}(?:[\p{L}]{1,12}\s?)?[#.:=]{0,2}\s?\d+(?:\s?(?:\/|\p{L}{1,6})\s?\d+)?[^\p{L}\p{N}]{0,6}(?:\(?\p{L}{1,12}\)?)?[^\p{L}\p{N}]{0,6}$/u;
