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

const MANNERS = [
  ['capital', /^\p{Lu}/u],
  ['small', /^\p{L}/u],
  ['digit', /^\p{N}/u],
] as const;
/** How a text is written: its first sign a capital, a small letter, a digit or another. */
function manner(text: string): string {
  const [name] = MANNERS.find(([, pattern]) => pattern.test(text)) ?? ['sign'];
  return name;
}

const shareOf = (texts: readonly string[], test: (text: string) => boolean): number =>
  texts.filter(test).length / Math.max(1, texts.length);

/** A column's texts start with few words, each again and again, where those are articles: 'la', 'der', 'to'. */
const MOST_STARTS = 4;

/** Whether a text starts as texts below it do, with one of a few short words that come again. */
function isLed(text: string, below: readonly string[]): boolean {
  const starts = below.map(firstWord);
  const words = starts.filter((start) => start !== '');
  const distinct = new Set(words);
  return (
    distinct.has(firstWord(text)) &&
    words.length >= below.length * MOSTLY &&
    distinct.size <= MOST_STARTS &&
    distinct.size < words.length
  );
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

const SELDOM = 0.3;

/** Whether the cells of a row are words for kinds of things, and those below are not: 'Country' and 'Capital'. */
const namesClasses = (parts: readonly Part[]): boolean =>
  parts.every(({ own, below }) => isClassWord(own) && shareOf(below, isClassWord) <= SELDOM);

/** Whether nothing but titles stands above a row: a cell alone. */
function isFirst(region: Region, row: number): boolean {
  for (let above = region.top; above < row; above++) {
    if (filledIn(region, above) > 1) {
      return false;
    }
  }
  return true;
}

type Part = { own: string; below: string[] };

/**
 * What the first row of a two-column table, below its titles, is beside the rows below it: 'led' where it starts as they do, 'alike' where
 * it has no word of headings and is written like them, 'headings' where it names what the columns are of; undefined where
 * nothing of this shows.
 */
export function asWordOfList(
  region: Region,
  row: number,
): 'led' | 'alike' | 'headings' | undefined {
  const columns = isFirst(region, row) ? columnsFrom(region, row) : undefined;
  if (!columns) {
    return undefined;
  }
  const parts = columns.map(([own = '', ...below]): Part => ({
    own,
    below: below.filter(Boolean),
  }));
  if (parts.some(({ own, below }) => isLed(own, below))) {
    return 'led';
  }
  if (namesClasses(parts)) {
    return 'headings';
  }
  const isAlike = parts.every(
    ({ own, below }) => shareOf(below, (text) => manner(text) === manner(own)) >= NEARLY_ALL,
  );
  return isAlike && looksLikeHeadings(region, row) <= WORDED ? 'alike' : undefined;
}
