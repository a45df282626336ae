// Files with a row for each option, pair or step: the rows of a question are put together to one, which is then read like any other.
import type { Layout, Sheet } from '../model';
import { columnIndex } from '../shared/cells';
import { inOneRow } from '../shared/row-for-each';
import { readRows } from './rows';
import type { ReadItem } from './unread';

/** Whether a row begins another question than the one above it. */
function begins(layout: Layout, row: readonly string[], above: readonly string[] | undefined) {
  const textIn = (cells: readonly string[], role: string): string =>
    layout.columns
      .filter((column) => column.role === role)
      .map(({ column }) => cells[columnIndex(column)] ?? '')
      .join('\n');
  const stem = textIn(row, 'stem');
  const isAgain = layout.columns.some(
    ({ role, column }) => role === 'stem' && layout.rowForEach!.again.includes(column),
  );
  if (!above || !isAgain) {
    return stem !== '';
  }
  const isOther = (role: string): boolean => textIn(row, role) !== textIn(above, role);
  return stem !== '' && ['stem', 'ref', 'number-in-file'].some(isOther);
}

/** The rows of each question whose parts have rows of their own, down to the first empty one. */
export function rowsByQuestion({ rows }: Sheet, layout: Layout): (readonly string[])[][] {
  const questions: (readonly string[])[][] = [];
  const own = rows.slice((layout.file.firstRow ?? 2) - 1);
  const end = own.findIndex((row) => !row.some(Boolean));
  own.slice(0, end < 0 ? own.length : end).forEach((row, at) => {
    if (begins(layout, row, own[at - 1]) || !questions.length) {
      questions.push([]);
    }
    questions.at(-1)!.push(row);
  });
  return questions;
}

/** Every question of such a file. */
export function readPartRows(sheet: Sheet, layout: Layout): ReadItem[] {
  const wide = inOneRow(layout);
  const rows = rowsByQuestion(sheet, layout).map((own) => {
    const whole = [...own[0]!];
    for (const [letters, { column, n }] of wide.homes) {
      whole[columnIndex(letters)] = own[n - 1]?.[columnIndex(column)] ?? '';
    }
    return Array.from(whole, (text = '') => text);
  });
  return readRows(
    { ...sheet, rows },
    { ...wide.layout, file: { ...wide.layout.file, firstRow: 1 } },
  );
}
