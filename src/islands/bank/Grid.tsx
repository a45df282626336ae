// The bank as a grid with spreadsheet keys: virtual rows, cells edited in place, ranges copied and pasted.
import {
  cellSelectionFeature,
  columnResizingFeature,
  columnSizingFeature,
  tableFeatures,
  useTable,
  type ColumnDef,
} from '@tanstack/react-table';
import { useVirtualizer } from '@tanstack/react-virtual';
import {
  useCallback,
  useEffect,
  useMemo,
  useRef,
  useState,
  type ClipboardEvent,
  type KeyboardEvent,
} from 'react';
import { flushSync } from 'react-dom';
import type { Item } from '../../core/model';
import { cellText, type CellField } from '../parts/item-cells';
import { removeItems, useBank } from '../state/bank';
import { setView, useView } from '../state/view';
import { gridColumns } from './columns';
import { applyEdits } from '../parts/edits';
import { blockText, parseBlock, pasteBlock } from './edits';
import { pressKey } from './grid-keys';
import { GridRow, ROW, type Editing, type Move } from './GridRow';
import { useEntries, type GridEntry } from './use-entries';

const features = tableFeatures({
  cellSelectionFeature,
  columnSizingFeature,
  columnResizingFeature,
});
const entryId = (entry: GridEntry): string => entry.id;

