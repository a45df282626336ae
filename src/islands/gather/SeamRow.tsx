// One row of the seam: its cells at the left, its state, and the question that it became at the right.
import { Text } from '@mantine/core';
import { memo } from 'react';
import type { CellRange, Finding } from '../../core/model';
import { cellName } from '../../core/shared/cells';
import { quoted } from '../../core/shared/plain';
import { worst, worstToSee } from '../parts/Finding';
import { StateSign } from '../parts/StateSign';
import { RowMenu } from './RowMenu';
import { Understood } from './Understood';
import type { ShownColumn } from './use-columns';
import type { ShownRow } from './use-rows';
import { i18n } from '../../languages';

const NONE: readonly Finding[] = [];

const isWithin = (range: CellRange | undefined, row: number, column: number): boolean =>
  range !== undefined &&
  row >= range.top &&
  row <= range.bottom &&
  column >= range.left &&
  column <= range.right;

type CellsProps = {
  row: ShownRow;
  columns: readonly ShownColumn[];
  findings: readonly Finding[];
  dragged: CellRange | undefined;
  /** The column that stays in sight when the others are moved sideways. */
  fixed: number | undefined;
};

function Cells({ row, columns, findings, dragged, fixed }: CellsProps) {
  return columns.map(({ index, column }) => {
    const name = cellName(row.shown - 1, index);
    const found = worst(findings.filter((finding) => finding.where?.cell === name));
    const marks = [
      `role-${column?.role ?? 'ignore'}`,
      found ? `found-${found}` : '',
      isWithin(dragged, row.shown - 1, index) ? 'dragged' : '',
      index === fixed ? 'fixed' : '',
    ];
    return (
      <span
        key={index}
        role="cell"
        data-place={`${row.shown - 1}:${index}`}
        data-sheet={row.sheet}
        className={`cell ${marks.join(' ')}`}
      >
        <span>{row.cells[index] ?? ''}</span>
      </span>
    );
  });
}

const headingWords = ({ sheet }: ShownRow): string =>
  sheet === undefined
    ? i18n._('headings')
    : i18n._('headings of {sheet}', { sheet: quoted(sheet) });

/** A row that became no question says why, where there is a reason. */
function Aside({ row, lone }: { row: ShownRow; lone: Finding | undefined }) {
  return (
    <Text c="dimmed" size="sm" className="aside-why">
      {row.isHeading ? headingWords(row) : (lone?.message ?? row.belongs ?? i18n._('left out'))}
    </Text>
  );
}

function State({ row, findings }: { row: ShownRow; findings: readonly Finding[] }) {
  const state = row.items.length ? (worstToSee(findings) ?? 'fine') : undefined;
  return (
    <div className={`gutter sign ${state ?? ''}`} role="cell">
      {state && <StateSign state={state} fine={i18n._('understood')} />}
    </div>
  );
}

export const SeamRow = memo(function SeamRow({
  row,
  columns,
  tracks,
  byItem,
  lone,
  dragged,
  fixed,
}: Omit<CellsProps, 'findings'> & {
  tracks: string;
  byItem: ReadonlyMap<string, readonly Finding[]>;
  lone: Finding | undefined;
}) {
  const findings = row.items.flatMap(({ item }) => byItem.get(item.id) ?? NONE);
  return (
    <>
      <div className="seam-left" style={{ gridTemplateColumns: tracks }}>
        <span role="rowheader" className="number">
          <RowMenu shown={row.shown} sheet={row.sheet} />
        </span>
        <Cells row={row} columns={columns} findings={findings} dragged={dragged} fixed={fixed} />
      </div>
      <State row={row} findings={findings} />
      <div role="cell" className="seam-right">
        {row.items.map(({ item, n }) => (
          <Understood key={item.id} item={item} n={n} findings={byItem.get(item.id) ?? NONE} />
        ))}
        {row.items.length === 0 && <Aside row={row} lone={lone} />}
      </div>
    </>
  );
});
