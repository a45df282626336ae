// What a blank's samples show of gaps: that it takes nothing else, and how they are drawn.
import type { Layout, Table } from '../model';
import { DRAWN_GAP, USUAL_GAP } from '../shared/drawn-gap';
import { textsOfRole } from '../shared/role-texts';
import { samplesRead } from './samples';
import { say } from '../shared/say';

/** The gaps that a sample draws. */
const gapsIn = (row: readonly string[], { columns }: Layout): string[] =>
  textsOfRole(columns, 'stem', row).join(' ').match(DRAWN_GAP) ?? [];

/** Whether a sample draws as many gaps as it fills columns of answers; a lone gap may have several answers. */
function fillsGaps(row: readonly string[], layout: Layout): boolean {
  const gaps = gapsIn(row, layout).length;
  const answers = textsOfRole(layout.columns, 'accepted', row).filter(Boolean);
  return gaps > 0 && (answers.length === gaps || (gaps === 1 && answers.length > 0));
}

/** How gaps are drawn in samples, where they are so in one way that is not the usual one. */
function drawnIn(rows: readonly (readonly string[])[], layout: Layout): Partial<Layout> {
  const [gap, ...others] = new Set(rows.flatMap((row) => gapsIn(row, layout)));
  return gap !== undefined && !others.length && gap !== USUAL_GAP ? { gap } : {};
}

/** What a blank's samples show of gaps: how they are drawn, and that it takes nothing else where it names no kinds. */
function gapsShown(table: Table, layout: Layout): Partial<Layout> {
  const { kinds, columns } = layout;
  const isNamed = kinds.some(({ kind }) => kind === 'gap');
  const mayBe = !kinds.length && columns.some(({ role }) => role === 'accepted');
  const rows = (isNamed || mayBe ? samplesRead(table, layout)?.rows : undefined) ?? [];
  const areGaps = rows.length > 0 && rows.every((row) => fillsGaps(row, layout));
  if (isNamed || !areGaps) {
    return isNamed ? drawnIn(rows, layout) : {};
  }
  return { kinds: [{ kind: 'gap', code: '' }], ...drawnIn(rows, layout) };
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
    because: {
      ...learned.because,
      ...(shown.kinds ? { kinds: say('its samples have gaps') } : {}),
    },
  };
}
