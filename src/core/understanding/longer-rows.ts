// Options that only some questions have: a column without a heading, behind the last one of options, filled in rows alone that fill
// all of those, and needed by the key: it holds what the key names or a right one's sign.
import type { Assigned } from './assign';
import type { ColumnView, TableView } from './contract';
import { piecesOf } from './heading-words';
import { findMarks, withoutMark } from './keys/marks';
import { readingsOf } from './keys/named';
import { leaning } from './scaled';
import { rowsOf } from './witness';

/** How likely what is needed is an option. */
const NEEDED = 0.9;
/** So many rows must the key name, once the column is one of them. */
const MOSTLY = 0.8;
const FEWEST = 2;

type Options = readonly ColumnView[];

/** Whether a column is filled in some of the rows in which the last option is filled, and in no others. */
const isWithin = ({ texts }: ColumnView, last: ColumnView): boolean =>
  texts.some(Boolean) && texts.every((text, row) => !text || Boolean(last.texts[row]));

/** The share of rows in which a key names one of these options. */
function named(view: TableView, options: Options, key: ColumnView): number {
  const rows = rowsOf(
    options.map(({ texts }) => texts),
    view.rows,
  ).map((texts, row) => ({ key: key.texts[row] ?? '', options: texts }));
  return (
    readingsOf(
      rows.filter((row) => row.key),
      options.map(({ heading }) => heading),
    )[0]?.share ?? 0
  );
}

/** Whether rows whose right option is nowhere else have its sign in a column. */
function holdsSign(view: TableView, options: Options, next: ColumnView): boolean {
  const rows = rowsOf(
    options.map(({ texts }) => texts),
    view.rows,
  );
  const right = findMarks(rows)?.right;
  const isRight = (text: string): boolean =>
    right !== undefined && withoutMark(text, right) !== undefined;
  const signed = next.texts.flatMap((text, row) => (isRight(text) ? [rows[row]!] : []));
  return signed.length > 0 && !signed.some((row) => row.some(isRight));
}

/** Whether the questions need a column behind their options: without it the key misses some. */
function isNeeded(
  view: TableView,
  options: Options,
  next: ColumnView,
  keys: readonly ColumnView[],
): boolean {
  if (!keys.length) {
    return holdsSign(view, options, next);
  }
  return keys.some((key) => {
    const withNext = named(view, [...options, next], key);
    return withNext >= MOSTLY && withNext > named(view, options, key);
  });
}

/** The odds of the columns, with those that longer questions need as one more option leaning to that. */
export function withLongerRows(
  view: TableView,
  odds: readonly (readonly number[])[],
  base: readonly Assigned[],
): (readonly number[])[] {
  const { columns } = view;
  const keys = columns.filter((_, index) => base[index]!.meaning === 'key');
  const options = columns.filter((_, index) => base[index]!.meaning === 'option');
  const isTold = base.some(({ meaning }) => meaning === 'verdict' || meaning === 'weight');
  const longer = new Set<ColumnView>();
  let at = columns.indexOf(options.at(-1)!) + 1;
  while (options.length >= FEWEST && !isTold && at < columns.length) {
    const next = columns[at++]!;
    const isOpen = !piecesOf(next.heading).length && isWithin(next, options.at(-1)!);
    if (!isOpen || !isNeeded(view, options, next, keys)) {
      break;
    }
    options.push(next);
    longer.add(next);
  }
  return odds.map((own, index) =>
    longer.has(columns[index]!) ? leaning(own, 'option', NEEDED) : own,
  );
}
