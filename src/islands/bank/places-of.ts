// Where the grid's columns stand, in pixels.
import type { GridTable } from './use-grid-table';

/** The state of each question, before the first column. */
export const STATE_WIDTH = 30;

const sizesOf = (table: GridTable): number[] =>
  table.getAllLeafColumns().map((column) => column.getSize());
const sum = (sizes: readonly number[]): number => sizes.reduce((all, size) => all + size, 0);

/** The columns as tracks of a grid. */
export const templateOf = (table: GridTable): string =>
  [STATE_WIDTH, ...sizesOf(table)].map((size) => `${size}px`).join(' ');

export const widthOf = (table: GridTable): number => STATE_WIDTH + sum(sizesOf(table));

/** The left edge of a column. */
export const leftOf = (table: GridTable, index: number): number =>
  STATE_WIDTH + sum(sizesOf(table).slice(0, index));
