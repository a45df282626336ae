// What a filler tells of cells that it could not set.
import { listed } from '../shared/plain';

/** How many cells a sentence names. */
const SHOWN_CELLS = 6;

/** What a filler's sentence tells: how many cells stay as they are, and which. */
type Left = { cells: number; names: string };

/** The sentence for cells of the blank that stay as they are; none where there is none. */
export const leftAlone = (cells: readonly string[], sentence: (left: Left) => string): string[] =>
  cells.length
    ? [sentence({ cells: cells.length, names: listed(cells.slice(0, SHOWN_CELLS)) })]
    : [];
