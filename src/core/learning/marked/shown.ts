// What the lines of a sample show by themselves: labels, numbers, a sign in front of some options, a line with the answer.
import { STEM_LABELS, type Layout } from '../../model';
import { labelForm } from '../../shared/labels';
import { defined } from '../../shared/defined';
import { fieldOfLine } from '../../shared/vocabulary/answer-lines';

type Marks = NonNullable<Layout['marks']>;

/** A second sign at options beside the right one's: the wrong ones' own. */
export function wrongSign(body: readonly string[], right: string): string | undefined {
  const signs = body
    .map((line) => /^\s*([^\p{L}\p{N}\s]{1,2})\s\S/u.exec(line)?.[1])
    .filter((sign) => sign && sign !== right);
  const other = tally(signs);
  return other && other[1] > 1 && other[1] === signs.length ? other[0] : undefined;
}

/** A line that names the right answer behind the options, and the words in front of it: 'Answer:'. */
export function keyLineIn(body: readonly string[]): string | undefined {
  const found = body.map((line) => {
    const field = fieldOfLine(line);
    return field?.role === 'answer' &&
      /^[A-Ja-j\d](?:\s*[,;]\s*[A-Ja-j\d])*[.)]?$/.test(field.value.trim())
      ? line.slice(0, field.valueFrom).trim()
      : undefined;
  });
  const line = tally(found);
  return line && line[1] > 1 ? line[0] : undefined;
}

const tally = (values: readonly (string | undefined)[]): [string, number] | undefined => {
  const counts = new Map<string, number>();
  for (const value of values) {
    if (value) {
      counts.set(value, (counts.get(value) ?? 0) + 1);
    }
  }
  return [...counts].sort((a, b) => b[1] - a[1])[0];
};

const FEWEST = 2;
const LABELLED = /^\s*([^\p{L}\p{N}\s([]{0,3})\s?([([]?)([A-Ja-j])([.):\]/-])\s+\S/u;
const BOX = /^\s*([[(][xX✓*][\])])\s\S/u;
const SIGN = /^([*+✓>=#!]{1,2})\s?\S/u;

/** A label as the layout names it: 'a)', 'A.'. */
const labelOf = ([, , open = '', letter = '', close = '']: RegExpExecArray): string =>
  `${open}${letter === letter.toLowerCase() ? 'a' : 'A'}${close}`;

/** A sign behind some of the labelled options, in most questions at one: 'B. Mars *', 'b) Mars (correct)'. */
function signBehind(options: readonly string[]): string | undefined {
  const ends = options.map(
    (line) => /\s([^\p{L}\p{N}\s.?!,;:"'’”…]{1,3}|\(\p{L}{1,12}\))\s*$/u.exec(line)?.[1],
  );
  const end = tally(ends);
  const isSome = end !== undefined && end[1] > 1 && end[1] <= options.length / 2;
  return isSome && end[1] === ends.filter(Boolean).length ? end[0] : undefined;
}

/** The sign in front of options without labels: a ticked box, else the one that comes most often. */
function unlabelledSign(body: readonly string[]): string | undefined {
  const first = (pattern: RegExp): string | undefined =>
    tally(body.map((line) => pattern.exec(line)?.[1]))?.[0];
  return first(BOX) ?? first(SIGN);
}

export type Shown = {
  marks: Partial<Marks>;
  /** How many options have labels, and how many of them the sign of right ones. */
  options: number;
  right: number;
  /** Whether one sign alone stands at some of the labelled options, and at none of the others. */
  isClear: boolean;
};

/** The labels of options; letters that count begin with the first one. */
function labelsIn(body: readonly string[]): RegExpExecArray[] {
  const lettered = body.map((line) => LABELLED.exec(line)).filter((match) => match !== null);
  return lettered.some(([, , , letter]) => letter?.toLowerCase() === 'a') ? lettered : [];
}

type AtLabels = Pick<Shown, 'right' | 'isClear'> & Pick<Marks, 'rightAt'> & { sign?: string };

/** The sign in front of some of the labels, or behind some of the labelled options. */
function signAtLabels(body: readonly string[], labels: readonly RegExpExecArray[]): AtLabels {
  const [sign, times = 0] = tally(labels.map((match) => match[1])) ?? [];
  const isOne = new Set(labels.map((match) => match[1]).filter(Boolean)).size === 1;
  const behind = sign ? undefined : signBehind(body.filter((line) => LABELLED.test(line)));
  return behind === undefined
    ? { ...defined({ sign }), right: times, isClear: isOne && times < labels.length }
    : { sign: behind, rightAt: 'behind', right: FEWEST, isClear: true };
}

/** What the samples themselves show: numbers before stems, labels before options, a sign before some of them. */
export function shownMarks(body: readonly string[]): Shown {
  const stem = tally(
    body.map((line) => (/^(?:[([]|Q)?\d/.test(line) ? labelForm(line, STEM_LABELS) : undefined)),
  );
  const labels = labelsIn(body);
  const label = tally(labels.map(labelOf))?.[0];
  const { sign, rightAt, ...told } = signAtLabels(body, labels);
  return {
    options: labels.length,
    ...told,
    marks: defined({
      stemLabel: stem?.[0] as Marks['stemLabel'],
      optionLabel: label as Marks['optionLabel'],
      right: sign ?? (label ? undefined : unlabelledSign(body)),
      rightAt,
    }),
  };
}
