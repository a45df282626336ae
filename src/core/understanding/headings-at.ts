// What heads a column: its own cell, the one above that reaches down, the group that stands over it and others.
import { filledIn, type Region } from '../shared/table/region';
import { explainsHeading } from './rules-row';

/** The heading above a column's own: merged over several, or of a row of headings that stands above this one. */
export function groupAbove(region: Region, headingRow: number, column: number): string {
  const merge = region.sheet.merges.find(
    (one) =>
      (one.bottom === headingRow - 1 || one.top === headingRow) &&
      column >= one.left &&
      column <= one.right &&
      one.right > one.left,
  );
  if (merge) {
    return region.cell(merge.top, merge.left);
  }
  const above = headingRow - 1;
  const isRow = above >= region.top && filledIn(region, above) > 1;
  return isRow ? region.cell(above, column) : '';
}

/** Headings longer than that are none; letters and numbers below one only count what it names. */
const LONGEST_ABOVE = 40;
const COUNTS = /^\(?(?:\p{L}|\d{1,2})[).]?$/u;

/** Whether the row above the headings holds headings too: over columns with none of their own, and over letters or numbers that count. */
function isHeadingsAbove(region: Region, headingRow: number): boolean {
  for (let column = region.left; column <= region.right; column++) {
    const above = region.cell(headingRow - 1, column);
    const own = region.cell(headingRow, column);
    if (above.length > LONGEST_ABOVE || (above && own && !COUNTS.test(own))) {
      return false;
    }
  }
  return true;
}

/** The heading of a column: its own, or the one above that reaches down to the row of the others. */
export function headingAt(region: Region, headingRow: number, column: number): string {
  const own = region.cell(headingRow, column);
  const above = headingRow - 1;
  if (above < region.top || filledIn(region, above) < 2) {
    return own;
  }
  if (own) {
    return explainsHeading(own) ? headingOver(region, above, column) || own : own;
  }
  if (!isHeadingsAbove(region, headingRow)) {
    return own;
  }
  return headingOver(region, above, column);
}

/** The cell above a column that stands over it alone; nothing where it reaches over several. */
function headingOver(region: Region, above: number, column: number): string {
  const isOverSeveral = region.sheet.merges.some(
    ({ top, left, right }) => top === above && right > left && column >= left && column <= right,
  );
  return isOverSeveral ? '' : region.cell(above, column);
}
