// What a blank's samples show of gaps: that it takes nothing else, and how they are drawn.
import type { Layout, Role, Table } from '../model';
import { columnIndex } from '../shared/cells';
import { DRAWN_GAP, USUAL_GAP } from '../shared/drawn-gap';
import { samplesRead } from './samples';

const textsIn = (row: readonly string[], { columns }: Layout, role: Role): string[] =>
  columns
    .filter((column) => column.role === role)
    .map(({ column }) => row[columnIndex(column)]?.trim() ?? '')
    .filter(Boolean);

/** The gaps that a sample draws. */
const gapsIn = (row: readonly string[], layout: Layout): string[] =>
  textsIn(row, layout, 'stem').join(' ').match(DRAWN_GAP) ?? [];

/** Whether a sample draws as many gaps as it fills columns of answers. */
const fillsGaps = (row: readonly string[], layout: Layout): boolean =>
  gapsIn(row, layout).length > 0 &&
  textsIn(row, layout, 'accepted').length === gapsIn(row, layout).length;

/** Whether all samples have gaps, and what goes into them fills the columns of answers. */
const areAllGaps = (rows: readonly (readonly string[])[], layout: Layout): boolean =>
  rows.length > 0 && rows.every((row) => fillsGaps(row, layout));

/** How gaps are drawn in samples, where they are so in one way that is not the usual one. */
function drawnIn(rows: readonly (readonly string[])[], layout: Layout): Partial<Layout> {
  const [gap, ...others] = new Set(rows.flatMap((row) => gapsIn(row, layout)));
  return gap !== undefined && !others.length && gap !== USUAL_GAP ? { gap } : {};
}

/** What a blank's samples show of gaps: how they are drawn, and that it takes nothing else where it names no kinds. */
function gapsShown(table: Table, layout: Layout): Partial<Layout> {
  const rows = samplesRead(table, layout)?.rows ?? [];
  if (layout.kinds.some(({ kind }) => kind === 'gap')) {
    return drawnIn(rows, layout);
  }
  const mayBe = !layout.kinds.length && layout.columns.some(({ role }) => role === 'accepted');
  return mayBe && areAllGaps(rows, layout)
    ? { kinds: [{ kind: 'gap', code: '' }], ...drawnIn(rows, layout) }
    : {};
}

/** A layout with what its samples show of gaps. */
export function withGapsShown<T extends { layout: Layout; because: Record<string, string> }>(
  learned: T,
  table: Table,
): T {
  const shown = gapsShown(table, learned.layout);
  return {
    ...learned,
    layout: { ...learned.layout, ...shown },
    because: { ...learned.because, ...(shown.kinds ? { kinds: 'its samples have gaps' } : {}) },
  };
}
