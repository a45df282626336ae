// A right answer that two columns tell: one by its letter or number, the other by its text.
import { filledOf, optionsCalled, says } from './column-words';
import type { ColumnView, TableView } from './contract';
import { readingsOf, type Named } from './keys/named';

/** Fewer rows show nothing. */
const LEAST_ROWS = 2;
const MOSTLY = 0.8;
const NAMED = 0.5;

/** The rows of options with what a column says of each; those that offer no choice, or of which it says nothing, are left out. */
export const rowsUnder = (column: ColumnView, options: readonly ColumnView[]): Named[] =>
  column.texts
    .map((key, row) => ({ key, options: options.map(({ texts }) => texts[row] ?? '') }))
    .filter(({ key, options: own }) => key && own.filter(Boolean).length > 1);

/** How much of its rows a column names by the text of an option, and how much by its place. */
function sharesOf(
  column: ColumnView,
  options: readonly ColumnView[],
): { text: number; place: number } {
  const rows = rowsUnder(column, options);
  const isEnough = rows.length >= LEAST_ROWS && rows.length >= filledOf(column).length * MOSTLY;
  const readings = isEnough
    ? readingsOf(
        rows,
        options.map(({ heading }) => heading),
      )
    : [];
  const share = (isText: boolean): number =>
    Math.max(
      0,
      ...readings.filter(({ style }) => (style === 'text') === isText).map((one) => one.share),
    );
  return { text: share(true), place: share(false) };
}

/** The column that tells the right option by its place and the one beside it that repeats its text; undefined where there are no two. */
export function toldTwice({
  columns,
  blank,
}: TableView): { key: ColumnView; text: ColumnView } | undefined {
  const options = optionsCalled(columns);
  if (blank || options.length < 2) {
    return undefined;
  }
  const others = columns.filter((column) => !options.includes(column));
  const shares = new Map(others.map((column) => [column, sharesOf(column, options)]));
  const tells = (column: ColumnView): boolean => says(column, 'key', 'right', 'accepted') > NAMED;
  const text = others.find((column) => tells(column) && shares.get(column)!.text > NAMED);
  const key = others.find((column) => {
    const own = shares.get(column)!;
    return column !== text && tells(column) && own.place >= MOSTLY && own.place > own.text;
  });
  return key && text ? { key, text } : undefined;
}
