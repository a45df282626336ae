// A text that looks like columns to a reader and like typed questions to a person.
import { isTypedText } from '../gathering';
import type { Opened, Table } from '../model';
import { filledIn, regionOf } from '../shared/table/region';
import { looksLikeHeadings } from '../understanding';

/** Longer texts are looked at in one way alone. */
const LONG = 200_000;

/** Whether quoted cells hold several lines while all rows are equally long: nobody types questions so. */
function holdsLines({ sheets: [sheet] }: Table): boolean {
  const rows = sheet?.rows ?? [];
  const several = rows.filter((row) => row.some((cell) => cell.trim().includes('\n')));
  const [first] = rows;
  return (
    several.length > 1 && first!.length > 1 && rows.every(({ length }) => length === first!.length)
  );
}

/** So many cells that all say headings head columns. */
const FEWEST_HEADINGS = 3;

/** Whether the first row is nothing but headings, above rows of several cells: no text begins so. */
function hasHeadings({ sheets: [sheet] }: Table): boolean {
  const region = sheet && regionOf(sheet);
  return (
    region !== undefined &&
    filledIn(region, region.top) >= FEWEST_HEADINGS &&
    looksLikeHeadings(region, region.top) === 1 &&
    filledIn(region, region.top + 1) > 1
  );
}

const NUMBERED = /^[([]?\d{1,3}\s?[.):\]]/u;
const LETTERED = /^[([]?[A-Za-z]\s?[.):\]]/u;
const MOSTLY = 0.8;
const LEAST_INDENTED = 4;

/** Whether nearly all rows hold one cell, numbered ones at the left and lettered ones further in: options are indented below their questions. */
function isIndented({ sheets: [sheet] }: Table): boolean {
  const filled = (sheet?.rows ?? []).filter((row) => row.some((cell) => cell.trim()));
  const alone = filled.filter((row) => row.filter((cell) => cell.trim()).length === 1);
  const numbered = alone.filter(([first = '']) => NUMBERED.test(first.trim())).length;
  const lettered = alone.filter(
    ([first = '', ...more]) => !first.trim() && LETTERED.test(more.join('').trim()),
  ).length;
  return alone.length >= filled.length * MOSTLY && numbered > 1 && lettered >= LEAST_INDENTED;
}

/** Whether a table may be a text after all: not too long, on one sheet, with nothing in it that only tables have. */
function mayBeText(table: Table): boolean {
  const size = table.sheets.reduce(
    (sum, { rows }) => sum + rows.reduce((cells, row) => cells + row.join().length, 0),
    0,
  );
  const isShort = size > 0 && size <= LONG && table.sheets.length === 1;
  return isShort && !holdsLines(table) && !hasHeadings(table);
}

/** A text that looks like columns, as the questions typed in it, where nearly all of its lines are such. */
export async function asTyped(
  opened: Opened,
  readAsText: () => Opened | Promise<Opened>,
): Promise<Opened> {
  if (opened.is !== 'table' || opened.table.format === 'json' || opened.table.format === 'html') {
    return opened;
  }
  const { table } = opened;
  const text = mayBeText(table) ? await readAsText() : opened;
  if (text.is !== 'document') {
    return opened;
  }
  const isPlain = table.sheets.every(({ rows }) => rows.every(({ length }) => length < 2));
  return isIndented(table) || isTypedText(text.document, isPlain) ? text : opened;
}
