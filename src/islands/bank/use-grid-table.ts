// The grid's table: its columns with their widths, and what is selected in it.
import {
  cellSelectionFeature,
  columnResizingFeature,
  columnSizingFeature,
  tableFeatures,
  useTable,
  type ColumnDef,
} from '@tanstack/react-table';
import { useEffect, useMemo } from 'react';
import type { Item } from '../../core/model';
import type { GridColumns } from './use-grid-columns';
import { useEntries, type GridEntry } from './use-entries';

const features = tableFeatures({
  cellSelectionFeature,
  columnSizingFeature,
  columnResizingFeature,
});
const entryId = (entry: GridEntry): string => entry.id;
/** A column this narrow can still be taken hold of, in pixels. */
export const LEAST_WIDTH = 40;

/** Widths that were set by hand are kept for the next time. */
function useKeptWidths(sizing: Readonly<Record<string, number>>, columns: GridColumns): void {
  const { setting, set } = columns;
  useEffect(() => {
    const widths = { ...setting.widths, ...sizing };
    const isNew = Object.keys(sizing).some((id) => setting.widths[id] !== sizing[id]);
    const timer = setTimeout(() => isNew && set({ ...setting, widths }), 400);
    return () => clearTimeout(timer);
  }, [sizing, setting, set]);
}

export function useGridTable(rows: readonly Item[], columns: GridColumns) {
  const { shown } = columns;
  const definitions = useMemo(
    () =>
      shown.map((column): ColumnDef<typeof features, GridEntry> => ({
        id: column.id,
        accessorFn: entryId,
        size: column.width,
        minSize: LEAST_WIDTH,
        header: column.title,
      })),
    [shown],
  );
  const data = useEntries(rows);
  const table = useTable({
    features,
    columns: definitions,
    data,
    getRowId: entryId,
    autoResetCellSelection: false,
    columnResizeMode: 'onChange',
    enableMultiCellRangeSelection: false,
  });
  useKeptWidths(table.state.columnSizing, columns);
  const { widths } = columns.setting;
  useEffect(() => {
    if (!Object.keys(widths).length) {
      table.resetColumnSizing(true);
    }
  }, [widths]); // eslint-disable-line react-hooks/exhaustive-deps -- widths as at first are the table's too; it is the same table
  return { table, data };
}

export type GridTable = ReturnType<typeof useGridTable>['table'];
