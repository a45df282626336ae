// Columns whose cells name the right options, whatever else they hold.
import { alike } from '../shared/normalise';
import type { Assigned } from './assign';
import { MEANINGS, type Meaning, type TableView } from './contract';
import { readingsOf } from './keys/named';
import { rowsIn } from './witness';

/** What tells which options are right. */
export const TELLS: ReadonlySet<Meaning> = new Set(['key', 'verdict', 'weight', 'right']);
/** What answers that need no options may be taken for. */
const ANSWERING: ReadonlySet<Meaning> = new Set(['accepted', 'value']);

/** A column whose cells name options of their rows is at least so likely to be the key, whatever else it holds. */
const NAMES_OPTIONS = 0.05;
const MOSTLY = 0.8;

/** How likely a column is the key that says an option of its row again, row after row, though it looks like one of them. */
const SAYS = 0.9;
const LEAST_ROWS = 3;

/** Whether a column's texts are those of another option of their rows. */
function saysAnother(view: TableView, column: number, isOption: readonly boolean[]): boolean {
  const others = view.columns.filter((_, other) => isOption[other] && other !== column);
  const rows = view.columns[column]!.texts.map((text, row) => ({
    key: alike(text),
    options: others.map(({ texts }) => alike(texts[row] ?? '')),
  })).filter(({ key }) => key);
  const said = rows.filter(({ key, options }) => options.includes(key)).length;
  return others.length > 1 && said >= LEAST_ROWS && said >= rows.length * MOSTLY;
}

const PLACE = /^[A-Ja-j\d](?:\W{1,2}[A-Ja-j\d])*$/u;

/**
 * Whether a column at either end of what looks like options names places among the others, which are longer: letters or
 * numbers, row after row in which there is anything to choose from.
 */
function namesPlaceOfOthers(
  view: TableView,
  column: number,
  isOption: readonly boolean[],
): boolean {
  const own = view.columns[column]!.texts;
  const isAtEnd = [isOption.indexOf(true), isOption.lastIndexOf(true)].includes(column);
  const others = view.columns.filter((_, other) => isOption[other] && other !== column);
  const rows = own
    .map((key, row) => ({ key, options: others.map(({ texts }) => texts[row] ?? '') }))
    .filter(({ options }) => options.filter(Boolean).length > 1);
  const told = rows.filter(({ key }) => PLACE.test(key));
  const areLonger = told.every(({ options }) => options.every((text) => !PLACE.test(text)));
  const isTold = told.length >= LEAST_ROWS && new Set(told.map(({ key }) => key)).size > 1;
  return (
    isAtEnd &&
    isTold &&
    areLonger &&
    told.length >= rows.filter(({ key }) => key).length * MOSTLY &&
    (readingsOf(told, [])[0]?.share ?? 0) >= NEARLY_ALL
  );
}
const NEARLY_ALL = 0.99;

/**
 * The odds with columns that name options of their rows as possible keys: where one column holds the answers of every kind, words
 * and numbers among them say nothing against it.
 */
export function withNamers(
  view: TableView,
  odds: readonly (readonly number[])[],
  base: readonly Assigned[],
): (readonly number[])[] {
  const isOption = base.map(({ meaning }) => meaning === 'option');
  const isTold = base.some(({ meaning }) => TELLS.has(meaning));
  if (isTold || isOption.filter(Boolean).length < 2) {
    return [...odds];
  }
  const at = MEANINGS.indexOf('key');
  const options = view.columns.filter((_, column) => isOption[column]);
  const headings = options.map(({ heading }) => heading);
  const rows = rowsIn(options, view.rows);
  return odds.map((own, column) => {
    if (isOption[column]) {
      return saysAnother(view, column, isOption) || namesPlaceOfOthers(view, column, isOption)
        ? own.map((p, n) => (n === at ? SAYS : p * (1 - SAYS)))
        : own;
    }
    if (!ANSWERING.has(base[column]!.meaning)) {
      return own;
    }
    const named = rows
      .map((texts, row) => ({ key: view.columns[column]!.texts[row] ?? '', options: texts }))
      .filter(({ options: texts }) => texts.filter(Boolean).length > 1);
    const share = named.length ? (readingsOf(named, headings)[0]?.share ?? 0) : 0;
    return share >= MOSTLY ? own.map((p, n) => (n === at ? Math.max(p, NAMES_OPTIONS) : p)) : own;
  });
}
