// Where one is in the grid, and what is selected.
import { useEffect, useMemo } from 'react';
import type { Item } from '../../core/model';
import type { CellField } from '../parts/cells';
import type { GridColumn } from './columns';
import type { Corner } from './grid-keys';
import type { GridEntry } from './use-entries';
import type { GridTable } from './use-grid-table';

const NOWHERE: Corner = { row: -1, column: -1 };
const within = (n: number, length: number): number => Math.max(0, Math.min(length - 1, n));

export type Bounds = NonNullable<ReturnType<GridTable['getCellSelectionBounds']>[number]>;
export type SelectedCell = { item: Item; field: CellField };

export type Selection = {
  at: Corner;
  end: Corner;
  bounds: Bounds | undefined;
  items: () => readonly Item[];
  fields: () => CellField[];
  cells: () => SelectedCell[];
  /** Goes to a cell, or selects up to it; gives the cell, places outside brought to the edge. */
  go: (
    to: Corner,
    isExtending: boolean,
  ) => { id: string; row: number; field: CellField } | undefined;
  all: () => void;
};

type Given = {
  table: GridTable;
  data: readonly GridEntry[];
  rows: readonly Item[];
  columns: readonly GridColumn[];
};

export function useSelection({ table, data, rows, columns }: Given): Selection {
  const fields = useMemo(() => columns.map(({ id }) => id), [columns]);
  const rowIndex = useMemo(() => new Map(data.map(({ id }, index) => [id, index])), [data]);
  const range = table.state.cellSelection.at(-1);
  const bounds = table.getCellSelectionBounds()[0];
  const corner = (row: string, column: string): Corner => ({
    row: rowIndex.get(row) ?? -1,
    column: fields.indexOf(column as CellField),
  });
  const at = range ? corner(range.anchorRowId, range.anchorColumnId) : NOWHERE;
  const end = range ? corner(range.focusRowId, range.focusColumnId) : NOWHERE;
  const items = (): readonly Item[] =>
    bounds ? rows.slice(bounds.minRowIndex, bounds.maxRowIndex + 1) : [];
  const chosen = (): CellField[] =>
    bounds ? fields.slice(bounds.minColumnIndex, bounds.maxColumnIndex + 1) : [];
  return {
    at,
    end,
    bounds,
    items,
    fields: chosen,
    cells: () => items().flatMap((item) => chosen().map((field) => ({ item, field }))),
    go(to, isExtending) {
      const row = within(to.row, rows.length);
      const item = rows[row];
      const field = fields[within(to.column, fields.length)];
      if (!item || !field) {
        return undefined;
      }
      if (isExtending && range) {
        table.selectCellRange({ ...range, focusRowId: item.id, focusColumnId: field });
      } else {
        table.setFocusedCell(item.id, field);
      }
      return { id: item.id, row, field };
    },
    all: () => table.selectAllCells(),
  };
}

/** Tells which questions are selected, whenever that changes. */
export function useSelectedIds(
  { bounds }: Selection,
  data: readonly GridEntry[],
  onSelection: (ids: string[]) => void,
): void {
  const [first, last] = [bounds?.minRowIndex, bounds?.maxRowIndex];
  useEffect(() => {
    const ids =
      first === undefined || last === undefined
        ? []
        : data.slice(first, last + 1).map(({ id }) => id);
    onSelection(ids);
  }, [first, last, data, onSelection]);
}
