// What the rows of the grid hear, the same functions from one drawing to the next.
import { useMemo, useRef, useEffect, type MouseEvent } from 'react';
import type { CellField } from '../parts/cells';
import type { RowActs } from './grid-types';
import type { GridTable } from './use-grid-table';
import type { OpenCell } from './use-editing';

type Now = {
  table: GridTable;
  cell: OpenCell;
  rowOf: (id: string) => number;
  focusGrid: () => void;
};

/** Selects from where one is to this cell; goes to it where one is nowhere. */
function extendTo(table: GridTable, id: string, field: CellField): void {
  const range = table.state.cellSelection.at(-1);
  if (range) {
    table.selectCellRange({ ...range, focusRowId: id, focusColumnId: field });
  } else {
    table.setFocusedCell(id, field);
  }
}

export function useRowActs(now: Now): RowActs {
  const latest = useRef(now);
  useEffect(() => {
    latest.current = now;
  });
  return useMemo(
    () => ({
      onStart(event: MouseEvent, id: string, field: CellField) {
        const { table, cell, focusGrid } = latest.current;
        if (cell.editing) {
          return;
        }
        if (event.shiftKey) {
          extendTo(table, id, field);
        } else {
          table.setFocusedCell(id, field);
        }
        focusGrid();
        event.preventDefault();
      },
      onEnter(event: MouseEvent, id: string, field: CellField) {
        const { table, cell } = latest.current;
        if (event.buttons === 1 && !cell.editing) {
          extendTo(table, id, field);
        }
      },
      onOpen(id: string, field: CellField) {
        const { cell, rowOf } = latest.current;
        cell.open(rowOf(id), field, undefined);
      },
      onCommit: (text, move) => latest.current.cell.commit(text, move),
      onCancel: () => latest.current.cell.cancel(),
    }),
    [],
  );
}
