// Sheets as the page shows them.
import type { Sheet } from '../core/model';
import { defined } from '../core/shared/defined';
import { shownRow } from '../core/shared/table/region';
import type { SheetView } from './protocol';

/** A sheet as the page shows it. */
export const sheetView = (sheet: Sheet): SheetView =>
  defined({
    name: sheet.name,
    hidden: sheet.hidden,
    rows: sheet.rows,
    merges: sheet.merges,
    lines: sheet.lines,
  });
/** Sheets that were read together, one below the other in the order of the workbook; a lone one as it is. */
export function stackView(sheets: readonly Sheet[]): SheetView | undefined {
  const [first] = sheets;
  if (!first || sheets.length === 1) {
    return first && sheetView(first);
  }
  const starts = sheets.map((_, index) =>
    sheets.slice(0, index).reduce((sum, { rows }) => sum + rows.length, 0),
  );
  return {
    ...sheetView(first),
    rows: sheets.flatMap(({ rows }) => rows),
    lines: sheets.flatMap((sheet) => sheet.rows.map((_, row) => shownRow(sheet, row))),
    stack: sheets.map(({ name }, index) => ({ sheet: name, from: starts[index]! })),
  };
}
/** Of a blank, so many rows and columns of a rule are shown with what they look like and offer. */
const ROWS_HINTED = 80;
const COLUMNS_HINTED = 40;

type Looks = Record<string, string>;

/** The cells that are bold (b) or coloured (m). */
function addEmphasis({ rich = {} }: Sheet, looks: Looks): void {
  for (const [key, runs] of Object.entries(rich)) {
    if (Number(key.split(':')[0]) < ROWS_HINTED) {
      const bold = runs.every((run) => run.bold) ? 'b' : '';
      const marked = runs.some((run) => run.mark) ? 'm' : '';
      looks[key] = bold + marked;
    }
  }
}

/** The cells that offer a list to choose from (l). */
function addLists({ validations }: Sheet, looks: Looks): void {
  for (const range of validations.flatMap(({ list, ranges }) => (list ? ranges : []))) {
    const right = Math.min(range.right, range.left + COLUMNS_HINTED);
    for (let r = range.top; r <= Math.min(range.bottom, ROWS_HINTED); r++) {
      for (let c = range.left; c <= right; c++) {
        looks[`${r}:${c}`] = `${looks[`${r}:${c}`] ?? ''}l`;
      }
    }
  }
}

/** A blank's sheet with what its cells look like, what they offer and what is noted at them. */
export function blankView(sheet: Sheet): SheetView {
  const looks: Looks = {};
  addEmphasis(sheet, looks);
  addLists(sheet, looks);
  const notes = Object.fromEntries(
    sheet.comments.map(({ row, column, text }) => [`${row}:${column}`, text]),
  );
  return { ...sheetView(sheet), looks, notes };
}
