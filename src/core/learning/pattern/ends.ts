// What stands behind texts, and quotes around them: signs at right options, and pairs of quotes around every text of a kind.
import { groupBy } from '../../shared/group-by';
import { fieldOfLine } from '../../shared/vocabulary/answer-lines';
import { trueFalseWords, verdictOf } from '../../shared/vocabulary/verdicts';
import { likelihoodOf } from '../../understanding';
import { KEYS } from './shapes';
import { truthWords } from './truth-words';
import { isLettered, keyOf, lettersIn, type Front } from './ways';

const END =
  /(\s[^\p{L}\p{N}\s.?!…,;:"'”’»)\]}-]{1,4}|\s(?:\||:|;|–|->|=>|=)\s?\p{L}{1,12}|\s?(?:[*✓✔✗✘+#]{1,3}|\(\p{L}{1,12}\)|\[\p{L}{1,12}\]|\([*✓✔x+]\)|<[-=]{1,2}|←))$/u;

/** Whether a sign behind a text, in brackets or not, says right or wrong. */
const saysVerdict = (end: string): boolean =>
  !/\p{L}/u.test(end) || verdictOf(lettersIn(end)) !== undefined;

/** Whether a sign behind a text says right to everybody, so that one line with it is enough. */
const saysRight = (end: string): boolean =>
  /[✓✔]/u.test(end) || (end.trim() !== '' && verdictOf(lettersIn(end)) === true);

const NAMED = 0.5;
const ANSWERS: ReadonlySet<string> = new Set(['answer', 'option', 'options']);

/** Of signs behind lines those that make statements of them: true behind one and false behind another, or letters for these behind each. */
function endsOfStatements(ends: readonly string[]): ReadonlySet<string> {
  const said = ends.filter(Boolean);
  const words = said.map(lettersIn);
  if (said.length > 1 && said.length === ends.length && truthWords(words)) {
    return new Set(said);
  }
  const truths = words.map((word) => trueFalseWords(word)?.isTrue);
  const areBoth = truths.includes(true) && truths.includes(false);
  return new Set(areBoth ? said.filter((_, at) => truths[at] !== undefined) : []);
}

/** Of lines that have the same in front, the signs behind them that stand at right options: 'B. Stop *'. */
function signsBehind(own: Front, ends: readonly (string | undefined)[]): ReadonlySet<string> {
  const counts = new Map(
    [...groupBy(ends, (end) => end ?? '')].map(([end, all]) => [end, all.length]),
  );
  const isOption =
    isLettered(own) ||
    ANSWERS.has(fieldOfLine(`${own.words}: x`)?.role ?? '') ||
    likelihoodOf(own.words, ['option', 'options']) > NAMED;
  const statements = isOption ? new Set() : endsOfStatements([...counts.keys()]);
  const isSign = ([end, times]: [string, number]): boolean => {
    const isTold = times > 1 || saysRight(end);
    return saysVerdict(end) && isTold && times < ends.length && !statements.has(end);
  };
  return new Set(
    [...counts]
      .filter(([end]) => end)
      .filter(isSign)
      .map(([end]) => end),
  );
}

/** A sign behind some lines of those that have the same in front, as at right options. */
export function withEnds(fronts: readonly Front[]): Front[] {
  const ended = fronts.map((front) => ({ front, end: END.exec(front.text)?.[1] }));
  const signs = new Map(
    [...groupBy(ended, ({ front }) => keyOf(front))].map(([key, alike]) => [
      key,
      signsBehind(
        alike[0].front,
        alike.map(({ end }) => end),
      ),
    ]),
  );
  return ended.map(({ front, end }) =>
    end !== undefined && signs.get(keyOf(front))!.has(end)
      ? { ...front, text: front.text.slice(0, front.text.length - end.length), after: end }
      : front,
  );
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

const CLOSING: Readonly<Record<string, string>> = { '[': ']', '(': ')', '{': '}', '<': '>' };
/** A bracket that stays open in front of a text, behind a word. */
const LEFT_OPEN = /([[({<])[^[\](){}<>]*\p{L}[^[\](){}<>]*$/u;

/** Lines of one kind whose front opens a bracket that closes behind every text: '[Topic: Locks]'. */
export function withClosed(fronts: readonly Front[]): Front[] {
  const closed = new Map(
    [...groupBy(fronts, keyOf)].map(([key, own]) => {
      const sign = CLOSING[LEFT_OPEN.exec(own[0].before)?.[1] ?? ''];
      const isClosed = own.every(
        ({ text }) => text.length > 1 && text.indexOf(sign ?? '') === text.length - 1,
      );
      return [key, isClosed ? sign : undefined];
    }),
  );
  return fronts.map((front) => {
    const sign = closed.get(keyOf(front));
    return sign ? { ...front, text: front.text.slice(0, -1), after: sign + front.after } : front;
  });
}

const BEGINNING = /^(?:\p{L}[\p{L}'’]*,? ){1,5}(?:[-–—]|\p{L}+:) (?=\S)/u;

/** Lines with what those of their kind begin their texts with moved to what stands in front; `startOf` says what that is. */
function withStarts(
  fronts: readonly Front[],
  startOf: (own: readonly Front[]) => string | undefined,
): Front[] {
  const starts = new Map([...groupBy(fronts, keyOf)].map(([key, own]) => [key, startOf(own)]));
  return fronts.map((front) => {
    const start = starts.get(keyOf(front));
    return start
      ? { ...front, before: front.before + start, text: front.text.slice(start.length) }
      : front;
  });
}

/** Lines of one kind that all begin with the same words and a sign behind them: 'True or false - A lock has gates.' */
export const withBeginnings = (fronts: readonly Front[]): Front[] =>
  withStarts(fronts, (own) => {
    const words = BEGINNING.exec(own[0]!.text)?.[0];
    const isSame = own.length > 1 && own.every(({ text }) => words && text.startsWith(words));
    return isSame ? words : undefined;
  });

const BRACKETS: readonly (readonly [string, string])[] = [
  ['(', ')'],
  ['[', ']'],
];

/** Lines of one kind behind a sign that all name an option in brackets: 'Answer: (b)'. */
export const withBrackets = (fronts: readonly Front[]): Front[] =>
  between(fronts, BRACKETS, (text) => KEYS.test(text));

const WORDED_LABEL = /^\s*(\p{L}{1,12}\s?)\{[#A]\}/u;
/** A word with the number or letter of an option behind it: 'A2', 'option b'. */
const NAMED_OPTION = /^(\p{L}{1,12}\s?)(?:\d{1,2}|(?<=\s)[A-Ja-j])$/u;

/** Lines of one kind that all name an option by its word and number, as other lines have them in front: 'KEY: A2' below 'A2: …'. */
export function withNamedOptions(fronts: readonly Front[]): Front[] {
  const labels = new Set(fronts.flatMap(({ before }) => WORDED_LABEL.exec(before)?.[1] ?? []));
  return withStarts(fronts, (own) => {
    const [word, ...others] = own.map(({ text }) => NAMED_OPTION.exec(text)?.[1]);
    const isName = word !== undefined && labels.has(word) && others.every((one) => one === word);
    return isName ? word : undefined;
  });
}
