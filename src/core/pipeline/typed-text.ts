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

/** A text that looks like columns, as the questions typed in it, where nearly all of its lines are such. */
export async function asTyped(
  opened: Opened,
  readAsText: () => Opened | Promise<Opened>,
): Promise<Opened> {
  if (opened.is !== 'table' || opened.table.format === 'json' || opened.table.format === 'html') {
    return opened;
  }
  const size = opened.table.sheets.reduce(
    (sum, { rows }) => sum + rows.reduce((cells, row) => cells + row.join().length, 0),
    0,
  );
  if (
    !size ||
    size > LONG ||
    opened.table.sheets.length > 1 ||
    holdsLines(opened.table) ||
    hasHeadings(opened.table)
  ) {
    return opened;
  }
  const text = await readAsText();
  const isPlain = opened.table.sheets.every(({ rows }) => rows.every(({ length }) => length < 2));
  return text.is === 'document' && isTypedText(text.document, isPlain) ? text : opened;
}
