// Kinds that a blank's samples show beside what their codes say: "multiple choice" with several right options takes both kinds of choice.
import type { Layout, Table } from '../model';
import { columnIndex } from '../shared/cells';
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
