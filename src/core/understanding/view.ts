// A block of a sheet as columns with their headings and a sample of their cells.
import type { Sheet } from '../model';
import { alike } from '../shared/normalise';
import { filledIn, type Region } from '../shared/table/region';
import type { ColumnView, TableView } from './contract';
import { headingGroup, SHARED_BY_ALL } from './heading-words';

/** What comes behind so many signs tells nothing more of what a cell is. */
const LONGEST = 400;
/** So many rows tell what a column holds; later ones only stream by. */
const SAMPLE = 60;

/** The heading above a column's own: merged over several, or of a row of headings that stands above this one. */
function groupAbove(region: Region, headingRow: number, column: number): string {
  const merge = region.sheet.merges.find(
    (one) =>
      (one.bottom === headingRow - 1 || one.top === headingRow) &&
      column >= one.left &&
      column <= one.right &&
      one.right > one.left,
  );
  if (merge) {
    return region.cell(merge.top, merge.left);
  }
  const above = headingRow - 1;
  const isRow = above >= region.top && filledIn(region, above) > 1;
  return isRow ? region.cell(above, column) : '';
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

/** Behind the last heading stand notes and cells that were moved, unless a column is filled so far. */
const FILLED_BEYOND = 0.6;

/** Whether each column belongs to a group of headings some of which have cells below them. */
function inFilledGroup(headings: readonly string[], filled: readonly boolean[]): boolean[] {
  const groups = headings.map(headingGroup);
  return groups.map((group) => {
    const own = groups.filter((other) => group && other === group).length;
    const isTelling = own > 1 && own < groups.length * SHARED_BY_ALL;
    return isTelling && groups.some((other, index) => other === group && filled[index]);
  });
}

/** The columns of a region under a row of headings (from 0, null where there is none); `first` is the first row below. */
export function viewOf(
  region: Region,
  headingRow: number | null,
  first: number,
  blank: boolean,
): TableView {
  const rows = sampledRows(region, headingRow, first);
  const all: ColumnView[] = [];
  for (let column = region.left; column <= region.right; column++) {
    const list = listAt(region.sheet, first, column);
    all.push({
      at: column,
      heading: headingRow === null ? '' : region.cell(headingRow, column),
      group: headingRow === null ? '' : groupAbove(region, headingRow, column),
      texts: rows.map((row) => region.cell(row, column).slice(0, LONGEST)),
      ...(list ? { list } : {}),
    });
  }
  const filled = all.map(({ texts }) => texts.some(Boolean));
  const grouped = inFilledGroup(
    all.map(({ heading }) => heading),
    filled,
  );
  const last = headingRow === null ? Infinity : all.findLastIndex(({ heading }) => heading !== '');
  const isBeyond = ({ texts }: ColumnView, index: number): boolean =>
    index > last && texts.filter(Boolean).length < rows.length * FILLED_BEYOND;
  // In a source with rows a column without a single cell tells nothing and parts its neighbours.
  const isTold = blank || rows.length < 2;
  const columns = all.filter(
    (column, index) =>
      !isBeyond(column, index) &&
      (filled[index] || ((column.heading || column.list) && (isTold || grouped[index]))),
  );
  return { columns, rows: rows.length, blank };
}
