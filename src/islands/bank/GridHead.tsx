// The head of the grid: a press sorts by the column, its edge or Alt with an arrow widens it.
import { UnstyledButton, VisuallyHidden } from '@mantine/core';
import { useState, type KeyboardEvent } from 'react';
import { setView, useView, type View } from '../state/view';
import type { GridColumn } from './columns';
import { leftOf } from './places-of';
import { LEAST_WIDTH, type GridTable } from './use-grid-table';
import { i18n } from '../../languages';

type Sort = View['sort'];
const WIDER_BY = 20;
const STEPS: Readonly<Record<string, number>> = { ArrowLeft: -1, ArrowRight: 1 };

/** Up, then down, then as the bank has them. */
function nextSort(sort: Sort, column: string): Sort {
  if (sort?.column !== column) {
    return { column, down: false };
  }
  return sort.down ? undefined : { column, down: true };
}

const ARIA = { up: 'ascending', down: 'descending', none: 'none' } as const;
const ARROWS = { up: ' ↑', down: ' ↓', none: '' } as const;
function wayOf(sort: Sort, column: string): keyof typeof ARIA {
  if (sort?.column !== column) {
    return 'none';
  }
  return sort.down ? 'down' : 'up';
}

export function GridHead({
  table,
  columns,
  template,
}: {
  table: GridTable;
  columns: readonly GridColumn[];
  template: string;
}) {
  const sort = useView((view) => view.sort);
  // One stop for Tab; arrows go from heading to heading.
  const [at, setAt] = useState(0);
  const headers = table.getHeaderGroups()[0]?.headers ?? [];
  const press = (event: KeyboardEvent<HTMLElement>, index: number): void => {
    const step = STEPS[event.key];
    const header = headers[index];
    if (!step || !header) {
      return;
    }
    event.preventDefault();
    if (event.altKey) {
      const { column } = header;
      table.setColumnSizing((sizes) => ({
        ...sizes,
        [column.id]: Math.max(LEAST_WIDTH, column.getSize() + step * WIDER_BY),
      }));
      return;
    }
    const next = Math.max(0, Math.min(headers.length - 1, index + step));
    setAt(next);
    event.currentTarget
      .closest('[role=row]')
      ?.querySelectorAll<HTMLElement>('button')
      [next]?.focus();
  };
  return (
    <div
      role="row"
      aria-rowindex={1}
      className="grid-row grid-head"
      style={{ gridTemplateColumns: template }}
    >
      <span role="columnheader" className="corner">
        <VisuallyHidden>{i18n._('State')}</VisuallyHidden>
      </span>
      {headers.map((header, index) => {
        const { id } = header.column;
        const way = wayOf(sort, id);
        const column = columns[index];
        return (
          <span
            role="columnheader"
            key={header.id}
            data-field={id}
            aria-sort={ARIA[way]}
            className={column?.fixed ? `fixed fixed-${id}` : ''}
            style={column?.fixed ? { left: leftOf(table, index) } : undefined}
          >
            <UnstyledButton
              className="sort"
              tabIndex={index === at ? 0 : -1}
              title={i18n._('Sort by {title}; Alt with an arrow makes it wider or narrower', {
                title: column?.title ?? '',
              })}
              onClick={() => setView({ sort: nextSort(sort, id) })}
              onKeyDown={(event) => press(event, index)}
              onFocus={() => setAt(index)}
            >
              {column?.title}
              {ARROWS[way]}
            </UnstyledButton>
            <span
              className="resizer"
              aria-hidden
              onMouseDown={header.getResizeHandler()}
              onTouchStart={header.getResizeHandler()}
            />
          </span>
        );
      })}
    </div>
  );
}