export function Grid({
  rows,
  onSelection,
}: {
  rows: readonly Item[];
  onSelection: (ids: string[]) => void;
}) {
  const findings = useBank((state) => state.findings);
  const width = useBank((state) => (state.phase === 'ready' ? state.items : undefined));
  const { lead, shown, sort } = useView();
  const columns = useMemo(() => gridColumns(width ?? []), [width === undefined, width?.length]); // eslint-disable-line react-hooks/exhaustive-deps -- columns follow the bank's size, not each edit
  const definitions = useMemo(
    () =>
      columns.map((column): ColumnDef<typeof features, GridEntry> => ({
        id: column.id,
        accessorFn: entryId,
        size: column.width,
        minSize: 40,
        header: column.title,
      })),
    [columns],
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
  const [scroller, setScroller] = useState<HTMLDivElement | null>(null);
  const [editing, setEditing] = useState<Editing>();
  const grid = useRef<HTMLDivElement>(null);
  const key = useCallback((index: number) => rows[index]?.id ?? index, [rows]);
  const estimate = useCallback(() => ROW, []);
  const virtual = useVirtualizer({
    count: rows.length,
    getScrollElement: () => scroller,
    estimateSize: estimate,
    getItemKey: key,
    overscan: 12,
  });
  const bounds = table.getCellSelectionBounds()[0];
  const focusRange = table.state.cellSelection.at(-1);
  const fields = columns.map((column) => column.id);
  const rowIndex = useMemo(() => new Map(data.map((entry, index) => [entry.id, index])), [data]);
  const at = focusRange
    ? {
        row: rowIndex.get(focusRange.anchorRowId) ?? -1,
        column: fields.indexOf(focusRange.anchorColumnId as CellField),
      }
    : { row: -1, column: -1 };
  const end = focusRange ? { row: rowIndex.get(focusRange.focusRowId) ?? -1 } : at;

  useEffect(() => {
    if (!lead || !rowIndex.has(lead)) {
      return;
    }
    table.setFocusedCell(lead, 'stem');
    virtual.scrollToIndex(rowIndex.get(lead)!, { align: 'auto' });
    setView({ lead: undefined });
  }, [lead, rowIndex]); // eslint-disable-line react-hooks/exhaustive-deps -- leads to a question when asked, not when the selection moves
  useEffect(() => {
    const item = rows[at.row];
    if (item && item.id !== shown) {
      setView({ shown: item.id });
    }
  }, [at.row, rows]); // eslint-disable-line react-hooks/exhaustive-deps -- the side panel follows the cell
  useEffect(() => {
    onSelection(
      bounds ? data.slice(bounds.minRowIndex, bounds.maxRowIndex + 1).map((entry) => entry.id) : [],
    );
  }, [bounds?.minRowIndex, bounds?.maxRowIndex, data]); // eslint-disable-line react-hooks/exhaustive-deps -- a range, not an object

  const focus = (row: number, column: number): void => {
    const item = rows[Math.max(0, Math.min(rows.length - 1, row))];
    const field = fields[Math.max(0, Math.min(fields.length - 1, column))];
    if (!item || !field) {
      return;
    }
    table.setFocusedCell(item.id, field);
    virtual.scrollToIndex(rowIndex.get(item.id)!, { align: 'auto' });
    grid.current
      ?.querySelector(`[data-field="${field}"]`)
      ?.scrollIntoView({ block: 'nearest', inline: 'nearest' });
  };
  /** The question as it is when the typing begins: what another tab writes meanwhile must not be overwritten. */
  const open = (row: number, field: CellField, start: string | undefined): void => {
    const base = rows[row];
    if (base) {
      setEditing({ row, id: base.id, field, start, base });
    }
  };
  const edit = (start: string | undefined): void => {
    const field = fields[at.column];
    // flushSync opens the editor within the key press, so that its first character is not lost.
    if (field && rows[at.row]) {
      flushSync(() => open(at.row, field, start));
    }
  };
  const commit = (text: string, move: Move): void => {
    const item = editing?.base;
    if (editing && item) {
      void applyEdits(
        `Edit ${item.ref} ${editing.field.replace(/^options\.(\d)/, (_, n: string) => String.fromCharCode(65 + Number(n)))}`,
        [{ id: item.id, field: editing.field, text, base: item }],
      );
    }
    setEditing(undefined);
    grid.current?.focus({ preventScroll: true });
    if (move !== 'none') {
      focus(
        at.row + (move === 'down' ? 1 : 0),
        at.column + (move === 'right' ? 1 : move === 'left' ? -1 : 0),
      );
    }
  };
  const selectedRows = (): readonly Item[] =>
    bounds ? rows.slice(bounds.minRowIndex, bounds.maxRowIndex + 1) : [];
  const selectedFields = (): CellField[] =>
    bounds ? fields.slice(bounds.minColumnIndex, bounds.maxColumnIndex + 1) : [];
  const selectedCells = (): { item: Item; field: CellField }[] =>
    selectedRows().flatMap((item) => selectedFields().map((field) => ({ item, field })));
  const fillDown = (): void => {
    if (!bounds || bounds.maxRowIndex === bounds.minRowIndex) {
      return;
    }
    const top = rows[bounds.minRowIndex]!;
    void applyEdits(
      `Fill down ${bounds.maxRowIndex - bounds.minRowIndex} rows`,
      selectedCells()
        .filter(({ item }) => item !== top)
        .map(({ item, field }) => ({ id: item.id, field, text: cellText(top, field) })),
    );
  };
  const keyDown = (event: KeyboardEvent): void => {
    if (editing) {
      return;
    }
    const handled = pressKey(event, {
      at,
      rowCount: rows.length,
      columnCount: fields.length,
      page: Math.max(1, Math.floor((scroller?.clientHeight ?? 400) / ROW) - 2),
      focus,
      edit,
      fillDown,
      extend(direction) {
        table.extendCellSelection(direction);
        virtual.scrollToIndex(
          Math.max(
            0,
            Math.min(
              rows.length - 1,
              end.row + (direction === 'down' ? 1 : direction === 'up' ? -1 : 0),
            ),
          ),
          { align: 'auto' },
        );
      },
      selectAll: () => table.selectAllCells(),
      remove: () =>
        void removeItems(
          `Remove ${selectedRows().length} questions`,
          selectedRows().map((item) => item.id),
        ),
      clear: () =>
        void applyEdits(
          `Clear ${selectedCells().length} cells`,
          selectedCells()
            .filter(({ field }) => field !== 'ref' && field !== 'kind')
            .map(({ item, field }) => ({ id: item.id, field, text: '' })),
        ),
    });
    if (handled) {
      event.preventDefault();
    }
  };
  const copy = (event: ClipboardEvent): void => {
    if (editing || !bounds) {
      return;
    }
    event.preventDefault();
    event.clipboardData.setData(
      'text/plain',
      blockText(
        selectedRows().map((item) => selectedFields().map((field) => cellText(item, field))),
      ),
    );
  };
  const paste = (event: ClipboardEvent): void => {
    if (editing || at.row < 0) {
      return;
    }
    event.preventDefault();
    const text = event.clipboardData.getData('text/plain');
    void parseBlock(text).then((block) => {
      const one = block.length === 1 && block[0]!.length === 1;
      if (one && bounds && selectedCells().length > 1) {
        return applyEdits(
          `Paste into ${selectedCells().length} cells`,
          selectedCells().map(({ item, field }) => ({ id: item.id, field, text: block[0]![0]! })),
        );
      }
      return pasteBlock(block, rows, fields, {
        row: bounds?.minRowIndex ?? at.row,
        column: bounds?.minColumnIndex ?? at.column,
      });
    });
  };
  const sizes = table.getAllLeafColumns().map((column) => column.getSize());
  const template = `30px ${sizes.map((size) => `${size}px`).join(' ')}`;
  const total = 30 + sizes.reduce((sum, size) => sum + size, 0);
  const headers = table.getHeaderGroups()[0]?.headers ?? [];
  return (
    <div className="panel grid-scroll" ref={setScroller}>
      <div
        ref={grid}
        role="grid"
        aria-label="Questions"
        aria-rowcount={rows.length + 1}
        aria-colcount={columns.length + 1}
        aria-multiselectable
        tabIndex={0}
        className="grid"
        style={{ width: total }}
        data-testid="grid"
        aria-activedescendant={at.row >= 0 ? `cell-${at.row}-${at.column}` : undefined}
        onKeyDown={keyDown}
        onCopy={copy}
        onPaste={paste}
      >
        <div
          role="row"
          aria-rowindex={1}
          className="grid-row grid-head"
          style={{ gridTemplateColumns: template }}
        >
          <span role="columnheader" className="corner">
            <span className="visually-hidden">State</span>
          </span>
          {headers.map((header, index) => (
            <span
              role="columnheader"
              key={header.id}
              data-field={header.column.id}
              aria-sort={
                sort?.column === header.column.id
                  ? sort.down
                    ? 'descending'
                    : 'ascending'
                  : 'none'
              }
            >
              <button
                type="button"
                tabIndex={-1}
                onClick={() =>
                  setView({
                    sort:
                      sort?.column !== header.column.id
                        ? { column: header.column.id, down: false }
                        : sort.down
                          ? undefined
                          : { column: sort.column, down: true },
                  })
                }
              >
                {columns[index]!.title}
                {sort?.column === header.column.id ? (sort.down ? ' ↓' : ' ↑') : ''}
              </button>
              <span
                className="resizer"
                aria-hidden
                onMouseDown={header.getResizeHandler()}
                onTouchStart={header.getResizeHandler()}
              />
            </span>
          ))}
        </div>
        <div role="rowgroup" style={{ height: virtual.getTotalSize(), position: 'relative' }}>
          {virtual.getVirtualItems().map((position) => {
            const item = rows[position.index];
            if (!item) {
              return null;
            }
            return (
              <GridRow
                key={position.key}
                item={item}
                index={position.index}
                start={position.start}
                template={template}
                columns={columns}
                findings={findings.get(item.id)}
                bounds={
                  bounds &&
                  position.index >= bounds.minRowIndex &&
                  position.index <= bounds.maxRowIndex
                    ? bounds
                    : undefined
                }
                focused={at.row === position.index ? at.column : -1}
                editing={editing?.id === item.id ? editing : undefined}
                onCommit={commit}
                onCancel={() => {
                  setEditing(undefined);
                  grid.current?.focus({ preventScroll: true });
                }}
                onStart={(event, field) => {
                  if (editing) {
                    return;
                  }
                  if (event.shiftKey && focusRange) {
                    table.selectCellRange({
                      ...focusRange,
                      focusRowId: item.id,
                      focusColumnId: field,
                    });
                  } else {
                    table.setFocusedCell(item.id, field);
                  }
                  grid.current?.focus({ preventScroll: true });
                  event.preventDefault();
                }}
                onEnter={(event, field) => {
                  if (event.buttons === 1 && focusRange && !editing) {
                    table.selectCellRange({
                      ...focusRange,
                      focusRowId: item.id,
                      focusColumnId: field,
                    });
                  }
                }}
                onOpen={(field) => open(position.index, field, undefined)}
              />
            );
          })}
        </div>
      </div>
    </div>
  );
}
