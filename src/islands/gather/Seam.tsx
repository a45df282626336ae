// The seam: the source's cells at the left, the question that each row became at the right.
import { Menu } from '@mantine/core';
import { useVirtualizer } from '@tanstack/react-virtual';
import { useCallback, useMemo, useState, type CSSProperties, type KeyboardEvent } from 'react';
import type { CellRange, Finding, Item, Role } from '../../core/model';
import { cellName, columnLetters, parseRange, rangeName } from '../../core/shared/cells';
import { overrule, useGather } from '../state/gather';
import { SIGNS, worst } from '../parts/Finding';
import { roleWords } from '../../core/shared/roles';
import { ROLE_GROUPS } from '../parts/roles';
import { Divider } from './Divider';
import { Understood } from './Understood';
import { tracksOf, useColumns, type ShownColumn } from './use-columns';
import { useFindingsByItem } from './use-findings';
import { useRangeDrag } from './use-range-drag';
import { useShare } from './use-share';

type ShownRow = {
  shown: number;
  cells: readonly string[];
  items: readonly { item: Item; n: number }[];
  heading: boolean;
};

const NONE: readonly Finding[] = [];

function useRows(): ShownRow[] {
  const { answer, items } = useGather();
  return useMemo(() => {
    if (!answer?.sheet) {
      return [];
    }
    const byRow = new Map<number, { item: Item; n: number }[]>();
    items.forEach((item, n) => {
      const row = item.origin?.row ?? 0;
      const own = byRow.get(row);
      if (own) {
        own.push({ item, n: n + 1 });
      } else {
        byRow.set(row, [{ item, n: n + 1 }]);
      }
    });
    return answer.sheet.rows
      .map((cells, index): ShownRow => {
        const shown = answer.sheet!.lines?.[index] ?? index + 1;
        return {
          shown,
          cells,
          items: byRow.get(shown) ?? [],
          heading: shown === answer.reading.headingRow,
        };
      })
      .filter((row) => row.items.length || row.cells.some((cell) => cell.trim()));
  }, [answer, items]);
}

function RoleMenu({ column }: { column: ShownColumn }) {
  const { answer } = useGather();
  const letters = columnLetters(column.index);
  const role = column.column?.role ?? 'ignore';
  const setRole = (next: Role): void => {
    const all = (answer?.reading.columns ?? []).map(({ n: _n, ...rest }) =>
      rest.column === letters ? { ...rest, role: next } : rest,
    );
    if (!all.some((candidate) => candidate.column === letters)) {
      all.push({ column: letters, role: next });
    }
    void overrule({ columns: all, headingRow: answer?.reading.headingRow ?? null, key: undefined });
  };
  const because = answer?.reading.because[`columns.${letters}`];
  const unsure = answer?.reading.unsure.includes(`columns.${letters}`) ?? false;
  return (
    <Menu position="bottom-start" withinPortal>
      <Menu.Target>
        <button
          type="button"
          className={`role role-${role} ${unsure ? 'unsure' : ''}`}
          title={because ? `${roleWords(role)}, because ${because}` : roleWords(role)}
        >
          <span className="mono letters">
            <span className="visually-hidden">Column </span>
            {letters}
          </span>{' '}
          <span className="mono name">
            {unsure ? '? ' : ''}
            {column.label}
          </span>
          <span className="visually-hidden">, {roleWords(role)}. Change</span>
        </button>
      </Menu.Target>
      <Menu.Dropdown mah={420} style={{ overflowY: 'auto' }}>
        {because && (
          <Menu.Label>
            {roleWords(role)}, because {because}
          </Menu.Label>
        )}
        {ROLE_GROUPS.map(([group, roles]) => [
          <Menu.Label key={group}>{group}</Menu.Label>,
          ...roles.map((next) => (
            <Menu.Item
              key={next}
              onClick={() => setRole(next)}
              {...(next === role ? { 'aria-current': true } : {})}
            >
              {roleWords(next)}
            </Menu.Item>
          )),
        ])}
      </Menu.Dropdown>
    </Menu>
  );
}

/** What a row's number offers: to be the headings, or to be where the reading starts or ends. */
function RowMenu({ shown }: { shown: number }) {
  const { answer } = useGather();
  const cut = (side: 'top' | 'bottom'): void => {
    const rows = answer?.sheet?.rows ?? [];
    const widest = Math.max(1, ...rows.map((row) => row.length));
    const range = (answer?.reading.range ? parseRange(answer.reading.range) : undefined) ?? {
      top: 0,
      left: 0,
      bottom: (answer?.sheet?.lines?.at(-1) ?? rows.length) - 1,
      right: widest - 1,
    };
    void overrule({
      range: rangeName({ ...range, [side]: shown - 1 }),
      headingRow: undefined,
      key: undefined,
    });
  };
  return (
    <Menu position="bottom-start" withinPortal>
      <Menu.Target>
        <button type="button" className="mono row-point" title={`Row ${shown}`}>
          <span className="visually-hidden">Row </span>
          {shown}
        </button>
      </Menu.Target>
      <Menu.Dropdown>
        <Menu.Item
          onClick={() => void overrule({ headingRow: shown, columns: undefined, key: undefined })}
        >
          The headings stand here
        </Menu.Item>
        {!answer?.sheet?.lines && (
          <Menu.Item onClick={() => cut('top')}>Start reading here</Menu.Item>
        )}
        {!answer?.sheet?.lines && (
          <Menu.Item onClick={() => cut('bottom')}>Stop reading here</Menu.Item>
        )}
      </Menu.Dropdown>
    </Menu>
  );
}

