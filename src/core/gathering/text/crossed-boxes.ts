// Boxes in front of options: crossed ones are the chosen ones among empty boxes.
import type { Draft } from './draft';

const CROSSED: ReadonlySet<string> = new Set(['☒', '✗', '✘', '✖', '❌']);
const EMPTY: ReadonlySet<string> = new Set(['☐', '□', '○', '[ ]', '[]', '[_]', '( )', '(_)']);
const TICKED: ReadonlySet<string> = new Set(['☑', '✓', '✔', '✅', '■', '●', '◉', '⦿']);

const isIn = (signs: ReadonlySet<string>, mark: string | undefined): boolean =>
  mark !== undefined && signs.has(mark);

/** Whether an option's sign is a cross. */
export const isCross = (mark: string | undefined): boolean => isIn(CROSSED, mark);

/** Whether crossed boxes are the chosen ones: they are among empty boxes, and the wrong ones beside ticked ones. */
export function areCrossedOut({ options }: Draft): boolean {
  const has = (signs: ReadonlySet<string>): boolean =>
    options.some(({ mark }) => isIn(signs, mark));
  return has(CROSSED) && has(EMPTY) && !has(TICKED);
}

/** The signs at a question's options that say which are right. */
export function rightMarks(draft: Draft): string[] {
  const areCrosses = areCrossedOut(draft);
  return draft.options.flatMap(({ right, mark }) =>
    mark && (areCrosses ? CROSSED.has(mark) : right) ? [mark] : [],
  );
}
