// Lines to write on, which a sheet draws below its open tasks.
import type { Draft } from './draft';
import { isToWriteOn, type TypedLine } from './typed-line';

/** Counts a line to write on for the question above it; one above which a text waits belongs to none. */
export function countDrawn(
  { current, waits }: { current: Draft | undefined; waits: boolean },
  line: TypedLine,
): void {
  if (current && !waits && isToWriteOn(line)) {
    current.drawn = (current.drawn ?? 0) + 1;
  }
}

/** Whether lines of a text part its questions: they stand below those that have options or answers as well. */
const arePartings = (drafts: readonly Draft[]): boolean =>
  drafts.some(({ drawn, options, answers }) => drawn && (options.length || answers.length));

/** Takes lines that part questions for what they are: they offer no room for an answer. */
export function takeDrawnLines(drafts: readonly Draft[]): void {
  const least = arePartings(drafts) ? 2 : 1;
  drafts.forEach((draft) => {
    if ((draft.drawn ?? 0) < least) {
      delete draft.drawn;
    }
  });
}
