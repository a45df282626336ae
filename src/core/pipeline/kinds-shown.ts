// Kinds that a blank's samples show beside what their codes say: "multiple choice" with several right options takes both kinds of choice.
import type { Layout, Role, Table } from '../model';
import { columnIndex } from '../shared/cells';
import { DRAWN_GAP, USUAL_GAP } from '../shared/drawn-gap';
import { alike } from '../shared/normalise';
import { leavesOpenHowMany } from '../shared/vocabulary/kinds';
import { samplesRead } from './samples';

/** Whether one of the samples with a code has several right options. */
function showsSeveral(table: Table, layout: Layout, code: string): boolean {
  const samples = samplesRead(table, layout);
  const column = layout.columns.find(({ role }) => role === 'kind');
  if (!samples || !column) {
    return false;
  }
  return samples.items.some(({ options = [] }, at) => {
    const own = samples.rows[at]?.[columnIndex(column.column)] ?? '';
    return alike(own) === alike(code) && options.filter(({ right }) => right).length > 1;
  });
}

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

/** What a blank's samples show of gaps: how they are drawn, and that it takes nothing else where it names no kinds. */
function gapsShown(table: Table, layout: Layout): Partial<Layout> {
  const takes = layout.kinds.some(({ kind }) => kind === 'gap');
  const mayBe = !layout.kinds.length && layout.columns.some(({ role }) => role === 'accepted');
  const rows = ((takes || mayBe) && samplesRead(table, layout)?.rows) || [];
  const areGaps = mayBe && rows.length > 0 && rows.every((row) => fillsGaps(row, layout));
  const drawn = new Set(takes || areGaps ? rows.flatMap((row) => gapsIn(row, layout)) : []);
  const [gap] = drawn;
  return {
    ...(areGaps ? { kinds: [{ kind: 'gap' as const, code: '' }] } : {}),
    ...(gap !== undefined && drawn.size === 1 && gap !== USUAL_GAP ? { gap } : {}),
  };
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

/** A learned layout whose loose word for a choice stands for several right options too, where a sample has them. */
export function withKindsShown<T extends { layout: Layout }>(learned: T, table: Table): T {
  const { layout } = learned;
  const { kinds } = layout;
  const loose = kinds.find(
    ({ kind, code }) => kind === 'choice-one' && code !== '' && leavesOpenHowMany(code),
  );
  const isOpen = loose && !kinds.some(({ kind }) => kind === 'choice-many');
  return isOpen && showsSeveral(table, layout, loose.code)
    ? {
        ...learned,
        layout: { ...layout, kinds: [...kinds, { kind: 'choice-many', code: loose.code }] },
      }
    : learned;
}
