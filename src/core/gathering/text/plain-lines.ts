// Lines that no label and no sign marks: by what stands above them they are options, or go on with what was said.
import type { Draft } from './draft';
import { endsAsked, lastLineOf, type TypedLine } from './typed-line';

/** Whether a plain line below a stem that is whole is an option of it; `isApart` where a blank line parts them. */
export function takesPlainOption(draft: Draft, { text }: TypedLine, isApart: boolean): boolean {
  if (draft.answers.length || draft.fields.length || (isApart && draft.options.length > 0)) {
    return false;
  }
  const stem = lastLineOf(draft);
  const isWhole = endsAsked(stem) || /[.!]\s*$/.test(stem);
  return draft.options.length > 0 || (isWhole && !endsAsked(text));
}

/** Whether a line right below an answer or a remark goes on with it: it does unless it asks. */
export const goesOnWith = ({ fields, answers }: Draft, { text }: TypedLine): boolean =>
  fields.length + answers.length > 0 && !endsAsked(text);
