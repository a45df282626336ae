// Lines that no label and no sign marks: by what stands above them they are options, or go on with what was said.
import type { Collected } from './collected';
import { plainOfPieces, type Draft } from './draft';
import type { Label } from './labels';
import { isJudged } from './lone';
import {
  asksOutright,
  countsParts,
  endsAsked,
  lastLineOf,
  marksOf,
  remarkOf,
  whole,
  type TypedLine,
} from './typed-line';

/** Whether a plain line below a stem that is whole is an option of it; `isApart` where a blank line parts them. */
export function takesPlainOption(draft: Draft, { text }: TypedLine, isApart: boolean): boolean {
  if (draft.answers.length || draft.fields.length || (isApart && draft.options.length > 0)) {
    return false;
  }
  const stem = lastLineOf(draft);
  const isWhole = endsAsked(stem) || /[.!]\s*$/.test(stem);
  return draft.options.length > 0 || (isWhole && !endsAsked(text));
}

/** A line without a label as an option. */
export function plainOption(line: TypedLine): Label {
  const { sign, ...marks } = marksOf(line);
  return { family: 'plain', counts: 'bullet', ...marks, ...(sign ? { mark: sign } : {}) };
}

/** Whether a line right below an answer or a remark goes on with it: it does unless it asks. */
const goesOnWith = ({ fields, answers }: Draft, { text }: TypedLine): boolean =>
  fields.length + answers.length > 0 && !endsAsked(text);

/** Where nothing marks the beginning of a question, a text behind a whole one begins the next. */
export function takeFreeText(line: TypedLine, found: Collected, isApart: boolean): void {
  const { current } = found;
  const remark = current?.options.length && !isApart && !found.waits ? remarkOf(line) : undefined;
  if (current && remark) {
    found.remark(remark, line);
  } else if (current && !isApart && !found.waits && goesOnWith(current, line)) {
    found.goOn(current, line);
  } else {
    found.wait(line);
  }
}

const NAMED = /^\s*\p{L}{1,12}\s?[:.)]/u;

/**
 * Whether a line asks as the stem of the open question does, behind options that do not: it begins the next one. Where a word or
 * a label opens it, those tell better.
 */
const asksAnew = (draft: Draft, { text, labels }: TypedLine): boolean =>
  draft.options.length > 1 &&
  labels.length === 0 &&
  !NAMED.test(text) &&
  asksOutright(text) &&
  asksOutright(lastLineOf(draft)) &&
  !draft.options.some(({ pieces }) => asksOutright(plainOfPieces(pieces)));

/** Neither questions nor options have labels: blank lines part questions, and what follows a whole stem is an option. */
export function takePlainText(line: TypedLine, found: Collected, isApart: boolean): void {
  const { current, isComplete } = found;
  if (!current || isApart || asksAnew(current, line)) {
    found.setAside('above');
    found.open(whole(line));
  } else if (takesPlainOption(current, line, isApart)) {
    found.addOption(line, plainOption(line));
  } else if (isComplete && !goesOnWith(current, line)) {
    found.wait(line);
  } else if (!isComplete && endsAsked(lastLineOf(current)) && endsAsked(line.text)) {
    found.open(whole(line));
  } else {
    found.goOn(current, line);
  }
}

/** Behind options that have labels, a word with a colon says something about the question; all else goes on. */
export function takeMore(
  found: Collected,
  draft: Draft,
  line: TypedLine,
  areLabelled: boolean,
): void {
  const remark = draft.options.length > 0 && areLabelled ? remarkOf(line) : undefined;
  if (remark) {
    found.remark(remark, line);
  } else {
    found.goOn(draft, line);
  }
}

const firstWord = (text: string): string => /\p{L}+/u.exec(text)?.[0] ?? '';
/** Whether a line counts parts, and is no option that begins with the word of those above it: 'Vitamin C' above 'Vitamin D'. */
const countsOn = (line: TypedLine, { options }: Pick<Draft, 'options'>): boolean =>
  countsParts(line) &&
  !(
    options.length > 0 &&
    options.every(({ pieces }) => firstWord(plainOfPieces(pieces)) === firstWord(line.text))
  );

/** Whether a question ends with a line right below it that counts parts: it is complete, or its text ends as a sentence does. */
export function endsWith(
  line: TypedLine,
  draft: Draft,
  found: Pick<Collected, 'isComplete'>,
): boolean {
  if (!countsOn(line, draft)) {
    return false;
  }
  const text = plainOfPieces(draft.stem);
  return found.isComplete || /[.!?？؟]["'”’»)]*\s*$/u.test(text) || isJudged(text);
}

/** Whether a question has options or an answer. */
export const hasAnswers = ({
  options,
  answers,
}: Pick<Draft, 'options' | 'answers'> = NONE): boolean => options.length + answers.length > 0;
const NONE: Pick<Draft, 'options' | 'answers'> = { options: [], answers: [] };
