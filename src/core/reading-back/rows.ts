// A row for each question.
import type { Layout, Role, Sheet } from '../model';
import { columnIndex } from '../shared/cells';
import { questionOf } from './question';
import type { Said } from './said';
import type { ReadItem } from './unread';
import { groupBy } from '../shared/group-by';
import { say } from '../shared/say';

const APART = new Set<Role>(['ignore', 'number-in-file', 'constant']);

/** A column that is always the same and says something else here is not understood. */
function withConstants(item: ReadItem, { columns }: Layout, row: readonly string[]): ReadItem {
  const other = columns.flatMap(({ role, column, default: constant }) => {
    const text = row[columnIndex(column)] ?? '';
    return role === 'constant' && constant && text !== constant
      ? [[say('column {column}', { column }), text]]
      : [];
  });
  return other.length
    ? { ...item, unread: { ...item.unread, ...(Object.fromEntries(other) as object) } }
    : item;
}

/** Reads rows from the first one on, down to the first without a text of a question. */
export function readRows(sheet: Sheet, layout: Layout): ReadItem[] {
  const byRole = groupBy(
    [...layout.columns].sort((a, b) => (a.n ?? 0) - (b.n ?? 0)),
    ({ role }) => role,
  );
  const places = new Map(
    [...byRole].map(([role, columns]) => [
      role,
      columns.map((column) => columnIndex(column.column)),
    ]),
  );
  const own = layout.columns
    .filter((column) => !APART.has(column.role) && !column.default)
    .map((column) => columnIndex(column.column));
  const items: ReadItem[] = [];
  for (let r = (layout.file.firstRow ?? 2) - 1; r < sheet.rows.length; r++) {
    const row = sheet.rows[r]!;
    if (!own.some((column) => row[column])) {
      break;
    }
    const all = (role: Role): string[] =>
      places.get(role)?.map((column) => row[column] ?? '') ?? [];
    const said: Said = {
      all,
      get: (role) => row[places.get(role)?.[0] ?? -1] ?? '',
      has: (role) => places.has(role),
      columns: (role) => byRole.get(role) ?? [],
      separator: (role) => byRole.get(role)?.[0]?.separator,
    };
    const question = questionOf(layout, said, items.length + 1);
    items.push(withConstants(question, layout, row));
  }
  return items;
}
