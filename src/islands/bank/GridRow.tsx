// One row of the grid: the state of the question, and its cells.
import type { MouseEvent } from 'react';
import type { Finding, Item } from '../../core/model';
import { cellText, type CellField } from '../parts/item-cells';
import { SIGNS, worst } from '../parts/Finding';
import { CellEditor } from './CellEditor';
import { columnOfField, type GridColumn } from './columns';

export const ROW = 44;
/** The cell that is being typed in; `base` is its question as it was when the typing began. */
export type Editing = {
  row: number;
  id: string;
  field: CellField;
  start: string | undefined;
  base: Item;
};
export type Move = 'down' | 'right' | 'left' | 'none';

/** The level of what stands at each column of a question. */
function levelsOf(findings: readonly Finding[] | undefined): Map<string, Finding[]> | undefined {
  if (!findings?.length) {
    return undefined;
  }
  const map = new Map<string, Finding[]>();
  for (const finding of findings) {
    const column = columnOfField(finding.field);
    map.set(column, [...(map.get(column) ?? []), finding]);
  }
  return map;
}

type Bounds = { minColumnIndex: number; maxColumnIndex: number };
type RowProps = {
  item: Item;
  index: number;
  start: number;
  template: string;
  columns: readonly GridColumn[];
  findings: readonly Finding[] | undefined;
  bounds: Bounds | undefined;
  focused: number;
  editing: Editing | undefined;
  onStart: (event: MouseEvent, field: CellField) => void;
  onEnter: (event: MouseEvent, field: CellField) => void;
  onOpen: (field: CellField) => void;
  onCommit: (text: string, move: Move) => void;
  onCancel: () => void;
};

export function GridRow({
  item,
  index,
  start,
  template,
  columns,
  findings,
  bounds,
  focused,
  editing,
  onStart,
  onEnter,
  onOpen,
  onCommit,
  onCancel,
}: RowProps) {
  const levels = levelsOf(findings);
  const level = findings
    ? worst(findings.filter((finding) => finding.level !== 'note'))
    : undefined;
  return (
    <div
      role="row"
      aria-rowindex={index + 2}
      aria-selected={bounds !== undefined}
      className={`grid-row ${focused >= 0 ? 'current' : ''} ${editing ? 'editing' : ''}`}
      style={{ transform: `translateY(${start}px)`, gridTemplateColumns: template, height: ROW }}
    >
      <span role="rowheader" className={`state sign ${level ?? 'fine'}`}>
        {level ? (
          <>
            <span aria-hidden>{SIGNS[level]}</span>
            <span className="visually-hidden">
              {level === 'block' ? 'blocked' : 'wants a look'}
            </span>
          </>
        ) : (
          <>
            <span aria-hidden>✓</span>
            <span className="visually-hidden">sound</span>
          </>
        )}
      </span>
      {columns.map((column, c) => {
        const found = levels?.get(column.id);
        const selected =
          bounds !== undefined && c >= bounds.minColumnIndex && c <= bounds.maxColumnIndex;
        const right =
          column.id.startsWith('options.') &&
          (item.options
            ? item.options[Number(column.id.slice(8))]?.right
            : column.id === 'options.0' && item.accepted?.length);
        const text = cellText(item, column.id);
        return (
          <span
            role="gridcell"
            id={`cell-${index}-${c}`}
            key={column.id}
            aria-colindex={c + 2}
            aria-selected={selected}
            title={
              found
                ? found.map((finding) => finding.message).join('\n')
                : text.length > 40
                  ? text
                  : undefined
            }
            className={`grid-cell ${column.mono ? 'mono' : ''} ${selected ? 'selected' : ''} ${focused === c ? 'focused' : ''} ${right ? 'is-right' : ''} ${found ? `found-${worst(found)}` : ''}`}
            onMouseDown={(event) => onStart(event, column.id)}
            onMouseEnter={(event) => onEnter(event, column.id)}
            onDoubleClick={() => onOpen(column.id)}
          >
            {editing?.field === column.id ? (
              <CellEditor
                item={item.id}
                initial={editing.start ?? text}
                field={column.id}
                title={column.title}
                onCommit={onCommit}
                onCancel={onCancel}
              />
            ) : (
              <span className="clamp">{text}</span>
            )}
          </span>
        );
      })}
    </div>
  );
}
