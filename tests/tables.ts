// Tables as they are looked at, made from a few words: for tests of what understands them.
import { sheetWith } from '../src/core/shared/sheet';
import { regionOf, type Region } from '../src/core/shared/table/region';
import type { Assigned } from '../src/core/understanding/assign';
import type { ColumnView, Meaning, TableView } from '../src/core/understanding/contract';

/** The region of a sheet written as lines, its cells between bars. */
export const region = (text: string): Region =>
  regionOf(sheetWith({ name: 'Sheet1', rows: text.split('\n').map((line) => line.split('|')) }));

/** The same, a line each. */
export const lines = (...rows: string[]): Region => region(rows.join('\n'));

/** Lines with bars between cells: columns side by side below their headings. */
export function asTable(columns: Record<string, readonly string[]>): string {
  const own = Object.entries(columns);
  const rows = own[0]![1].map((_, row) => own.map(([, texts]) => texts[row] ?? '').join('|'));
  return [own.map(([heading]) => heading).join('|'), ...rows].join('\n');
}

/** Four questions with two options each, as columns. */
export const STEMS = [
  'Who waits at the gate?',
  'What opens for a boat?',
  'What floats on a pound?',
  'Who steers it home?',
];
export const A = ['a boat', 'a gate', 'a hull', 'the crew'];
export const B = ['a lock', 'a sill', 'a stone', 'the keeper'];

export const column = (heading: string, ...texts: string[]): ColumnView => ({
  at: 0,
  heading,
  group: '',
  texts,
});

/** Columns beside one another; a source unless `change` says otherwise. */
export const view = (
  columns: readonly ColumnView[],
  change: Partial<TableView> = {},
): TableView => ({
  columns: columns.map((one, at) => ({ ...one, at })),
  rows: columns[0]?.texts.length ?? 0,
  blank: false,
  ...change,
});

/** A column taken for something, as likely as `p`, or else for what follows. */
export const taken = (meaning: Meaning, p = 0.9, others: Assigned['others'] = []): Assigned => ({
  meaning,
  p,
  others,
});
/** Columns taken for these meanings, each alike likely. */
export const takenAs = (...meanings: Meaning[]): Assigned[] => meanings.map((one) => taken(one));

/** What columns are taken for, in a few words. */
export const meaningsOf = (assigned: readonly { meaning: Meaning }[]): Meaning[] =>
  assigned.map(({ meaning }) => meaning);
