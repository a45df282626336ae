// Rows that hold a title alone above some of the questions, 'Round 2: Sport': they are categories, and no lost questions.
import { filledIn, rowText, type Region } from './region';

/** Longer cells are remarks, and such as ask are questions. */
const LONGEST = 60;
const LEAST = 2;
/** A word with a number or letter, 'Round 1: Rivers', 'Teil B', is a title without a gap above it. */
const COUNTED = /^\p{L}{3,}\.?\s(?:\d{1,2}|[A-H])(?![\p{L}\d])/u;
/** So many rows above the headings may hold the first title. */
const ABOVE = 3;

/** A key held down, 'jjjj', is no title. */
const isWorded = (text: string): boolean => /\p{L}{2}/u.test(text) && !/^(\p{L})\1+$/iu.test(text);

const onlyText = (region: Region, row: number): string | undefined => {
  if (row < region.top || row > region.bottom || filledIn(region, row) !== 1) {
    return undefined;
  }
  const text = rowText(region, row).trim();
  const raw = region.sheet.rows[row]?.find((cell) => cell.trim())?.trim() ?? '';
  return text.length <= LONGEST && isWorded(raw) && !/[?？؟.!]\s*$/u.test(raw) ? raw : undefined;
};

/** The filled row at or below a row; past the last one where there is none. */
function filledFrom(region: Region, row: number): number {
  let next = row;
  while (next <= region.bottom && filledIn(region, next) === 0) {
    next++;
  }
  return next;
}

/** The title right above the headings, where later parts have titles too. */
function firstTitle(region: Region, headingRow: number): [number, string] | undefined {
  for (let row = headingRow - 1; row >= Math.max(region.top, headingRow - ABOVE); row--) {
    const text = onlyText(region, row);
    if (text) {
      return [row, text];
    }
  }
  return undefined;
}

const filledColumn = (region: Region, row: number): number => {
  let column = region.left;
  while (column < region.right && !region.cell(row, column)) {
    column++;
  }
  return column;
};

const isInCapitals = (text: string): boolean => /\p{Lu}{3}/u.test(text) && !/\p{Ll}/u.test(text);

const isBold = ({ sheet }: Region, row: number, column: number): boolean =>
  sheet.rich?.[`${row}:${column}`]?.every(({ bold }) => bold) ?? false;

const isMerged = ({ sheet }: Region, row: number, column: number): boolean =>
  sheet.merges.some(
    ({ top, bottom, left, right }) =>
      top === row && bottom === row && left <= column && column <= right && right > left,
  );

/** Whether a row's only text looks otherwise than the one below it in its column: in capitals, bold or over several columns. */
function standsOut(region: Region, row: number, below: number): boolean {
  const column = filledColumn(region, row);
  const [own, next] = [region.cell(row, column), region.cell(below, column)];
  return (
    (isInCapitals(own) && /\p{Ll}/u.test(next)) ||
    (isBold(region, row, column) && !isBold(region, below, column)) ||
    (isMerged(region, row, column) && !isMerged(region, below, column))
  );
}

const ASKS = /[?？؟]\s*$/u;
const MOST_WORDS = 4;
/** So many rows show whether those with several cells ask. */
const LOOKED_AT = 40;
const LEAST_ASKING = 4;

/** Whether all rows of several cells ask in a column, so that a few words alone there, which do not, are no question. */
function allAsk(region: Region, first: number, column: number): boolean {
  let full = 0;
  for (let row = first; row <= Math.min(region.bottom, first + LOOKED_AT); row++) {
    if (filledIn(region, row) > 1) {
      full++;
      if (!ASKS.test(region.cell(row, column))) {
        return false;
      }
    }
  }
  return full >= LEAST_ASKING;
}

/** What a row holds alone above a row of several cells. */
type Lone = { row: number; below: number; text: string };

function loneTexts(region: Region, first: number, end: number): Lone[] {
  const found: Lone[] = [];
  for (let row = first; row < end; row++) {
    const text = onlyText(region, row);
    const below = text === undefined ? row : filledFrom(region, row + 1);
    if (text !== undefined && filledIn(region, below) > 1) {
      found.push({ row, below, text });
    }
  }
  return found;
}

/** Whether empty rows stand among rows of several cells: then one above a text says nothing of it. */
function hasGaps(region: Region, first: number, end: number): boolean {
  let before = 0;
  for (let row = first; row < end; row++) {
    const filled = filledIn(region, row);
    if (filled > 1 && before > 1 && filledIn(region, row - 1) === 0) {
      return true;
    }
    before = filled || before;
  }
  return false;
}

/** Whether such a text is a title: behind an empty row, counting, or looking otherwise than those below it. */
const isTitle = (region: Region, { row, below, text }: Lone, isLoose: boolean): boolean =>
  row === region.top ||
  (!isLoose && filledIn(region, row - 1) === 0) ||
  COUNTED.test(text) ||
  standsOut(region, row, below);

/** Whether it is a few words among rows that all ask; what begins small is no title. */
const areWords = (region: Region, { row, text }: Lone, first: number): boolean =>
  !/^\p{Ll}/u.test(text) &&
  text.split(/\s+/u).length <= MOST_WORDS &&
  allAsk(region, first, filledColumn(region, row));

/**
 * The titles of a table's parts by their rows (from 0). None where there are fewer than two, the one above the headings counted.
 * Rows from `last` on are not looked at.
 */
export function sectionRows(
  region: Region,
  headingRow: number | null,
  first: number,
  last = region.bottom,
): Map<number, string> {
  const end = Math.min(last, region.bottom);
  const lone = loneTexts(region, first, end);
  // Several that stand behind empty rows are titles, wherever others are empty.
  const isLoose = lone.length < LEAST && hasGaps(region, first, end);
  const words = new Set(lone.filter((one) => areWords(region, one, first)));
  // A single one may have been left behind by whoever tried the sheet out.
  const titles = lone.filter(
    (one) => isTitle(region, one, isLoose) || (words.size >= LEAST && words.has(one)),
  );
  const found = new Map(titles.map(({ row, text }) => [row, text]));
  const above = found.size && headingRow !== null ? firstTitle(region, headingRow) : undefined;
  const all = new Map([...(above ? [above] : []), ...found]);
  return all.size >= LEAST ? all : new Map<number, string>();
}

/** Tells the title of the part that each row stands in, asked from the first row down; undefined above the first title. */
export function sectionsInTurn(
  titles: ReadonlyMap<number, string>,
): (row: number) => string | undefined {
  const rows = [...titles.keys()].sort((a, b) => a - b);
  let next = 0;
  return (row) => {
    while (next < rows.length && rows[next]! < row) {
      next++;
    }
    return next > 0 ? titles.get(rows[next - 1]!) : undefined;
  };
}
