// Kinds that a blank's samples show beside what their codes say: "multiple choice" with several right options takes both kinds of choice.
import type { Layout, Table } from '../model';
import { readBack } from '../reading-back';
import { columnIndex } from '../shared/cells';
import { alike } from '../shared/normalise';
import { leavesOpenHowMany } from '../shared/vocabulary/kinds';
import { MOST_SAMPLES } from './samples';

/** Whether one of the samples with a code has several right options. */
function showsSeveral(table: Table, layout: Layout, code: string): boolean {
  const { sample, sheet: name } = layout.file;
  const sheet = table.sheets.find((one) => one.name === name) ?? table.sheets[0];
  const column = layout.columns.find(({ role }) => role === 'kind');
  if (!sample || !sheet || !column) {
    return false;
  }
  const [first] = sample;
  const last = Math.min(sample[1], first + MOST_SAMPLES - 1);
  const sheets = [{ ...sheet, rows: sheet.rows.slice(0, last) }];
  const items = readBack({ ...table, sheets }, layout).slice(0, last - first + 1);
  return items.some(({ options = [] }, at) => {
    const own = sheet.rows[first - 1 + at]?.[columnIndex(column.column)] ?? '';
    return alike(own) === alike(code) && options.filter(({ right }) => right).length > 1;
  });
}

/** A learned layout whose loose word for a choice stands for several right options too, where a sample has them. */
export function withKindsShown<T extends { layout: Layout }>(learned: T, table: Table): T {
  const { layout } = learned;
  const { kinds, shape } = layout;
  const loose = kinds.find(
    ({ kind, code }) => kind === 'choice-one' && code !== '' && leavesOpenHowMany(code),
  );
  const isOpen = shape === 'rows' && loose && !kinds.some(({ kind }) => kind === 'choice-many');
  return isOpen && showsSeveral(table, layout, loose.code)
    ? {
        ...learned,
        layout: { ...layout, kinds: [...kinds, { kind: 'choice-many', code: loose.code }] },
      }
    : learned;
}
