// What stands in front of a line of marked text and behind it: as a text for writing, as a pattern for reading.
import { literal } from './literal';
import { optionLetter } from './plain';

/** Stands for the number of a question until its place in the file is known (Unicode's private use). */
const NUMBER_PLACE = '\ue0f0';
/** Stands for how many questions the file has, until that is known. */
const TOTAL_PLACE = '\ue0f1';

/** Stands in front of each question but the first, where one became several. */
const QUESTION_PLACE = '\ue0f2';

/** The lines of several questions that one became, with what parts questions between them. */
export const joinedQuestions = (texts: readonly string[], between: readonly string[]): string =>
  texts.join(`${['', ...between, ''].join('\n')}${QUESTION_PLACE}`);

/** How many questions such lines hold. */
export const questionsIn = (text: string): number => text.split(QUESTION_PLACE).length;

/** Lines of questions with the number of each, the first one's being `first`, and how many there are in all, in the places that wait for them. */
export const numberedText = (text: string, first: number, total: number): string =>
  text
    .split(QUESTION_PLACE)
    .map((own, at) =>
      own.replaceAll(NUMBER_PLACE, String(first + at)).replaceAll(TOTAL_PLACE, String(total)),
    )
    .join('');

/** A question's lines without the places that wait for numbers. */
export const withoutPlaces = (text: string): string =>
  text.replaceAll(NUMBER_PLACE, '').replaceAll(TOTAL_PLACE, '').replaceAll(QUESTION_PLACE, '');

/** Around the text of a line. */
export type Around = { before: string; after?: string | undefined };

const COUNTERS: Readonly<Record<string, string>> = {
  '{n}': String.raw`\d{1,5}`,
  '{1}': String.raw`\d{1,3}`,
  '{a}': '[a-z]',
  '{A}': '[A-Z]',
};
const COUNTER = /(?<!\{)\{[n1aA]\}(?!\})/gu;
const OWN_BRACES = /\{\{([n1aA])\}\}/gu;

/** What a receiver itself writes as a counter stands in this pattern: '{{A}}' for its own '{A}'. */
export const withOwnBraces = (text: string): string =>
  text.replace(/\{[n1aA]\}/gu, (own) => `{${own}}`);
const fromOwnBraces = (text: string): string => text.replace(OWN_BRACES, '{$1}');

/** A line with the sign of the nth option, from 0, in front of its text. */
export function lineAround({ before, after = '' }: Around, text: string, n = 0): string {
  const letter = optionLetter(n);
  const said: Record<string, string> = {
    '{n}': NUMBER_PLACE,
    '{1}': `${n + 1}`,
    '{a}': letter.toLowerCase(),
    '{A}': letter,
  };
  return fromOwnBraces(before.replace(COUNTER, (counter) => said[counter]!)) + text + after;
}

/** The place from 0 of the option whose letter or number stands in front of a line; undefined where none does. */
export function placeInFront(line: string, { before }: Around): number | undefined {
  const place = MOST_LETTERS.findIndex((_, n) => line.startsWith(lineAround({ before }, '', n)));
  return place < 0 ? undefined : place;
}
const MOST_LETTERS = Array.from({ length: 26 });

/** A line that says the same in every question but for its number, {n}, and how many there are, {N}. */
export const fixedText = (line: string): string =>
  line.replace('{n}', NUMBER_PLACE).replace('{N}', TOTAL_PLACE);

const patterns = new Map<string, RegExp>();
/** More are not kept: what is typed over makes a new one each time. */
const MOST_KEPT = 500;

/** The pattern of what stands in lines, made once. */
function patternOf(key: string, source: () => string): RegExp {
  const known = patterns.get(key);
  if (known) {
    return known;
  }
  if (patterns.size >= MOST_KEPT) {
    patterns.clear();
  }
  const pattern = new RegExp(source(), 'u');
  patterns.set(key, pattern);
  return pattern;
}

/** Whether a line is such a line, whatever its number. */
export const isFixed = (line: string | undefined, fixed: string): boolean =>
  line !== undefined &&
  (fixed.includes('{n}')
    ? patternOf(
        fixed,
        () =>
          `^${fixed
            .split(/\{[nN]\}/u)
            .map(literal)
            .join('\\d{1,5}')}$`,
      ).test(line)
    : line === fixed);

