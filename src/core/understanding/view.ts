// A block of a sheet as columns with their headings and a sample of their cells.
import type { Sheet } from '../model';
import { alike } from '../shared/normalise';
import type { Region } from '../shared/table/region';
import type { ColumnView, TableView } from './contract';

/** What comes behind so many signs tells nothing more of what a cell is. */
const LONGEST = 400;
/** So many rows tell what a column holds; later ones only stream by. */
const SAMPLE = 60;

/** The merged heading above a column's own, or one that spans it and others in the row of headings itself. */
function groupAbove(region: Region, headingRow: number, column: number): string {
  const merge = region.sheet.merges.find(
    (one) =>
      (one.bottom === headingRow - 1 || (one.top === headingRow && column > one.left)) &&
      column >= one.left &&
      column <= one.right &&
      one.right > one.left,
  );
  return merge ? region.cell(merge.top, merge.left) : '';
}

function listAt(sheet: Sheet, row: number, column: number): readonly string[] | undefined {
  return sheet.validations.find(
    (rule) =>
      rule.list &&
      rule.ranges.some(
        (range) => range.bottom >= row && column >= range.left && column <= range.right,
      ),
  )?.list;
}

/** The rows that are sampled: filled ones that do not say the headings again. */
function sampledRows(region: Region, headingRow: number | null, first: number): number[] {
  const rows: number[] = [];
  for (let row = first; row <= region.bottom && rows.length < SAMPLE; row++) {
    let filled = 0;
    let repeated = 0;
    for (let column = region.left; column <= region.right; column++) {
      const text = region.cell(row, column);
      filled += text ? 1 : 0;
      repeated +=
        text && headingRow !== null && alike(text) === alike(region.cell(headingRow, column))
          ? 1
          : 0;
    }
    if (filled > 0 && repeated < filled * 0.6) {
      rows.push(row);
    }
  }
  return rows;
}

/** The columns of a region under a row of headings (from 0, null where there is none); `first` is the first row below. */
export function viewOf(
  region: Region,
  headingRow: number | null,
  first: number,
  blank: boolean,
): TableView {
  const rows = sampledRows(region, headingRow, first);
  const columns: ColumnView[] = [];
  for (let column = region.left; column <= region.right; column++) {
    const texts = rows.map((row) => region.cell(row, column).slice(0, LONGEST));
    const heading = headingRow === null ? '' : region.cell(headingRow, column);
    const list = listAt(region.sheet, first, column);
    const isFilled = texts.some(Boolean);
    // In a source with rows a column without a single cell tells nothing and parts its neighbours.
    if (isFilled || ((heading || list) && (blank || rows.length < 2))) {
      columns.push({
        at: column,
        heading,
        group: headingRow === null ? '' : groupAbove(region, headingRow, column),
        texts,
        ...(list ? { list } : {}),
      });
    }
  }
  return { columns, rows: rows.length, blank };
}
