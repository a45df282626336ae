// The keys of a spreadsheet, as a table of what each does; the grid says how.
import type { KeyboardEvent } from 'react';

export type Direction = 'up' | 'down' | 'left' | 'right';
const DIRECTIONS: Record<string, Direction> = {
  ArrowUp: 'up',
  ArrowDown: 'down',
  ArrowLeft: 'left',
  ArrowRight: 'right',
};

export type GridActions = {
  /** The focused cell; row -1 where none is. */
  at: { row: number; column: number };
  rowCount: number;
  columnCount: number;
  /** Rows that a page key goes over. */
  page: number;
  /** Goes to a cell; places outside are brought to the edge. */
  focus(row: number, column: number): void;
  extend(direction: Direction): void;
  /** Opens the editor, with the key that was pressed or with the cell's own text. */
  edit(start: string | undefined): void;
  fillDown(): void;
  clear(): void;
  remove(): void;
  selectAll(): void;
};

function arrow(
  direction: Direction,
  far: boolean,
  { at, focus, rowCount, columnCount }: GridActions,
): void {
  const rows = far ? rowCount : 1;
  const columns = far ? columnCount : 1;
  focus(
    at.row + (direction === 'down' ? rows : direction === 'up' ? -rows : 0),
    at.column + (direction === 'right' ? columns : direction === 'left' ? -columns : 0),
  );
}

function named(event: KeyboardEvent, grid: GridActions): boolean {
  const { at, rowCount, columnCount, page, focus } = grid;
  const control = event.ctrlKey || event.metaKey;
  switch (event.key) {
    case 'Enter':
    case 'F2':
      grid.edit(undefined);
      return true;
    case 'Tab':
      // At the grid's ends Tab leaves it, so that nobody is caught in it.
      if (event.shiftKey ? at.column === 0 : at.column === columnCount - 1) {
        return false;
      }
      focus(at.row, at.column + (event.shiftKey ? -1 : 1));
      return true;
    case 'Home':
      focus(control ? 0 : at.row, 0);
      return true;
    case 'End':
      focus(control ? rowCount - 1 : at.row, columnCount - 1);
      return true;
    case 'PageDown':
      focus(at.row + page, at.column);
      return true;
    case 'PageUp':
      focus(at.row - page, at.column);
      return true;
    case 'Delete':
    case 'Backspace':
      if (control) {
        grid.remove();
      } else {
        grid.clear();
      }
      return true;
    case 'Escape':
      focus(at.row, at.column);
      return true;
    default:
      return false;
  }
}

/** Does what a key asks for; gives whether it was the grid's. */
export function pressKey(event: KeyboardEvent, grid: GridActions): boolean {
  const control = event.ctrlKey || event.metaKey;
  const direction = DIRECTIONS[event.key];
  if (grid.at.row < 0) {
    if (!direction && event.key !== 'Enter') {
      return false;
    }
    grid.focus(0, 2);
    return true;
  }
  if (direction) {
    if (event.shiftKey) {
      grid.extend(direction);
    } else {
      arrow(direction, control, grid);
    }
    return true;
  }
  if (named(event, grid)) {
    return true;
  }
  if (control && event.key.toLowerCase() === 'd') {
    grid.fillDown();
    return true;
  }
  if (control && event.key.toLowerCase() === 'a') {
    grid.selectAll();
    return true;
  }
  if (!control && !event.altKey && event.key.length === 1 && event.key !== '?') {
    grid.edit(event.key);
    return true;
  }
  return false;
}