/** A line that stands so; its text is the first group. */
export function aroundPattern({ before, after = '' }: Around): RegExp {
  return patternOf(`${before}\n${after}`, () => {
    const front = before
      .split(/((?<!\{)\{[n1aA]\}(?!\}))/u)
      .map((piece) => COUNTERS[piece] ?? literal(fromOwnBraces(piece)))
      .join('');
    return `^${front}(\\S|\\S.*\\S)${literal(after)}\\s*$`;
  });
}

/** Whether a line stands so without a text, where it is kept for a question that has none. */
export const isKeptEmpty = (
  line: string,
  { before, isKept }: Around & { isKept?: boolean | undefined },
): boolean => isKept === true && line === before.trimEnd();

type Part = Around & { wrong?: Around | undefined; one?: string | undefined };
/** Around a line of a part, and whether a wrong option stands so. */
export type PartWay = { around: Around; isWrong: boolean };

/** Every way in which the lines of a part stand: as most do, as wrong options do, and as a number does that is 1. */
export const waysOfPart = (part: Part): PartWay[] => [
  { around: part, isWrong: false },
  ...(part.wrong ? [{ around: part.wrong, isWrong: true }] : []),
  ...(part.one === undefined
    ? []
    : [{ around: { before: part.before, after: part.one }, isWrong: false }]),
];

/** Whether nothing but blanks stands in front of a line. */
export const isBare = ({ before }: Around): boolean => !before.trim();

const TAG_IN_FRONT = /<\p{L}[^<>]*>$/u;
const TAG_BEHIND = /^<\//u;
const YAML_FIRST = /^- [\p{L}_][\p{L}\d_-]*: $/u;
const YAML_OTHER = /^\s+(?:- )?(?:[\p{L}_][\p{L}\d_-]*: )?$/u;

export type Quoting = 'xml' | 'yaml' | 'string' | 'none';

/** What a text must be written as, by what stands around it and the other lines: between tags, as a value of YAML, in quotes. */
export function quotingOf(own: Around, parts: readonly Around[]): Quoting {
  const { before, after = '' } = own;
  if (TAG_IN_FRONT.test(before) && TAG_BEHIND.test(after)) {
    return 'xml';
  }
  if (before.endsWith('"') && after.startsWith('"')) {
    return 'string';
  }
  const [first, ...others] = parts;
  const isYaml =
    first !== undefined &&
    YAML_FIRST.test(first.before) &&
    others.every((part) => YAML_OTHER.test(part.before));
  return isYaml ? 'yaml' : 'none';
}

/** A value of YAML 1.2 that needs no quotes: it begins with a letter and holds no sign that means something. */
const PLAIN_VALUE = /^(?!(?:true|false|null|yes|no|on|off|y|n)$)[\p{L}][^:#"'\\]*$/iu;

const asXml = (text: string): string =>
  text.replace(/&/gu, '&amp;').replace(/</gu, '&lt;').replace(/>/gu, '&gt;');
const SIGNS: Readonly<Record<string, string>> = {
  amp: '&',
  lt: '<',
  gt: '>',
  quot: '"',
  apos: "'",
};
const fromXml = (text: string): string =>
  text.replace(/&(amp|lt|gt|quot|apos);/gu, (_, name: string) => SIGNS[name]!);

function fromString(text: string): string {
  try {
    return JSON.parse(`"${text}"`) as string;
  } catch {
    return text;
  }
}

const isPlainNumber = (text: string): boolean => /^\d+$/u.test(text);
type Rewrite = Readonly<Record<Quoting, (text: string) => string>>;
const QUOTE: Rewrite = {
  xml: asXml,
  string: (text) => JSON.stringify(text).slice(1, -1),
  yaml: (text) => (PLAIN_VALUE.test(text) || isPlainNumber(text) ? text : JSON.stringify(text)),
  none: (text) => text,
};
const UNQUOTE: Rewrite = {
  xml: fromXml,
  string: fromString,
  yaml: (text) => (/^".*"$/su.test(text) ? fromString(text.slice(1, -1)) : text),
  none: (text) => text,
};

/** A text written so that its receiver reads it as it is (XML 1.0, 2.4; YAML 1.2, 7.3; RFC 8259, 7). */
export const quotedAs = (text: string, quoting: Quoting): string => QUOTE[quoting](text);

/** The text that was written so. */
export const unquoted = (text: string, quoting: Quoting): string => UNQUOTE[quoting](text);
