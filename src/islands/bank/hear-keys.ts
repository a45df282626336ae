// The grid hears the keys of a spreadsheet.
import type { KeyboardEvent } from 'react';
import type { CellField } from '../parts/cells';
import type { cellActs } from './cell-acts';
import { pressKey, type Corner } from './grid-keys';
import { ROW } from './GridRow';
import type { OpenCell } from './use-editing';
import type { Selection } from './use-selection';

/** A page key leaves two rows of the last page in sight. */
const KEPT_ROWS = 2;
const USUAL_HEIGHT = 400;

type Given = {
  selection: Selection;
  rowCount: number;
  fields: readonly CellField[];
  scroller: HTMLElement | null;
  cell: OpenCell;
  acts: ReturnType<typeof cellActs>;
  go: (to: Corner, isExtending: boolean) => void;
};

export function gridKeys({ selection, rowCount, fields, scroller, cell, acts, go }: Given) {
  const { at, end, all } = selection;
  const rowsInSight = Math.floor((scroller?.clientHeight ?? USUAL_HEIGHT) / ROW);
  return (event: KeyboardEvent): void => {
    // Headings, and the text that is typed in a cell, have keys of their own.
    if (cell.editing || event.target !== event.currentTarget) {
      return;
    }
    const isTaken = pressKey(event, {
      at,
      end,
      rowCount,
      columnCount: fields.length,
      page: Math.max(1, rowsInSight - KEPT_ROWS),
      go,
      edit: (start) => cell.open(at.row, fields[at.column], start),
      selectAll: all,
      fillDown: acts.fillDown,
      clear: acts.clear,
      remove: acts.remove,
    });
    if (isTaken) {
      event.preventDefault();
    }
  };
}
