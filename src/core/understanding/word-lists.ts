// Lists of words in two columns that begin without headings: their first row does what the rows below it do.
import { filledIn, type Region } from '../shared/table/region';
import { isClassWord } from '../shared/vocabulary/class-words';
import { looksLikeHeadings } from './question-rows';

const COLUMNS = 2;
/** So many rows below must show it. */
const FEWEST_ROWS = 3;
const LOOKED_BELOW = 200;
/** So much of a column's texts share what is looked for. */
const MOSTLY = 0.6;
const NEARLY_ALL = 0.8;
/** A row with more words of headings than this is taken for what it says. */
const WORDED = 0.5;

const firstWord = (text: string): string =>
  /^(\p{L}{1,4}['’]?)(?=\s|(?<=['’])\p{L})/u.exec(text)?.[1]!.toLowerCase() ?? '';

/** How a text is written: its first sign a capital, a small letter, a digit or another. */
function manner(text: string): string {
  if (/^\p{Lu}/u.test(text)) {
    return 'capital';
  }
  return /^\p{L}/u.test(text) ? 'small' : /^\p{N}/u.test(text) ? 'digit' : 'sign';
}

const shareOf = (texts: readonly string[], test: (text: string) => boolean): number =>
  texts.filter(test).length / Math.max(1, texts.length);

/** Whether a text starts with a short word that texts below start with again and again, as articles do: 'la', 'der', 'to'. */
function isLed(text: string, below: readonly string[]): boolean {
  const own = firstWord(text);
  const starts = below.map(firstWord);
  const again = new Set(starts.filter((start, at) => start !== '' && starts.indexOf(start) !== at));
  return again.has(own) && shareOf(starts, (start) => start !== '') >= MOSTLY;
}

/** Lines of two cells from a row on; undefined where a region is nothing like a list of words. */
function columnsFrom(region: Region, row: number): string[][] | undefined {
  if (region.right - region.left + 1 !== COLUMNS || filledIn(region, row) !== COLUMNS) {
    return undefined;
  }
  const last = Math.min(region.bottom, row + LOOKED_BELOW);
  const columns = [region.left, region.right].map((column) =>
    Array.from({ length: last - row + 1 }, (_, index) => region.cell(row + index, column)),
  );
  const isFull = columns.every((texts) => shareOf(texts, Boolean) >= NEARLY_ALL);
  return isFull && last - row >= FEWEST_ROWS ? columns : undefined;
}

/**
 * How much speaks for a row of a two-column table being a word of the list rather than its headings: 'led' where it
 * starts as the words below do, 'alike' where it has no word of headings and is written like what is below.
 */
export function asWordOfList(region: Region, row: number): 'led' | 'alike' | undefined {
  const columns = row === region.top ? columnsFrom(region, row) : undefined;
  if (!columns) {
    return undefined;
  }
  const parts = columns.map(([own = '', ...below]) => ({ own, below: below.filter(Boolean) }));
  if (parts.some(({ own, below }) => isLed(own, below))) {
    return 'led';
  }
  const isAlike = parts.every(
    ({ own, below }) => shareOf(below, (text) => manner(text) === manner(own)) >= NEARLY_ALL,
  );
  const isNamed = parts.every(({ own }) => isClassWord(own));
  return isAlike && !isNamed && looksLikeHeadings(region, row) <= WORDED ? 'alike' : undefined;
}
