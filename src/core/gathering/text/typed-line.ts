// A line of a typed text, and what it is by itself.
import type { DocumentLine } from '../../model';
import { shareOf } from '../../shared/rich-text';
import type { Draft } from './draft';
import { labelsOf, type Label } from './labels';
import { takeMarks } from './marks';
import type { Piece } from './tokens';

/** A line with what it may begin with; text that a blank line or a rule stands for has none. */
export type TypedLine = {
  line: DocumentLine;
  text: string;
  labels: readonly Label[];
  isBlank: boolean;
  isBold: boolean;
  /** Its place in two lists that stand side by side. */
  side?: SideLine;
};

/** A line of two lists side by side, with the label of its number. */
export type SideLine = {
  label: Label;
  /** Whether the lists begin here. */
  isFirst: boolean;
};

const BOLD_SHARE = 0.85;
const isBoldLine = ({ runs }: DocumentLine): boolean =>
  runs !== undefined && shareOf(runs, (run) => Boolean(run.bold)) > BOLD_SHARE;

/** A line of a document with its labels. */
export const typedLine = (line: DocumentLine): TypedLine => ({
  line,
  text: line.text,
  labels: labelsOf(line),
  isBlank: !line.text.trim() && !line.pictures?.length,
  isBold: isBoldLine(line),
});

const indentOf = (text: string): number => text.length - text.trimStart().length;

/** The whole text of a line without the blanks around it. */
export const whole = ({ line, text }: TypedLine): Piece & { indent: number } => ({
  line,
  from: indentOf(text),
  to: text.trimEnd().length,
  indent: indentOf(text),
});

/** What stands in a line from a place on. */
export const restOf = ({ line, text }: TypedLine, from: number): Piece => ({
  line,
  from,
  to: text.trimEnd().length,
});

/** A line without the signs that say right or wrong. */
export const marksOf = ({ text }: TypedLine): ReturnType<typeof takeMarks> =>
  takeMarks(text, indentOf(text));

/** The last line of a question's text. */
export function lastLineOf({ stem }: Draft): string {
  const { line, from, to } = stem.at(-1)!;
  return line.text.slice(from, to);
}

const ASKED = /[?？؟:…]["'”’)\]]*\s*(?:[([].{1,20}[)\]])?\s*$|_{2,}\W*$|\.\.\.\s*$/u;
/** Whether a text ends as questions do; points in brackets may stand behind. */
export const endsAsked = (text: string): boolean => ASKED.test(text);

const ASKS = /[?？؟]["'”’»)\]]*\s*$/u;
/** Whether a text ends with a question mark, in whatever quotes or brackets. */
export const asksOutright = (text: string): boolean => ASKS.test(text);

const RULE = /^\s*(?:[-–—_=~·.…]\s*){3,}$/u;
/** A line of nothing but strokes: to write on, or to part questions. */
export const isRule = ({ line, text }: TypedLine): boolean => RULE.test(text) && !line.label;

const DRAWN = /_{2,}|\.{4,}|…/gu;
/** How many gaps a text has that are drawn. */
export const drawnIn = (text: string): number => text.match(DRAWN)?.length ?? 0;

const TO_WRITE_ON = /^[_.…\s]+$/u;
/** So long is a line to write a sentence on. */
const LEAST_DRAWN = 20;
/** Whether a rule is long enough to write an answer on, and drawn as such lines are. */
export const isToWriteOn = ({ text }: TypedLine): boolean => {
  const drawn = text.trim();
  return TO_WRITE_ON.test(drawn) && (drawn.length >= LEAST_DRAWN || /…{7}/u.test(drawn));
};

const HALVES = /\S(?:\s(?:==?>?|=>|->|→|↔|–|—)\s|\s*(?:=>|->|→)\s*|\t+)\S/u;
/** A line of two halves, as pairs are typed. */
export const halvesOf = (line: TypedLine): Label[] => {
  const { from, to } = whole(line);
  return HALVES.test(line.text) ? [{ family: 'halves', counts: 'bullet', from, to }] : [];
};

const BRACKETED =
  /^\s*[([]\s*([A-Ja-j](?:\s*(?:[,;&/+]|and|und|et|y|en|e)\s*[A-Ja-j])*)\s*[)\]]\s*$/u;
/** Letters alone in brackets, '(B)' or '[a, c]': the answer to the question above; undefined where a line is none. */
export function bracketed({ line, text }: TypedLine): Piece | undefined {
  const letters = BRACKETED.exec(text)?.[1];
  const from = letters === undefined ? -1 : text.indexOf(letters);
  return letters === undefined ? undefined : { line, from, to: from + letters.length };
}

const REMARK = /^\s*\p{Lu}\p{L}{2,14}(?:(?: \p{L}{2,14})?\s?[:=]|\s[–-])\s+(?=\S)/u;
/** What a word with a colon, or a lone one with a dash, says of a question; undefined where no such word stands in front. */
export function remarkOf({ line, text }: TypedLine): Piece | undefined {
  const remark = REMARK.exec(text);
  return remark ? { line, from: remark[0].length, to: text.trimEnd().length } : undefined;
}

/** A line that counts parts: 'Section 2: …'. */
export const PART = /^\s*\p{Lu}\p{L}{2,14}\.? (?:\d{1,2}|[A-Z]|[IVX]{1,4})(?:\s*[:.–([-]|\s*$)/u;
/** Whether a line counts parts: 'Section 2: …'. */
export const countsParts = ({ text }: TypedLine): boolean => PART.test(text);
