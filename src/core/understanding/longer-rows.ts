// Options that only some questions have: a column without a heading, behind the last one of options, filled in rows alone that fill
// all of those, and needed by the key, since it holds what the key names or a right one's sign; or made as those are, row by row.
import type { Assigned } from './assign';
import type { ColumnView, TableView } from './contract';
import { groupNames } from './heading-groups';
import { piecesOf } from './heading-words';
import { findMarks, withoutMark } from './keys/marks';
import { readingsOf } from './keys/named';
import { leaning } from './scaled';
import { rowsIn } from './witness';

/** How likely what is needed is an option. */
const NEEDED = 0.9;
/** How likely what only steps down, as rows of unequal length do. */
const STEPPING = 0.7;
/** So many rows must the key name, once the column is one of them. */
const MOSTLY = 0.8;
const FEWEST = 2;

type Options = readonly ColumnView[];

/** Whether a column is filled in some of the rows in which the last option is filled, and in no others. */
const isWithin = ({ texts }: ColumnView, last: ColumnView): boolean =>
  texts.some(Boolean) && texts.every((text, row) => !text || Boolean(last.texts[row]));

/** The share of rows in which a key names one of these options. */
function named(view: TableView, options: Options, key: ColumnView): number {
  const rows = rowsIn(options, view.rows).map((texts, row) => ({
    key: key.texts[row] ?? '',
    options: texts,
  }));
  return (
    readingsOf(
      rows.filter((row) => row.key),
      options.map(({ heading }) => heading),
    )[0]?.share ?? 0
  );
}

/** Whether rows whose right option is nowhere else have its sign in a column. */
function holdsSign(view: TableView, options: Options, next: ColumnView): boolean {
  const rows = rowsIn(options, view.rows);
  const right = findMarks(rows)?.right;
  const isRight = (text: string): boolean =>
    right !== undefined && withoutMark(text, right) !== undefined;
  const signed = next.texts.flatMap((text, row) => (isRight(text) ? [rows[row]!] : []));
  return signed.length > 0 && !signed.some((row) => row.some(isRight));
}

/** What a text is made of: of a number, of two things with a sign between them, or of words. */
function makeOf(text: string): 'number' | 'pair' | 'words' {
  if (/^[^\p{L}\d]{0,3}\d[\d.,:/\s]*[^\d\s]{0,3}$/u.test(text)) {
    return 'number';
  }
  return /\S\s*(?:=|->|→)\s*\S/u.test(text) ? 'pair' : 'words';
}

/** Whether a column holds numbers or pairs where all options of a row are such, and words where they are words. */
function isMadeAlike(options: Options, { texts }: ColumnView): boolean {
  const rows = texts.flatMap((text, row) =>
    text ? [{ make: makeOf(text), others: options.map((one) => makeOf(one.texts[row]!)) }] : [],
  );
  return (
    rows.some(({ make }) => make !== 'words') &&
    rows.every(({ make, others }) => others.every((other) => other === make))
  );
}

/** Whether the questions need a column behind their options, or it is made as those are: without it the key misses some. */
function isNeeded(
  view: TableView,
  options: Options,
  next: ColumnView,
  keys: readonly ColumnView[],
): boolean {
  if (isMadeAlike(options, next)) {
    return true;
  }
  if (!keys.length) {
    return holdsSign(view, options, next);
  }
  return keys.some((key) => {
    const withNext = named(view, [...options, next], key);
    return withNext >= MOSTLY && withNext > named(view, options, key);
  });
}

/** Whether the last option is left out in some rows already, and its column is one of words that differ. */
const stepsDown = (options: Options, { texts }: ColumnView): boolean =>
  options.at(-1)!.texts.includes('') &&
  texts.every((text, row) => !text || options.every((one) => one.texts[row] !== text));

/** How likely a column behind the options that some rows fill is one more of them; 0 where nothing says so. */
function likelihoodOf(
  view: TableView,
  options: Options,
  next: ColumnView,
  keys: readonly ColumnView[],
): number {
  if (isNeeded(view, options, next, keys)) {
    return NEEDED;
  }
  return stepsDown(options, next) ? STEPPING : 0;
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
  if (options.length < FEWEST || isTold) {
    return [...odds];
  }
  const groups = groupNames(view);
  const last = columns.indexOf(options.at(-1)!);
  const isOfGroup = (at: number): boolean => Boolean(groups[last]) && groups[at] === groups[last];
  const longer = new Map<ColumnView, number>();
  for (let at = last + 1; at < columns.length; at++) {
    const next = columns[at]!;
    const isMute = !piecesOf(next.heading).length || isOfGroup(at);
    const isOpen = isMute && isWithin(next, options.at(-1)!);
    const p = isOpen ? likelihoodOf(view, options, next, keys) : 0;
    if (!p) {
      break;
    }
    options.push(next);
    longer.set(next, p);
  }
  return odds.map((own, index) => {
    const p = longer.get(columns[index]!);
    return p === undefined ? own : leaning(own, 'option', p);
  });
}
