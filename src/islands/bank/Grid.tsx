// The bank as a grid with spreadsheet keys: virtual rows, cells edited in place, ranges copied and pasted.
import { cellSelectionFeature, columnResizingFeature, columnSizingFeature, tableFeatures, useTable, type ColumnDef } from '@tanstack/react-table';
import { useVirtualizer } from '@tanstack/react-virtual';
import { useCallback, useEffect, useMemo, useRef, useState, type ClipboardEvent, type KeyboardEvent, type MouseEvent } from 'react';
import { flushSync } from 'react-dom';
import type { Finding, Item } from '../../core/model';
import { cellText, type CellField } from '../../core/shared/item-cells';
import { SIGNS, worst } from '../parts/Finding';
import { removeItems, useBank } from '../state/bank';
import { setView, useView } from '../state/view';
import { CellEditor } from './CellEditor';
import { columnOfField, gridColumns, type GridColumn } from './columns';
import { applyEdits, parseBlock, pasteBlock } from './edits';

const ROW = 44;
const features = tableFeatures({ cellSelectionFeature, columnSizingFeature, columnResizingFeature });
type GridEntry = { id: string };
const entryId = (entry: GridEntry): string => entry.id;
const DIRECTIONS = { ArrowUp: 'up', ArrowDown: 'down', ArrowLeft: 'left', ArrowRight: 'right' } as const;
/** The rows by their ids alone, the same list while order and number stay: an edit must not make the table build its rows anew. */
function useEntries(rows: readonly Item[]): GridEntry[] {
  const [entries, setEntries] = useState<GridEntry[]>(() => rows.map(({ id }) => ({ id })));
  if (entries.length === rows.length && rows.every((item, index) => item.id === entries[index]!.id)) return entries;
  const next = rows.map(({ id }) => ({ id }));
  setEntries(next);
  return next;
}

type Editing = { row: number; field: CellField; start: string | undefined };

/** The level of what stands at each column of a question. */
function levelsOf(findings: readonly Finding[] | undefined): Map<string, Finding[]> | undefined {
  if (!findings?.length) return undefined;
  const map = new Map<string, Finding[]>();
  for (const finding of findings) { const column = columnOfField(finding.field); map.set(column, [...(map.get(column) ?? []), finding]); }
  return map;
}

