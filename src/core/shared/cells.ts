// Addresses of cells as spreadsheets write them. Rows and columns count from 0 here, addresses from 1 and A.
import type { CellRange } from '../model';

/** The letters of a column: 0 is 'A', 26 is 'AA'. */
export function columnLetters(index: number): string {
  let letters = '';
  for (let rest = index; rest >= 0; rest = Math.floor(rest / 26) - 1) {
    letters = String.fromCharCode(65 + (rest % 26)) + letters;
  }
  return letters;
}

/** The index of a column's letters, case ignored: 'A' is 0. Gives -1 where the text holds anything else. */
export function columnIndex(letters: string): number {
  if (!/^[A-Za-z]{1,3}$/.test(letters)) {
    return -1;
  }
  return (
    [...letters.toUpperCase()].reduce((sum, letter) => sum * 26 + letter.charCodeAt(0) - 64, 0) - 1
  );
}

/** 'B7' for row 6, column 1. */
export const cellName = (row: number, column: number): string =>
  `${columnLetters(column)}${row + 1}`;

/** Row and column of 'B7' or '$B$7'; undefined where the text is no address. */
export function parseCell(name: string): { row: number; column: number } | undefined {
  const match = /^\$?([A-Za-z]{1,3})\$?([1-9]\d{0,6})$/.exec(name.trim());
  if (!match) {
    return undefined;
  }
  return { row: Number(match[2]) - 1, column: columnIndex(match[1]!) };
}

/** The block 'A1:E10' (or a lone 'B2', or whole columns 'A:C'), corners in any order; undefined where it is none. */
export function parseRange(text: string): CellRange | undefined {
  const [first = '', second = first] = text.trim().split(':');
  const whole = /^\$?[A-Za-z]{1,3}$/;
  if (whole.test(first) && whole.test(second)) {
    const columns = [first, second].map((part) => columnIndex(part.replace('$', '')));
    return { top: 0, bottom: 1_048_575, left: Math.min(...columns), right: Math.max(...columns) };
  }
  const a = parseCell(first);
  const b = parseCell(second);
  if (!a || !b) {
    return undefined;
  }
  return {
    top: Math.min(a.row, b.row),
    bottom: Math.max(a.row, b.row),
    left: Math.min(a.column, b.column),
    right: Math.max(a.column, b.column),
  };
}

/** 'A1:E10' for a block. */
export const rangeName = (range: CellRange): string =>
  `${cellName(range.top, range.left)}:${cellName(range.bottom, range.right)}`;

/** Every block of a list as workbooks write it, 'A2:A9 C2'; what is no address is left out. */
export const parseRanges = (text: string): CellRange[] =>
  text.split(/\s+/).flatMap((part) => parseRange(part) ?? []);
