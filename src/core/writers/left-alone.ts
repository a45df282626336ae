// What a filler tells of cells that it could not set.
import { count, listed } from '../shared/plain';

/** How many cells a sentence names. */
const SHOWN_CELLS = 6;

/** The sentence for cells of the blank that stay as they are; none where there is none. `why` says so for one cell and for several. */
export function leftAlone(
  cells: readonly string[],
  why: readonly [one: string, several: string],
): string[] {
  if (!cells.length) {
    return [];
  }
  const [each, were] = cells.length === 1 ? [why[0], 'was'] : [why[1], 'were'];
  const names = listed(cells.slice(0, SHOWN_CELLS));
  return [`${count(cells.length, 'cell')} of the blank ${each} and ${were} left alone: ${names}.`];
}
