// Options that stand on one line, parted by tabs or blanks: each begins with the next label of its family.
import type { Counting, Label } from './labels';
import { labelsOf } from './labels';
import type { OptionSign } from './signs';
import type { TypedLine } from './typed-line';

/** The options of a line, and the text in front of the first of them. */
export type Inline = { before: string; labels: Label[] };

/** Longer lines are paragraphs. */
const LONGEST = 600;

/** Places at which a label may begin: the line's own beginning, or behind a blank. */
function* places(text: string): Generator<number> {
  yield text.length - text.trimStart().length;
  for (const match of text.matchAll(/\s+(?=\S)/gu)) {
    if (match.index > 0) {
      yield match.index + match[0].length;
    }
  }
}

const TAB = 8;
/** How wide blanks look; a tab parts more than a blank. */
const widthOf = (blanks: string): number =>
  [...blanks].reduce((sum, sign) => sum + (sign === '\t' ? TAB : 1), 0);

/** Whether a sign at a place belongs to the option before it: it stands nearer to that than to the label behind. */
function isOthersMark(text: string, at: number): boolean {
  const before = /\s*$/u.exec(text.slice(0, at))![0];
  const after = /^[^\s\p{L}\p{N}([]+(\s+)/u.exec(text.slice(at))?.[1] ?? '';
  return at > 0 && widthOf(after) > widthOf(before);
}

/** By the second of its labels a line of several options is known at once; all others need no closer look. */
const SECOND: Partial<Record<Counting, RegExp>> = {
  number: /(?:^|[\s([{<*✓✔+])0?2(?!\d)/u,
  upper: /(?:^|[\s([{<*✓✔+])B(?![\p{L}\d])/u,
  lower: /(?:^|[\s([{<*✓✔+])b(?![\p{L}\d])/u,
  roman: /(?:^|[\s([{<*✓✔+])ii(?![\p{L}\d])/iu,
  circled: /②/u,
};

/** The first labels of options that stand on one line behind a text: what they begin with, found nowhere at a line's beginning. */
export function labelsWithin({ line, text }: TypedLine): Label[] {
  const mayHave = Object.values(SECOND).some((second) => second.test(text));
  if (!mayHave || text.length > LONGEST) {
    return [];
  }
  const own = [...places(text)].flatMap((at) =>
    labelsOf({ line: line.line, text: text.slice(at) }).filter(
      ({ counts, n }) => n !== undefined && counts !== 'word',
    ),
  );
  return own.filter(
    ({ n, family }, index) =>
      n === 0 && own.slice(index + 1).some((next) => next.family === family && next.n === 1),
  );
}

/** Splits a line where two labels or more of the family stand in it in their order; undefined where they don't. */
export function splitOptions({ line, text }: TypedLine, option: OptionSign): Inline | undefined {
  if (option.is !== 'label' || text.length > LONGEST || !SECOND[option.counts]?.test(text)) {
    return undefined;
  }
  const found: { at: number; label: Label }[] = [];
  for (const at of places(text)) {
    // What stands behind a place is looked at as a line of its own.
    const label = labelsOf({ line: line.line, text: text.slice(at) }).find(
      ({ family, n }) => family === option.family && n === found.length,
    );
    if (label && !isOthersMark(text, at)) {
      found.push({ at, label: { ...label, from: label.from + at, to: label.to + at } });
    }
  }
  if (found.length < 2) {
    return undefined;
  }
  const labels = found.map(({ at, label }, index): Label => {
    const end = found[index + 1]?.at ?? text.length;
    const own = labelsOf({ line: line.line, text: text.slice(at, end).trimEnd() }).find(
      ({ family }) => family === option.family,
    );
    // A label with nothing behind it is told by what follows alone.
    return own ? { ...own, from: own.from + at, to: own.to + at } : { ...label, to: end };
  });
  return { before: text.slice(0, found[0]!.at), labels: withoutSigns(text, labels) };
}

const PARTING = /\s*[;,|]\s*$/u;
/** Options without the sign between them, where it ends all but the last. */
function withoutSigns(text: string, labels: readonly Label[]): Label[] {
  const own = labels.map(({ from, to }) => PARTING.exec(text.slice(from, to))?.[0] ?? '');
  const isEach = own.slice(0, -1).every((sign) => sign !== '');
  return isEach
    ? labels.map((label, at) => ({ ...label, to: label.to - own[at]!.length }))
    : [...labels];
}
