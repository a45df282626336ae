// Rows that hold a title alone above some of the questions, 'Round 2: Sport': they are categories, and no lost questions.
import { filledIn, rowText, type Region } from './region';

/** Longer cells are remarks, and such as ask are questions. */
const LONGEST = 60;
const LEAST = 2;
/** A word with a number or letter, 'Round 1: Rivers', 'Teil B', is a title without a gap above it. */
const COUNTED = /^\p{L}{3,}\.?\s(?:\d{1,2}|[A-H])(?![\p{L}\d])/u;
/** So many rows above the headings may hold the first title. */
const ABOVE = 3;

const onlyText = (region: Region, row: number): string | undefined => {
  if (row < region.top || row > region.bottom || filledIn(region, row) !== 1) {
    return undefined;
  }
  const text = rowText(region, row).trim();
  const raw = region.sheet.rows[row]?.find((cell) => cell.trim())?.trim() ?? '';
  return text.length <= LONGEST && /\p{L}{2}/u.test(raw) && !/[?？؟.!]\s*$/u.test(raw)
    ? raw
    : undefined;
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

/** The title that a row holds alone, behind an empty row or counting, with a row of several cells right below. */
function titleAt(region: Region, row: number): string | undefined {
  const own = onlyText(region, row);
  const isParted = row === region.top || filledIn(region, row - 1) === 0;
  const isTitle = own !== undefined && (isParted || COUNTED.test(own));
  return isTitle && filledIn(region, filledFrom(region, row + 1)) > 1 ? own : undefined;
}

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
  const found = new Map<number, string>();
  for (let row = first; row < Math.min(last, region.bottom); row++) {
    const text = titleAt(region, row);
    if (text !== undefined) {
      found.set(row, text);
    }
  }
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