export function Grid({ rows, onSelection }: { rows: readonly Item[]; onSelection: (ids: string[]) => void }) {
  const findings = useBank((state) => state.findings);
  const width = useBank((state) => (state.phase === 'ready' ? state.items : undefined));
  const { lead, shown, sort } = useView();
  const columns = useMemo(() => gridColumns(width ?? []), [width === undefined, width?.length]); // eslint-disable-line react-hooks/exhaustive-deps -- columns follow the bank's size, not each edit
  const definitions = useMemo(() => columns.map((column): ColumnDef<typeof features, GridEntry> => ({ id: column.id, accessorFn: entryId, size: column.width, minSize: 40, header: column.title })), [columns]);
  const data = useEntries(rows);
  const table = useTable({ features, columns: definitions, data, getRowId: entryId, autoResetCellSelection: false, columnResizeMode: 'onChange', enableMultiCellRangeSelection: false });
  const [scroller, setScroller] = useState<HTMLDivElement | null>(null);
  const [editing, setEditing] = useState<Editing>();
  const grid = useRef<HTMLDivElement>(null);
  const key = useCallback((index: number) => rows[index]?.id ?? index, [rows]);
  const estimate = useCallback(() => ROW, []);
  const virtual = useVirtualizer({ count: rows.length, getScrollElement: () => scroller, estimateSize: estimate, getItemKey: key, overscan: 12 });
  const bounds = table.getCellSelectionBounds()[0];
  const focusRange = table.state.cellSelection.at(-1);
  const fields = columns.map((column) => column.id);
  const rowIndex = useMemo(() => new Map(data.map((entry, index) => [entry.id, index])), [data]);
  const at = focusRange ? { row: rowIndex.get(focusRange.anchorRowId) ?? -1, column: fields.indexOf(focusRange.anchorColumnId as CellField) } : { row: -1, column: -1 };
  const end = focusRange ? { row: rowIndex.get(focusRange.focusRowId) ?? -1 } : at;

  useEffect(() => {
    if (!lead || !rowIndex.has(lead)) return;
    table.setFocusedCell(lead, 'stem');
    virtual.scrollToIndex(rowIndex.get(lead)!, { align: 'auto' });
    setView({ lead: undefined });
  }, [lead, rowIndex]); // eslint-disable-line react-hooks/exhaustive-deps -- leads to a question when asked, not when the selection moves
  useEffect(() => {
    const item = rows[at.row];
    if (item && item.id !== shown) setView({ shown: item.id });
  }, [at.row, rows]); // eslint-disable-line react-hooks/exhaustive-deps -- the side panel follows the cell
  useEffect(() => { onSelection(bounds ? data.slice(bounds.minRowIndex, bounds.maxRowIndex + 1).map((entry) => entry.id) : []); }, [bounds?.minRowIndex, bounds?.maxRowIndex, data]); // eslint-disable-line react-hooks/exhaustive-deps -- a range, not an object

  const focus = (row: number, column: number): void => {
    const item = rows[Math.max(0, Math.min(rows.length - 1, row))];
    const field = fields[Math.max(0, Math.min(fields.length - 1, column))];
    if (!item || !field) return;
    table.setFocusedCell(item.id, field);
    virtual.scrollToIndex(rowIndex.get(item.id)!, { align: 'auto' });
    grid.current?.querySelector(`[data-field="${field}"]`)?.scrollIntoView({ block: 'nearest', inline: 'nearest' });
  };
  const edit = (start: string | undefined): void => {
    const field = fields[at.column];
    // flushSync opens the editor within the key press, so that its first character is not lost.
    if (field && rows[at.row]) flushSync(() => setEditing({ row: at.row, field, start }));
  };
  const commit = (text: string, move: 'down' | 'right' | 'left' | 'none'): void => {
    const item = editing && rows[editing.row];
    if (item && editing) void applyEdits(`Edit ${item.ref} ${editing.field.replace(/^options\.(\d)/, (_, n: string) => String.fromCharCode(65 + Number(n)))}`, [{ id: item.id, field: editing.field, text }]);
    setEditing(undefined);
    grid.current?.focus({ preventScroll: true });
    if (move !== 'none') focus(at.row + (move === 'down' ? 1 : 0), at.column + (move === 'right' ? 1 : move === 'left' ? -1 : 0));
  };
  const selectedCells = (): { item: Item; field: CellField }[] => (bounds ? rows.slice(bounds.minRowIndex, bounds.maxRowIndex + 1).flatMap((item) => fields.slice(bounds.minColumnIndex, bounds.maxColumnIndex + 1).map((field) => ({ item, field }))) : []);
  const fillDown = (): void => {
    if (!bounds || bounds.maxRowIndex === bounds.minRowIndex) return;
    const top = rows[bounds.minRowIndex]!;
    void applyEdits(`Fill down ${bounds.maxRowIndex - bounds.minRowIndex} rows`, selectedCells().filter(({ item }) => item !== top).map(({ item, field }) => ({ id: item.id, field, text: cellText(top, field) })));
  };
  const keyDown = (event: KeyboardEvent): void => {
    if (editing) return;
    const control = event.ctrlKey || event.metaKey;
    const direction = DIRECTIONS[event.key as keyof typeof DIRECTIONS];
    const page = Math.max(1, Math.floor((scroller?.clientHeight ?? 400) / ROW) - 2);
    const handled = ((): boolean => {
      if (at.row < 0 && (direction || event.key === 'Enter')) { focus(0, 2); return true; }
      if (direction && event.shiftKey) {
        table.extendCellSelection(direction);
        virtual.scrollToIndex(Math.max(0, Math.min(rows.length - 1, end.row + (direction === 'down' ? 1 : direction === 'up' ? -1 : 0))), { align: 'auto' });
        return true;
      }
      if (direction) {
        const far = control ? (direction === 'down' || direction === 'up' ? rows.length : fields.length) : 1;
        focus(at.row + (direction === 'down' ? far : direction === 'up' ? -far : 0), at.column + (direction === 'right' ? far : direction === 'left' ? -far : 0));
        return true;
      }
      switch (event.key) {
        case 'Enter': case 'F2': edit(undefined); return true;
        case 'Tab': if ((event.shiftKey && at.column === 0) || (!event.shiftKey && at.column === fields.length - 1)) return false; focus(at.row, at.column + (event.shiftKey ? -1 : 1)); return true;
        case 'Home': focus(control ? 0 : at.row, 0); return true;
        case 'End': focus(control ? rows.length - 1 : at.row, fields.length - 1); return true;
        case 'PageDown': focus(at.row + page, at.column); return true;
        case 'PageUp': focus(at.row - page, at.column); return true;
        case 'Delete': case 'Backspace':
          if (control) void removeItems(`Remove ${(bounds?.maxRowIndex ?? 0) - (bounds?.minRowIndex ?? 0) + 1} questions`, bounds ? rows.slice(bounds.minRowIndex, bounds.maxRowIndex + 1).map((item) => item.id) : []);
          else void applyEdits(`Clear ${selectedCells().length} cells`, selectedCells().filter(({ field }) => field !== 'ref' && field !== 'kind').map(({ item, field }) => ({ id: item.id, field, text: '' })));
          return true;
        case 'Escape': if (focusRange) focus(at.row, at.column); return true;
      }
      if (control && event.key.toLowerCase() === 'd') { fillDown(); return true; }
      if (control && event.key.toLowerCase() === 'a') { table.selectAllCells(); return true; }
      if (!control && !event.altKey && event.key.length === 1 && event.key !== '?') { edit(event.key); return true; }
      return false;
    })();
    if (handled) event.preventDefault();
  };
  const copy = (event: ClipboardEvent): void => {
    if (editing || !bounds) return;
    event.preventDefault();
    const quote = (text: string): string => (/["\t\n]/.test(text) ? `"${text.replace(/"/g, '""')}"` : text);
    event.clipboardData.setData('text/plain', rows.slice(bounds.minRowIndex, bounds.maxRowIndex + 1).map((item) => fields.slice(bounds.minColumnIndex, bounds.maxColumnIndex + 1).map((field) => quote(cellText(item, field))).join('\t')).join('\n'));
  };
  const paste = (event: ClipboardEvent): void => {
    if (editing || at.row < 0) return;
    event.preventDefault();
    const text = event.clipboardData.getData('text/plain');
    void parseBlock(text).then((block) => {
      const one = block.length === 1 && block[0]!.length === 1;
      if (one && bounds && selectedCells().length > 1) return applyEdits(`Paste into ${selectedCells().length} cells`, selectedCells().map(({ item, field }) => ({ id: item.id, field, text: block[0]![0]! })));
      return pasteBlock(block, rows, fields, { row: bounds?.minRowIndex ?? at.row, column: bounds?.minColumnIndex ?? at.column });
    });
  };
  const sizes = table.getAllLeafColumns().map((column) => column.getSize());
  const template = `30px ${sizes.map((size) => `${size}px`).join(' ')}`;
  const total = 30 + sizes.reduce((sum, size) => sum + size, 0);
  const headers = table.getHeaderGroups()[0]?.headers ?? [];
  return (
    <div className="panel grid-scroll" ref={setScroller}>
      <div ref={grid} role="grid" aria-label="Questions" aria-rowcount={rows.length + 1} aria-colcount={columns.length + 1} aria-multiselectable tabIndex={0} className="grid" style={{ width: total }} data-testid="grid"
        aria-activedescendant={at.row >= 0 ? `cell-${at.row}-${at.column}` : undefined} onKeyDown={keyDown} onCopy={copy} onPaste={paste}>
        <div role="row" aria-rowindex={1} className="grid-row grid-head" style={{ gridTemplateColumns: template }}>
          <span role="columnheader" className="corner"><span className="visually-hidden">State</span></span>
          {headers.map((header, index) => (
            <span role="columnheader" key={header.id} data-field={header.column.id} aria-sort={sort?.column === header.column.id ? (sort.down ? 'descending' : 'ascending') : 'none'}>
              <button type="button" tabIndex={-1} onClick={() => setView({ sort: sort?.column !== header.column.id ? { column: header.column.id, down: false } : sort.down ? undefined : { column: sort.column, down: true } })}>{columns[index]!.title}{sort?.column === header.column.id ? (sort.down ? ' ↓' : ' ↑') : ''}</button>
              <span className="resizer" aria-hidden onMouseDown={header.getResizeHandler()} onTouchStart={header.getResizeHandler()} />
            </span>
          ))}
        </div>
        <div role="rowgroup" style={{ height: virtual.getTotalSize(), position: 'relative' }}>
          {virtual.getVirtualItems().map((position) => {
            const item = rows[position.index];
            if (!item) return null;
            return (
              <GridRow key={position.key} item={item} index={position.index} start={position.start} template={template} columns={columns} findings={findings.get(item.id)}
                bounds={bounds && position.index >= bounds.minRowIndex && position.index <= bounds.maxRowIndex ? bounds : undefined} focused={at.row === position.index ? at.column : -1}
                editing={editing?.row === position.index ? editing : undefined} onCommit={commit} onCancel={() => { setEditing(undefined); grid.current?.focus({ preventScroll: true }); }}
                onStart={(event, field) => {
                  if (editing) return;
                  if (event.shiftKey && focusRange) table.selectCellRange({ ...focusRange, focusRowId: item.id, focusColumnId: field });
                  else table.setFocusedCell(item.id, field);
                  grid.current?.focus({ preventScroll: true });
                  event.preventDefault();
                }}
                onEnter={(event, field) => { if (event.buttons === 1 && focusRange && !editing) table.selectCellRange({ ...focusRange, focusRowId: item.id, focusColumnId: field }); }}
                onOpen={(field) => setEditing({ row: position.index, field, start: undefined })} />
            );
          })}
        </div>
      </div>
    </div>
  );
}

type Bounds = { minColumnIndex: number; maxColumnIndex: number };
type RowProps = {
  item: Item; index: number; start: number; template: string; columns: readonly GridColumn[]; findings: readonly Finding[] | undefined; bounds: Bounds | undefined; focused: number; editing: Editing | undefined;
  onStart: (event: MouseEvent, field: CellField) => void; onEnter: (event: MouseEvent, field: CellField) => void; onOpen: (field: CellField) => void;
  onCommit: (text: string, move: 'down' | 'right' | 'left' | 'none') => void; onCancel: () => void;
};

function GridRow({ item, index, start, template, columns, findings, bounds, focused, editing, onStart, onEnter, onOpen, onCommit, onCancel }: RowProps) {
  const levels = levelsOf(findings);
  const level = findings ? worst(findings.filter((finding) => finding.level !== 'note')) : undefined;
  return (
    <div role="row" aria-rowindex={index + 2} aria-selected={bounds !== undefined} className={`grid-row ${focused >= 0 ? 'current' : ''} ${editing ? 'editing' : ''}`} style={{ transform: `translateY(${start}px)`, gridTemplateColumns: template, height: ROW }}>
      <span role="rowheader" className={`state sign ${level ?? 'fine'}`}>{level ? <><span aria-hidden>{SIGNS[level]}</span><span className="visually-hidden">{level === 'block' ? 'blocked' : 'wants a look'}</span></> : <><span aria-hidden>✓</span><span className="visually-hidden">sound</span></>}</span>
      {columns.map((column, c) => {
        const found = levels?.get(column.id);
        const selected = bounds !== undefined && c >= bounds.minColumnIndex && c <= bounds.maxColumnIndex;
        const right = column.id.startsWith('options.') && (item.options ? item.options[Number(column.id.slice(8))]?.right : column.id === 'options.0' && item.accepted?.length);
        const text = cellText(item, column.id);
        return (
          <span role="gridcell" id={`cell-${index}-${c}`} key={column.id} aria-colindex={c + 2} aria-selected={selected} title={found ? found.map((finding) => finding.message).join('\n') : text.length > 40 ? text : undefined}
            className={`grid-cell ${column.mono ? 'mono' : ''} ${selected ? 'selected' : ''} ${focused === c ? 'focused' : ''} ${right ? 'is-right' : ''} ${found ? `found-${worst(found)}` : ''}`}
            onMouseDown={(event) => onStart(event, column.id)} onMouseEnter={(event) => onEnter(event, column.id)} onDoubleClick={() => onOpen(column.id)}>
            {editing?.field === column.id ? <CellEditor item={item.id} initial={editing.start ?? text} field={column.id} title={column.title} onCommit={onCommit} onCancel={onCancel} /> : <span className="clamp">{text}</span>}
          </span>
        );
      })}
    </div>
  );
}
