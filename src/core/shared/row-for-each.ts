// Receivers with a row for each option, pair or step of a question: the same columns laid out as one row, with a set of them for each
// part, so that such a file is filled and read like any other.
import type { CellRow, Column, Layout, Role } from '../model';
import { columnIndex, columnLetters } from './cells';

/** What says something of one part alone, by what has the rows. */
const OF_PART: Readonly<Record<NonNullable<Layout['rowForEach']>['part'], ReadonlySet<Role>>> = {
  option: new Set<Role>(['option', 'verdict', 'weight', 'feedback']),
  pair: new Set<Role>(['left', 'right-side', 'pair']),
  step: new Set<Role>(['step']),
};
/** So many parts a question has at most where no limit is told. */
const MOST_PARTS = 26;

/** A column of the laid out row that stands for one of the file: its letters there, and the part that it is of, from 1. */
export type Home = { column: string; n: number };

/** Whether a column says something of one part of a question alone. */
const isOfPart = ({ rowForEach }: Layout, { role }: Column): boolean =>
  rowForEach !== undefined && OF_PART[rowForEach.part].has(role);

/** The layout with all parts of a question in one row, and where each of its columns for parts stands in the file. */
export function inOneRow(layout: Layout): { layout: Layout; homes: ReadonlyMap<string, Home> } {
  const homes = new Map<string, Home>();
  if (!layout.rowForEach) {
    return { layout, homes };
  }
  const own = layout.columns.filter((column) => isOfPart(layout, column));
  const base = layout.columns.filter((column) => !isOfPart(layout, column));
  const last = Math.max(...layout.columns.map(({ column }) => columnIndex(column)));
  const most = layout.limits.optionsMax ?? MOST_PARTS;
  const parts = Array.from({ length: most }, (_, part) =>
    own.map((column, at): Column => {
      const letters = columnLetters(last + 1 + part * own.length + at);
      homes.set(letters, { column: column.column, n: part + 1 });
      return { ...column, n: part + 1, column: letters };
    }),
  );
  return { layout: { ...layout, columns: [...base, ...parts.flat()] }, homes };
}

/** Whether a question begins in one of several filled rows: the first of them, and each in which another is asked than above. */
export function beginsIn(cells: readonly CellRow[], index: number, { columns }: Layout): boolean {
  const stem = columns.find(({ role }) => role === 'stem')?.column ?? '';
  const own = cells[index]?.[stem];
  return index === 0 || (own !== undefined && own !== cells[index - 1]?.[stem]);
}
