// A block of a sheet with clean texts, looked at by several stations.
import type { CellRange, Sheet } from '../../model';
import { alike, cleanText } from '../normalise';

export type Region = CellRange & { sheet: Sheet; cell(row: number, column: number): string };

/** The used block of a sheet, or the part of it that a range names. Texts come clean and are kept. */
export function regionOf(sheet: Sheet, range?: CellRange): Region {
  const cache: string[][] = [];
  const clean = (row: number): string[] => (cache[row] ??= (sheet.rows[row] ?? []).map(cleanText));
  const widest = sheet.rows.reduce((most, row) => Math.max(most, row.length), 0);
  const region: Region = {
    sheet,
    top: range?.top ?? 0,
    left: range?.left ?? 0,
    bottom: Math.min(range?.bottom ?? Infinity, sheet.rows.length - 1),
    right: Math.min(range?.right ?? Infinity, widest - 1),
    cell: (row, column) => clean(row)[column] ?? '',
  };
  while (region.bottom >= region.top && filledIn(region, region.bottom) === 0) {
    region.bottom--;
  }
  while (region.right >= region.left && columnIsEmpty(region, region.right)) {
    region.right--;
  }
  return region;
}

/** The same cells with rows as columns; what its sheet says of rows and columns stays as it is. */
export const turnedRegion = (region: Region): Region => ({
  ...region,
  top: region.left,
  left: region.top,
  bottom: region.right,
  right: region.bottom,
  cell: (row, column) => region.cell(column, row),
});

/** How many cells of a row are filled. */
export function filledIn(region: Region, row: number): number {
  let filled = 0;
  for (let c = region.left; c <= region.right; c++) {
    if (region.cell(row, c)) {
      filled++;
    }
  }
  return filled;
}

/** A row's cells as one comparable text, by which rows that say the same are told. */
export function rowText(region: Region, row: number): string {
  const texts: string[] = [];
  for (let column = region.left; column <= region.right; column++) {
    texts.push(alike(region.cell(row, column)));
  }
  return texts.join('\t');
}

function columnIsEmpty(region: Region, column: number): boolean {
  for (let r = region.top; r <= region.bottom; r++) {
    if (region.cell(r, column)) {
      return false;
    }
  }
  return true;
}

/** The row's number as a person sees it: the sheet's row, or the line of the text where the record starts. */
export const shownRow = (sheet: Sheet, row: number): number => sheet.lines?.[row] ?? row + 1;

/** The row with a shown number, from 0; the first one at or after it. */
export function rowShown(sheet: Sheet, shown: number): number {
  if (!sheet.lines) {
    return shown - 1;
  }
  const found = sheet.lines.findIndex((line) => line >= shown);
  return found < 0 ? sheet.rows.length : found;
}
