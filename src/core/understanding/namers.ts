// Columns whose cells name the right options, whatever else they hold.
import type { Assigned } from './assign';
import { MEANINGS, type Meaning, type TableView } from './contract';
import { readingsOf } from './keys/named';
import { rowsOf } from './witness';

/** What tells which options are right, and what answers that need no options may be taken for. */
const TELLS: ReadonlySet<Meaning> = new Set(['key', 'verdict', 'weight', 'right']);
const ANSWERING: ReadonlySet<Meaning> = new Set(['accepted', 'value']);

/** A column whose cells name options of their rows is at least so likely to be the key, whatever else it holds. */
const NAMES_OPTIONS = 0.05;
const MOSTLY = 0.8;

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
  const rows = rowsOf(
    options.map(({ texts }) => texts),
    view.rows,
  );
  return odds.map((own, column) => {
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