function Cells({
  row,
  columns,
  findings,
  dragged,
  fixed,
}: {
  row: ShownRow;
  columns: readonly ShownColumn[];
  findings: readonly Finding[];
  dragged: CellRange | undefined;
  /** The column that stays in sight when the others are moved sideways. */
  fixed: number | undefined;
}) {
  return columns.map((column) => {
    const name = cellName(row.shown - 1, column.index);
    const found = worst(findings.filter((finding) => finding.where?.cell === name));
    const inDrag =
      dragged &&
      row.shown - 1 >= dragged.top &&
      row.shown - 1 <= dragged.bottom &&
      column.index >= dragged.left &&
      column.index <= dragged.right;
    return (
      <span
        key={column.index}
        role="cell"
        data-place={`${row.shown - 1}:${column.index}`}
        className={`cell role-${column.column?.role ?? 'ignore'} ${found ? `found-${found}` : ''} ${inDrag ? 'dragged' : ''} ${column.index === fixed ? 'fixed' : ''}`}
      >
        <span>{row.cells[column.index] ?? ''}</span>
      </span>
    );
  });
}

export function Seam() {
  const { findings, name } = useGather();
  const { dragged, onPointerDown } = useRangeDrag();
  const columns = useColumns();
  const rows = useRows();
  const [scroller, setScroller] = useState<HTMLDivElement | null>(null);
  const byItem = useFindingsByItem();
  const byCell = useMemo(
    () =>
      new Map(
        findings
          .filter((finding) => !finding.item && finding.where?.cell)
          .map((finding) => [Number(/\d+$/.exec(finding.where!.cell!)![0]), finding]),
      ),
    [findings],
  );
  const key = useCallback((index: number) => rows[index]?.shown ?? index, [rows]);
  const estimate = useCallback(() => 66, []);
  const virtual = useVirtualizer({
    count: rows.length,
    getScrollElement: () => scroller,
    estimateSize: estimate,
    getItemKey: key,
    overscan: 6,
  });
  const share = useShare();
  const { tracks, least } = useMemo(() => tracksOf(columns), [columns]);
  const fixed = columns.find(({ column }) => column?.role === 'stem')?.index;
  const move = (event: KeyboardEvent<HTMLDivElement>): void => {
    if (event.key !== 'ArrowDown' && event.key !== 'ArrowUp') {
      return;
    }
    const cards = [...(scroller?.querySelectorAll<HTMLElement>('.understood[tabindex]') ?? [])];
    const at = cards.findIndex((card) => card.contains(document.activeElement));
    const next = cards[Math.max(0, at + (event.key === 'ArrowDown' ? 1 : -1))];
    if (next && !(document.activeElement instanceof HTMLTextAreaElement)) {
      event.preventDefault();
      next.focus();
      next.scrollIntoView({ block: 'nearest' });
    }
  };
  return (
    <div
      className="panel seam halves"
      ref={setScroller}
      style={{ '--share': `${share.share}cqw`, '--least': `${least}px` } as CSSProperties}
      onKeyDown={move}
      onPointerDown={onPointerDown}
      role="table"
      aria-label={`${name} beside what was understood`}
      aria-rowcount={rows.length}
      tabIndex={-1}
    >
      <div className="seam-row seam-head" role="row">
        <div className="seam-left" style={{ gridTemplateColumns: tracks }}>
          <span role="columnheader" className="number">
            <span className="visually-hidden">Row</span>
          </span>
          {columns.map((column) => (
            <span
              role="columnheader"
              key={column.index}
              className={column.index === fixed ? 'fixed' : ''}
            >
              <RoleMenu column={column} />
            </span>
          ))}
        </div>
        <div className="gutter" role="columnheader">
          <span className="visually-hidden">State</span>
          <Divider share={share} />
        </div>
        <div role="columnheader" className="seam-title seam-right">
          Understood
        </div>
      </div>
      <div role="rowgroup" style={{ height: virtual.getTotalSize(), position: 'relative' }}>
        {virtual.getVirtualItems().map((position) => {
          const row = rows[position.index]!;
          const own = row.items.flatMap(({ item }) => byItem.get(item.id) ?? NONE);
          const lone = row.items.length ? undefined : byCell.get(row.shown);
          const level = row.items.length
            ? (worst(own.filter((finding) => finding.level !== 'note')) ?? 'fine')
            : undefined;
          return (
            <div
              key={position.key}
              role="row"
              data-index={position.index}
              ref={virtual.measureElement}
              className={`seam-row ${row.items.length ? '' : 'aside'} ${row.heading ? 'heading' : ''}`}
              style={{ transform: `translateY(${position.start}px)` }}
            >
              <div className="seam-left" style={{ gridTemplateColumns: tracks }}>
                <span role="rowheader" className="number">
                  <RowMenu shown={row.shown} />
                </span>
                <Cells row={row} columns={columns} findings={own} dragged={dragged} fixed={fixed} />
              </div>
              <div className={`gutter sign ${level ?? ''}`} role="cell">
                {level === 'fine' ? (
                  <>
                    <span aria-hidden>✓</span>
                    <span className="visually-hidden">understood</span>
                  </>
                ) : level ? (
                  <>
                    <span aria-hidden>{SIGNS[level]}</span>
                    <span className="visually-hidden">
                      {level === 'block' ? 'blocked' : 'wants a look'}
                    </span>
                  </>
                ) : null}
              </div>
              <div role="cell" className="seam-right">
                {row.items.length ? (
                  row.items.map(({ item, n }) => (
                    <Understood
                      key={item.id}
                      item={item}
                      n={n}
                      findings={byItem.get(item.id) ?? NONE}
                    />
                  ))
                ) : (
                  <p className="soft aside-why">
                    {row.heading ? 'headings' : (lone?.message ?? '')}
                  </p>
                )}
              </div>
            </div>
          );
        })}
      </div>
    </div>
  );
}
