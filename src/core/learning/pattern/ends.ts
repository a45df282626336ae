// What stands behind texts, and quotes around them: signs at right options, and pairs of quotes around every text of a kind.
import { fieldOfLine } from '../../shared/vocabulary/answer-lines';
import { trueFalseWords, verdictOf } from '../../shared/vocabulary/verdicts';
import { KEYS } from './shapes';
import { keyOf, lettersIn, type Front } from './ways';

const END =
  /(\s[^\p{L}\p{N}\s.?!…,;:"'”’»)\]}-]{1,4}|\s(?:\||:|;|–|->|=>|=)\s\p{L}{1,12}|\s?(?:[*✓✔✗✘+#]{1,3}|\(\p{L}{1,12}\)|\[\p{L}{1,12}\]|\([*✓✔x+]\)|<[-=]{1,2}|←))$/u;

/** Whether a sign behind a text, in brackets or not, says right or wrong. */
const saysVerdict = (end: string): boolean =>
  !/\p{L}/u.test(end) || verdictOf(lettersIn(end)) !== undefined;

/** Whether a sign behind a text says right to everybody, so that one line with it is enough. */
const saysRight = (end: string): boolean =>
  /[✓✔]/u.test(end) || (end.trim() !== '' && verdictOf(lettersIn(end)) === true);

/** Whether one sign behind a text says true and the other false. */
function areTruth(one: string | undefined, other: string | undefined): boolean {
  const [first, second] = [one, other].map((end) => trueFalseWords(lettersIn(end ?? '')));
  return first !== undefined && second !== undefined && first.isTrue !== second.isTrue;
}

const ANSWERS: ReadonlySet<string> = new Set(['answer', 'option', 'options']);

/** A sign behind some lines of those that have the same in front, as at right options: 'B. Stop *'. */
export function withEnds(fronts: readonly Front[]): Front[] {
  const ends = fronts.map(({ text }) => END.exec(text)?.[1]);
  const isSign = (end: string | undefined, own: Front): end is string => {
    const alike = fronts.flatMap((front, at) => (keyOf(front) === keyOf(own) ? [at] : []));
    const ended = alike.filter((at) => ends[at] === end).length;
    // True behind one line and false behind another make statements of both.
    const isOption = ANSWERS.has(fieldOfLine(`${own.words}: x`)?.role ?? '');
    const isStatement = !isOption && alike.some((at) => areTruth(end, ends[at]));
    return (
      end !== undefined &&
      saysVerdict(end) &&
      (ended > 1 || saysRight(end)) &&
      ended < alike.length &&
      !isStatement
    );
  };
  return fronts.map((front, at) => {
    const end = ends[at];
    return isSign(end, front)
      ? { ...front, text: front.text.slice(0, front.text.length - end.length), after: end }
      : front;
  });
}

const QUOTES: readonly (readonly [string, string])[] = [
  ['"', '"'],
  ["'", "'"],
  ['“', '”'],
  ['„', '“'],
  ['«', '»'],
];

/** Lines that have the same in front and whose texts all stand between two signs: quotes, or brackets around a letter. */
function between(
  fronts: readonly Front[],
  signs: readonly (readonly [string, string])[],
  isText: (text: string) => boolean,
): Front[] {
  const signsOf = (own: Front): readonly [string, string] | undefined =>
    signs.find(([open, close]) =>
      fronts.every(
        ({ text, ...front }) =>
          keyOf(front) !== keyOf(own) ||
          (text.length > 2 &&
            text.startsWith(open) &&
            text.endsWith(close) &&
            isText(text.slice(1, -1))),
      ),
    );
  return fronts.map((front) => {
    const [open, close] = signsOf(front) ?? ['', ''];
    return open
      ? {
          ...front,
          before: front.before + open,
          text: front.text.slice(1, -1),
          after: close + front.after,
        }
      : front;
  });
}

/** Lines of one kind whose texts all stand in quotes. */
export const withQuotes = (fronts: readonly Front[]): Front[] =>
  between(fronts, QUOTES, () => true);

const BRACKETS: readonly (readonly [string, string])[] = [
  ['(', ')'],
  ['[', ']'],
];

/** Lines of one kind behind a sign that all name an option in brackets: 'Answer: (b)'. */
export const withBrackets = (fronts: readonly Front[]): Front[] =>
  between(fronts, BRACKETS, (text) => KEYS.test(text));
