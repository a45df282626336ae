// The bank as a grid with spreadsheet keys: virtual rows, cells edited in place, ranges copied and pasted.
import { useVirtualizer } from '@tanstack/react-virtual';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import type { Item } from '../../core/model';
import { useBank } from '../state/bank';
import { setView, useView } from '../state/view';
import { cellActs } from './cell-acts';
import type { GridColumn } from './columns';
import type { Corner } from './grid-keys';
import { GridHead } from './GridHead';
import type { Editing, Move, RowActs } from './grid-types';
import { GridRow, ROW } from './GridRow';
import { gridKeys } from './hear-keys';
import { leftOf, templateOf, widthOf } from './places-of';
import { useEditing } from './use-editing';
import type { GridColumns } from './use-grid-columns';
import { useGridTable, type GridTable } from './use-grid-table';
import { useRowActs } from './use-row-acts';
import { useSelectedIds, useSelection, type Selection } from './use-selection';
import { i18n } from '../../languages';

/** Rows drawn beyond what is in sight. */
const OVERSCAN = 12;
/** The reference and the question. */
const FIXED = 2;

const STEP: Record<Move, Corner> = {
  down: { row: 1, column: 0 },
  right: { row: 0, column: 1 },
  left: { row: 0, column: -1 },
  none: { row: 0, column: 0 },
};

function useVirtualRows(rows: readonly Item[], scroller: HTMLElement | null) {
  const key = useCallback((index: number) => rows[index]?.id ?? index, [rows]);
  const estimate = useCallback(() => ROW, []);
  return useVirtualizer({
    count: rows.length,
    getScrollElement: () => scroller,
    estimateSize: estimate,
    getItemKey: key,
    overscan: OVERSCAN,
  });
}

/** Leads to a question when asked, and tells the side panel which one is at hand. */
function useLead(rows: readonly Item[], at: number, goTo: (row: number) => void): void {
  const { lead, shown } = useView((view) => ({ lead: view.lead, shown: view.shown }));
  useEffect(() => {
    const row = lead ? rows.findIndex(({ id }) => id === lead) : -1;
    if (row >= 0) {
      goTo(row);
      setView({ lead: undefined });
    }
  }, [lead, rows]); // eslint-disable-line react-hooks/exhaustive-deps -- leads when asked, not when the selection moves
  useEffect(() => {
    const item = rows[at];
    if (item && item.id !== shown) {
      setView({ shown: item.id });
    }
  }, [at, rows]); // eslint-disable-line react-hooks/exhaustive-deps -- the side panel follows the cell
}

type RowsProps = {
  rows: readonly Item[];
  columns: readonly GridColumn[];
  table: GridTable;
  template: string;
  virtual: ReturnType<typeof useVirtualRows>;
  selection: Selection;
  editing: Editing | undefined;
  acts: RowActs;
};

/** The left edges of the columns that stay in sight, by their place. */
function useLefts({ columns, table, template }: RowsProps): readonly (number | undefined)[] {
  return useMemo(
    () => columns.map(({ fixed }, index) => (fixed ? leftOf(table, index) : undefined)),
    [columns, table, template], // eslint-disable-line react-hooks/exhaustive-deps -- the template says when widths changed
  );
}

function Rows(props: RowsProps) {
  const { rows, columns, template, virtual, selection, editing, acts } = props;
  const findings = useBank((state) => state.findings);
  const { at, bounds } = selection;
  const lefts = useLefts(props);
  const [first, last] = [bounds?.minColumnIndex, bounds?.maxColumnIndex];
  const selected = useMemo(
    () => (first === undefined || last === undefined ? undefined : { first, last }),
    [first, last],
  );
  const isSelected = (row: number): boolean =>
    bounds !== undefined && row >= bounds.minRowIndex && row <= bounds.maxRowIndex;
  return (
    <div role="rowgroup" style={{ height: virtual.getTotalSize(), position: 'relative' }}>
      {virtual.getVirtualItems().map(({ key, index, start }) => {
        const item = rows[index];
        return (
          item && (
            <GridRow
              key={key}
              item={item}
              index={index}
              start={start}
              template={template}
              columns={columns}
              lefts={lefts}
              findings={findings.get(item.id)}
              selected={isSelected(index) ? selected : undefined}
              focused={at.row === index ? at.column : -1}
              editing={editing?.id === item.id ? editing : undefined}
              acts={acts}
            />
          )
        );
      })}
    </div>
  );
}

export function Grid({
  rows,
  columns,
  onSelection,
}: {
  rows: readonly Item[];
  columns: GridColumns;
  onSelection: (ids: string[]) => void;
}) {
  const { table, data } = useGridTable(rows, columns);
  const shown = columns.shown;
  const fields = useMemo(() => shown.map(({ id }) => id), [shown]);
  const [scroller, setScroller] = useState<HTMLDivElement | null>(null);
  const grid = useRef<HTMLDivElement>(null);
  const virtual = useVirtualRows(rows, scroller);
  const selection = useSelection({ table, data, rows, columns: shown });
  const { at } = selection;
  useSelectedIds(selection, data, onSelection);

  const focusGrid = (): void => grid.current?.focus({ preventScroll: true });
  const go = (to: Corner, isExtending: boolean): void => {
    const cell = selection.go(to, isExtending);
    if (cell) {
      virtual.scrollToIndex(cell.row, { align: 'auto' });
      grid.current
        ?.querySelector(`[role=columnheader][data-field="${cell.field}"]`)
        ?.scrollIntoView({ block: 'nearest', inline: 'nearest' });
    }
  };
  const cell = useEditing(rows, (move) => {
    focusGrid();
    if (move !== 'none') {
      go({ row: at.row + STEP[move].row, column: at.column + STEP[move].column }, false);
    }
  });
  useLead(rows, at.row, (row) => {
    go({ row, column: fields.indexOf('stem') }, false);
    // Behind the commands, which give the focus back to where they were opened.
    setTimeout(focusGrid, 60);
  });
  const acts = cellActs(selection, rows, fields);
  const rowActs = useRowActs({
    table,
    cell,
    rowOf: (id) => rows.findIndex((item) => item.id === id),
    focusGrid,
  });
  const keyDown = gridKeys({
    selection,
    rowCount: rows.length,
    fields,
    scroller,
    cell,
    acts,
    go,
  });
  const template = templateOf(table);
  return (
    <div
      className="panel grid-scroll"
      ref={setScroller}
      // What is brought into view does not end up under the columns that stay in sight.
      style={{ scrollPaddingInlineStart: leftOf(table, FIXED) }}
    >
      <div
        ref={grid}
        role="grid"
        aria-label={i18n._('Questions')}
        aria-rowcount={rows.length + 1}
        aria-colcount={shown.length + 1}
        aria-multiselectable
        tabIndex={0}
        data-next
        className="grid"
        style={{ width: widthOf(table) }}
        data-testid="grid"
        aria-activedescendant={at.row >= 0 ? `cell-${at.row}-${at.column}` : undefined}
        onKeyDown={keyDown}
        onCopy={(event) => !cell.editing && acts.copy(event)}
        onPaste={(event) => !cell.editing && acts.paste(event)}
      >
        <GridHead table={table} columns={shown} template={template} />
        <Rows
          rows={rows}
          columns={shown}
          table={table}
          template={template}
          virtual={virtual}
          selection={selection}
          editing={cell.editing}
          acts={rowActs}
        />
      </div>
    </div>
  );
}
