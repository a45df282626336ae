// Memory of blanks: what was said of one holds for the next whose headings are the same.
import type { Column, KeptLayout, Layout } from '../model';
import { isSameHeading, SAME_ROW, sameHeadings } from '../shared/likeness';
import { isDecided, saidFor } from '../shared/reasons';

type Learned = { layout: Layout; because: Record<string, string>; unsure: string[] };

/** What a layout says besides its columns that a person may have decided. */
const PARTS = ['key', 'kinds', 'shuffles', 'byKind', 'settings'] as const;

const headingsOf = ({ columns }: Layout): string[] =>
  columns.flatMap(({ heading }) => heading ?? []);

const chosenPaths = ({ because }: KeptLayout): string[] =>
  Object.entries(because).flatMap(([path, why]) => (isDecided(why) ? [path] : []));

/** The column of the new blank that a column of the known one has become. */
function sameColumn(
  layout: Layout,
  known: Layout,
  { heading, column }: Column,
): Column | undefined {
  const nth = known.columns
    .filter((other) => other.heading === heading)
    .findIndex((other) => other.column === column);
  return layout.columns.filter((other) => isSameHeading(other.heading ?? '', heading ?? ''))[nth];
}

/** The columns with what was decided of those of the known layout; `told` is told the path of each. */
function withColumns(layout: Layout, known: KeptLayout, told: (path: string) => void): Column[] {
  const decided = new Map<string, Column>();
  for (const path of chosenPaths(known)) {
    const letters = /^columns\.([A-Z]+)$/.exec(path)?.[1];
    const before = known.layout.columns.find(({ column }) => column === letters);
    const own = before?.heading ? sameColumn(layout, known.layout, before) : undefined;
    if (before && own) {
      decided.set(own.column, { ...before, column: own.column, heading: own.heading });
      told(`columns.${own.column}`);
    }
  }
  return layout.columns.map((column) => decided.get(column.column) ?? column);
}

/** A learned layout with what a person decided for a blank with the same headings. */
export function withKnown<T extends Learned>(learned: T, known: readonly KeptLayout[]): T {
  const headings = headingsOf(learned.layout);
  const [best] = known
    .filter((one) => one.layout.shape === learned.layout.shape && chosenPaths(one).length)
    .map((one) => ({ one, same: sameHeadings(headingsOf(one.layout), headings) }))
    .filter(({ same }) => same >= SAME_ROW)
    .sort((a, b) => b.same - a.same);
  if (!best) {
    return learned;
  }
  const because = { ...learned.because };
  const sure = new Set<string>();
  const told = (path: string): void => {
    because[path] = saidFor(best.one.layout.name);
    sure.add(path);
  };
  const layout: Layout = {
    ...learned.layout,
    columns: withColumns(learned.layout, best.one, told),
  };
  const paths = chosenPaths(best.one);
  for (const part of PARTS) {
    const decided = paths.filter((path) => path === part || path.startsWith(`${part}.`));
    if (decided.length) {
      Object.assign(layout, { [part]: best.one.layout[part] });
      decided.forEach(told);
    }
  }
  return { ...learned, layout, because, unsure: learned.unsure.filter((path) => !sure.has(path)) };
}
