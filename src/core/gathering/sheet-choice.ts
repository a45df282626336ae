// Which sheet of a workbook most likely holds the questions.
import type { Sheet, Table } from '../model';
import { count, quoted } from '../shared/plain';
import { findHeadingRow } from '../shared/table/heading-row';
import { regionOf } from '../shared/table/region';

function score(sheet: Sheet): number {
  const region = regionOf(sheet);
  const rows = Math.max(0, region.bottom - region.top + 1);
  const wide = sheet.rows
    .slice(0, 200)
    .filter((row) => row.filter((cell) => cell.trim()).length > 1).length;
  const headings = findHeadingRow(region)?.known ?? 0;
  return (headings * 10 + wide * 2 + Math.min(rows, 50) / 10) * (sheet.hidden ? 0.1 : 1);
}

/** The sheet to read: the one asked for, else the likeliest visible one. Undefined where there is none. */
export function chooseSheet(
  table: Table,
  wanted?: string,
): { sheet: Sheet; because: string; sure: boolean } | undefined {
  const asked =
    wanted !== undefined ? table.sheets.find((sheet) => sheet.name === wanted) : undefined;
  if (asked) {
    return { sheet: asked, because: 'you chose it', sure: true };
  }
  const ranked = table.sheets
    .map((sheet) => ({ sheet, value: score(sheet) }))
    .sort((a, b) => b.value - a.value);
  const best = ranked[0];
  if (!best) {
    return undefined;
  }
  if (ranked.length === 1) {
    return { sheet: best.sheet, because: 'it is the only one', sure: true };
  }
  const close = ranked[1]!.value > best.value * 0.8;
  return {
    sheet: best.sheet,
    sure: !close,
    because: close
      ? `it looks a little more like questions than ${quoted(ranked[1]!.sheet.name)}`
      : `of ${count(ranked.length, 'sheet')} it looks most like questions`,
  };
}
