// The keys of a spreadsheet, as a table of what each does; the grid says how.
import type { KeyboardEvent } from 'react';

export type Corner = { row: number; column: number };

export type GridActions = {
  /** The cell that one is at, row -1 where there is none, and the other end of what is selected. */
  at: Corner;
  end: Corner;
  rowCount: number;
  columnCount: number;
  /** Rows that a page key goes over. */
  page: number;
  /** Goes to a cell, or selects up to it; places outside are brought to the edge. */
  go: (to: Corner, isExtending: boolean) => void;
  /** Opens the editor, with the key that was pressed or with the cell's own text. */
  edit: (start: string | undefined) => void;
  fillDown: () => void;
  clear: () => void;
  remove: () => void;
  selectAll: () => void;
};

type Held = { isFar: boolean; grid: GridActions };
type Move = (from: Corner, held: Held) => Corner;

const rows =
  (sign: 1 | -1): Move =>
  ({ row, column }, { isFar, grid }) => ({
    row: row + sign * (isFar ? grid.rowCount : 1),
    column,
  });
const columns =
  (sign: 1 | -1): Move =>
  ({ row, column }, { isFar, grid }) => ({
    row,
    column: column + sign * (isFar ? grid.columnCount : 1),
  });

const MOVES: Readonly<Record<string, Move>> = {
  ArrowUp: rows(-1),
  ArrowDown: rows(1),
  ArrowLeft: columns(-1),
  ArrowRight: columns(1),
  Home: ({ row }, { isFar }) => ({ row: isFar ? 0 : row, column: 0 }),
  End: ({ row }, { isFar, grid }) => ({
    row: isFar ? grid.rowCount - 1 : row,
    column: grid.columnCount - 1,
  }),
  PageDown: ({ row, column }, { grid }) => ({ row: row + grid.page, column }),
  PageUp: ({ row, column }, { grid }) => ({ row: row - grid.page, column }),
};

type Act = (grid: GridActions, event: KeyboardEvent) => void;
const isControl = ({ ctrlKey, metaKey }: KeyboardEvent): boolean => ctrlKey || metaKey;

const empty: Act = (grid, event) => (isControl(event) ? grid.remove() : grid.clear());
const NAMED: Readonly<Record<string, Act>> = {
  F2: (grid) => grid.edit(undefined),
  Enter: (grid) => grid.edit(undefined),
  Delete: empty,
  Backspace: empty,
  Escape: (grid) => grid.go(grid.at, false),
};
const WITH_CONTROL: Readonly<Record<string, Act>> = {
  d: (grid) => grid.fillDown(),
  a: (grid) => grid.selectAll(),
};

/** What a key does besides moving; undefined where it is not the grid's. */
function actOf(event: KeyboardEvent): Act | undefined {
  if (isControl(event)) {
    const isMainAct = event.key === 'Enter';
    return isMainAct ? undefined : (WITH_CONTROL[event.key.toLowerCase()] ?? NAMED[event.key]);
  }
  const isText = event.key.length === 1 && event.key !== '?' && !event.altKey;
  return NAMED[event.key] ?? (isText ? (grid) => grid.edit(event.key) : undefined);
}

/** Tab goes from cell to cell; at the grid's ends it leaves it, so that nobody is caught in it. */
function pressTab({ shiftKey }: KeyboardEvent, { at, columnCount, go }: GridActions): boolean {
  const column = at.column + (shiftKey ? -1 : 1);
  if (column < 0 || column >= columnCount) {
    return false;
  }
  go({ row: at.row, column }, false);
  return true;
}

/** Where none is focused the first key goes to the first question's text. */
const FIRST: Corner = { row: 0, column: 1 };

/** Does what a key asks for; gives whether it was the grid's. */
export function pressKey(event: KeyboardEvent, grid: GridActions): boolean {
  const move = MOVES[event.key];
  if (grid.at.row < 0) {
    const isStart = event.key.startsWith('Arrow') || (event.key === 'Enter' && !isControl(event));
    if (isStart) {
      grid.go(FIRST, false);
    }
    return isStart;
  }
  if (move) {
    const from = event.shiftKey ? grid.end : grid.at;
    grid.go(move(from, { isFar: isControl(event), grid }), event.shiftKey);
    return true;
  }
  if (event.key === 'Tab') {
    return pressTab(event, grid);
  }
  const act = actOf(event);
  act?.(grid, event);
  return act !== undefined;
}
