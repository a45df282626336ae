// One row of the grid: the state of the question, and its cells.
import { i18n } from '../../languages';
import { memo } from 'react';
import type { Finding, Item } from '../../core/model';
import { worst, worstToSee } from '../parts/Finding';
import { cellText, type CellField } from '../parts/cells';
import { StateSign } from '../parts/StateSign';
import { CellEditor } from './CellEditor';
import { columnOfField, type GridColumn } from './columns';
import type { Editing, RowActs } from './grid-types';

export const ROW = 44;
/** A longer text is cut in its cell, and shown whole by its title. */
const CUT = 40;

/** What stands at each column of a question. */
function byColumn(findings: readonly Finding[] | undefined): Map<string, Finding[]> {
  const map = new Map<string, Finding[]>();
  for (const finding of findings ?? []) {
    const column = columnOfField(finding.field);
    map.set(column, [...(map.get(column) ?? []), finding]);
  }
  return map;
}

/** Whether a column holds a right answer. */
function isRight({ options, accepted }: Item, column: CellField): boolean {
  if (!column.startsWith('options.')) {
    return false;
  }
  const place = Number(column.slice('options.'.length));
  return options ? options[place]?.right === true : place === 0 && Boolean(accepted?.length);
}

function titleOf(text: string, found: readonly Finding[] | undefined): string | undefined {
  if (found) {
    return found.map(({ message }) => message).join('\n');
  }
  return text.length > CUT ? text : undefined;
}

type CellProps = {
  item: Item;
  column: GridColumn;
  place: { row: number; column: number; left: number | undefined };
  found: readonly Finding[] | undefined;
  isSelected: boolean;
  isFocused: boolean;
  editing: Editing | undefined;
  acts: RowActs;
};

function GridCell({ item, column, place, found, isSelected, isFocused, editing, acts }: CellProps) {
  const text = cellText(item, column.id);
  const marks = [
    column.mono ? 'mono' : '',
    column.fixed ? `fixed fixed-${column.id}` : '',
    isSelected ? 'selected' : '',
    isFocused ? 'focused' : '',
    isRight(item, column.id) ? 'is-right' : '',
    found ? `found-${worst(found)}` : '',
  ];
  return (
    <span
      role="gridcell"
      id={`cell-${place.row}-${place.column}`}
      data-field={column.id}
      aria-colindex={place.column + 2}
      aria-selected={isSelected}
      title={titleOf(text, found)}
      className={`grid-cell ${marks.filter(Boolean).join(' ')}`}
      style={place.left === undefined ? undefined : { left: place.left }}
      onMouseDown={(event) => acts.onStart(event, item.id, column.id)}
      onMouseEnter={(event) => acts.onEnter(event, item.id, column.id)}
      onDoubleClick={() => acts.onOpen(item.id, column.id)}
    >
      {editing ? (
        <CellEditor
          item={item}
          initial={editing.start ?? text}
          isStarted={editing.start !== undefined}
          field={column.id}
          title={column.title}
          onCommit={acts.onCommit}
          onCancel={acts.onCancel}
        />
      ) : (
        <span className="clamp">{text}</span>
      )}
    </span>
  );
}

export type RowProps = {
  item: Item;
  index: number;
  start: number;
  template: string;
  columns: readonly GridColumn[];
  /** The left edges of the columns that stay in sight, by their place. */
  lefts: readonly (number | undefined)[];
  findings: readonly Finding[] | undefined;
  /** The first and last selected column of this row; absent where none is. */
  selected: { first: number; last: number } | undefined;
  focused: number;
  editing: Editing | undefined;
  acts: RowActs;
};

const isIn = (selected: RowProps['selected'], column: number): boolean =>
  selected !== undefined && column >= selected.first && column <= selected.last;

export const GridRow = memo(function GridRow(props: RowProps) {
  const { item, index, start, template, columns, lefts, findings, selected, focused } = props;
  const { editing, acts } = props;
  const found = byColumn(findings);
  const state = worstToSee(findings ?? []) ?? 'fine';
  return (
    <div
      role="row"
      aria-rowindex={index + 2}
      aria-selected={selected !== undefined}
      className={`grid-row ${focused >= 0 ? 'current' : ''} ${editing ? 'editing' : ''}`}
      style={{ transform: `translateY(${start}px)`, gridTemplateColumns: template, height: ROW }}
    >
      <span role="rowheader" className={`state sign ${state}`}>
        <StateSign state={state} fine={i18n._('sound')} />
      </span>
      {columns.map((column, place) => (
        <GridCell
          key={column.id}
          item={item}
          column={column}
          place={{ row: index, column: place, left: lefts[place] }}
          found={found.get(column.id)}
          isSelected={isIn(selected, place)}
          isFocused={focused === place}
          editing={editing?.field === column.id ? editing : undefined}
          acts={acts}
        />
      ))}
    </div>
  );
});
