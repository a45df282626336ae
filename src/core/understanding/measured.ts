// Columns of what was measured of questions that were asked before: how many got them right, how well they tell learners apart.
import { filledOf, optionsCalled, says } from './column-words';
import type { ColumnView, TableView } from './contract';

const LEAST_ROWS = 2;
const SAID = 0.8;
const MOSTLY = 0.5;
const SHARE = /^[-−–]?[01]?[.,](\d{2,})$/u;
/** Parts of a point as they are given: quarters, thirds, sixths and eighths of one. */
const GIVEN: ReadonlySet<string> = new Set(
  '00 10 20 30 40 50 60 70 80 90 25 75 33 66 67 16 17 83 12 13 37 38 62 63 87 88'.split(' '),
);

const sharesIn = (texts: readonly string[]): string[] =>
  texts.flatMap((text) => SHARE.exec(text)?.[1]?.slice(0, 2) ?? []);

/**
 * Whether a column beside options to choose from holds nothing but shares of one, most of them as finely parted as nobody gives points
 * or weighs answers: common practice of item analysis, no source.
 */
export function areMeasured(view: TableView, own: ColumnView): boolean {
  const filled = filledOf(own);
  const shares = sharesIn(filled);
  const measured = shares.filter((decimals) => !GIVEN.has(decimals));
  const options = optionsCalled(view.columns);
  return (
    !view.blank &&
    filled.length >= LEAST_ROWS &&
    shares.length >= filled.length - filled.filter((text) => /^[01]$/u.test(text)).length &&
    measured.length > filled.length * MOSTLY &&
    options.length > 1 &&
    !options.includes(own) &&
    says(own, 'points', 'weight') < SAID
  );
}
