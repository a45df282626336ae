// Options that stand in one cell, and the column that says which of them is right: by its text, or by its number in the list.
import { alike } from '../shared/normalise';
import { findInnerSeparator, splitCell } from '../shared/table/separators';
import { says } from './column-words';
import type { ColumnView, Meaning, TableView } from './contract';

const NAMED = 0.5;
const SAID = 0.8;
const FEWEST_LISTED = 4;
const DISTINCT = 0.5;
const BARELY = 0.02;

/** The parts of each cell of a column, alike in case and blanks; undefined where its cells hold no lists. */
function listsIn({ texts }: ColumnView): string[][] | undefined {
  const separator = findInnerSeparator(texts);
  const lists = texts.map((text) => splitCell(text, separator).map(alike));
  const isList = (parts: readonly string[]): boolean => parts.length !== 1;
  return lists.some((parts) => parts.length > 1) && lists.every(isList) ? lists : undefined;
}

/** Whether a column's cells are each one part of a list in another's, not always the first: what is right among what is to be chosen. */
function namesOneOf({ texts }: ColumnView, lists: readonly string[][]): boolean {
  const rows = texts
    .map((text, row) => ({ own: alike(text), parts: lists[row]! }))
    .filter(({ own, parts }) => own || parts.length > 0);
  const places = rows.map(({ own, parts }) => parts.indexOf(own));
  return (
    rows.length >= FEWEST_LISTED &&
    places.every((place) => place >= 0) &&
    places.some((place) => place > 0) &&
    new Set(rows.map(({ own }) => own)).size > rows.length * DISTINCT
  );
}

/** Without a heading of its own a column says nothing against what it shows. */
const maySay = (column: ColumnView, ...meanings: Meaning[]): boolean =>
  column.heading === '' || says(column, ...meanings) > NAMED;

/** Whether a column's cells are each a number that counts one part of a list in another's, not always the first. */
function countsOneOf({ texts }: ColumnView, lists: readonly string[][]): boolean {
  const rows = texts
    .map((text, row) => ({ n: /^\d{1,2}$/u.test(text) ? Number(text) : NaN, parts: lists[row]! }))
    .filter(({ n, parts }) => !Number.isNaN(n) || parts.length > 0);
  return (
    rows.length >= FEWEST_LISTED &&
    rows.every(({ n, parts }) => n >= 1 && n <= parts.length) &&
    rows.some(({ n }) => n > 1)
  );
}

/** Where a column is called the key and none the options: a list whose parts it counts, though it is called so among other things. */
function countedLists({ columns }: TableView): { key: ColumnView; list: ColumnView } | undefined {
  const key = columns.find((column) => says(column, 'key', 'right') > SAID);
  const isOffered = columns.some((column) => says(column, 'option', 'options') > NAMED);
  const list = columns.find((column) => {
    const lists =
      column !== key && says(column, 'option', 'options') > BARELY ? listsIn(column) : undefined;
    return key && lists && countsOneOf(key, lists);
  });
  return key && list && !isOffered ? { key, list } : undefined;
}

/** The options that stand in one cell, beside a column that holds the right one's text. */
export function keyOfLists(view: TableView): { key: ColumnView; list: ColumnView } | undefined {
  const { columns } = view;
  for (const list of columns.filter((column) => maySay(column, 'options'))) {
    const lists = listsIn(list);
    const key =
      lists &&
      columns.find((column) => maySay(column, 'key', 'right') && namesOneOf(column, lists));
    if (key) {
      return { key, list };
    }
  }
  return countedLists(view);
}
