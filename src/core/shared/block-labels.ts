// The labels in front of a block's rows; the one that opens a block may count the blocks.
import { alike } from './normalise';

const PLACE = '{n}';

/** A label that counts the blocks, as a layout keeps it: 'Question {n}'; `isTight` where no blank parts the two, 'Q{n}'. */
export const countedLabel = (words: string, isTight = false): string =>
  `${words}${isTight ? '' : ' '}${PLACE}`;

/** The label as it stands in front of the block of a number, from 1. */
export const labelAt = (label: string, block: number): string =>
  label.replace(PLACE, String(block));

/** Whether a cell in front of a row holds a label, with any number where it counts. */
export function isLabel(label: string, cell: string): boolean {
  if (!label.includes(PLACE)) {
    return alike(label) === alike(cell);
  }
  const number = /(\d+)\D*$/u.exec(cell)?.[1];
  return number !== undefined && alike(labelAt(label, Number(number))) === alike(cell);
}
