// A sheet as people lay it out: merged cells spread to the rows they span, and several tables told apart.
import type { CellRange, Sheet } from '../model';
import { columnOf, findHeadingRow, headingScore } from '../shared/table/heading-row';
import { filledIn, type Region } from '../shared/table/region';

/** The sheet with the text of tall merged cells in every row they span. */
export function spreadMerges(sheet: Sheet): Sheet {
  const tall = sheet.merges.filter(({ top, bottom }) => bottom > top && bottom - top < 5000);
  if (!tall.length) {
    return sheet;
  }
  const rows = sheet.rows.map((row) => [...row]);
  for (const { top, bottom, left } of tall) {
    const text = rows[top]?.[left];
    if (!text) {
      continue;
    }
    for (let r = top + 1; r <= Math.min(bottom, rows.length - 1); r++) {
      const row = rows[r]!;
      while (row.length <= left) {
        row.push('');
      }
      row[left] ||= text;
    }
  }
  return { ...sheet, rows };
}

const emptyRow = (region: Region, row: number): boolean =>
  row < region.top || filledIn(region, row) === 0;

/** Rows further down, behind an empty one, that speak the words of headings but other ones than the first. */
function lowerHeadings(region: Region, first: number): number[] {
  const found: number[] = [];
  for (let r = first + 2; r <= region.bottom; r++) {
    if (!emptyRow(region, r - 1) && !emptyRow(region, r - 2)) {
      continue;
    }
    const { value, known, roles } = headingScore(region, r);
    const isNew = known >= 2 && value >= 1.9 && roles.has('stem') && !sameRow(region, r, first);
    if (!isNew) {
      continue;
    }
    // A title stands right above its headings, behind the gap.
    let top = r;
    while (top - 1 > first + 1 && !emptyRow(region, top - 1)) {
      top--;
    }
    found.push(top);
  }
  return found;
}

const sameRow = (region: Region, a: number, b: number): boolean => {
  for (let c = region.left; c <= region.right; c++) {
    if (region.cell(a, c).toLowerCase() !== region.cell(b, c).toLowerCase()) {
      return false;
    }
  }
  return true;
};

/** Tables that stand side by side behind an empty column, each with a heading for the question of its own. */
function besideOneAnother(region: Region, heading: number): CellRange[] {
  const starts: number[] = [];
  for (let c = region.left; c <= region.right; c++) {
    if (columnOf(region, heading, c) === 'stem') {
      starts.push(c);
    }
  }
  if (starts.length < 2) {
    return [region];
  }
  const gaps = starts.slice(1).map((start) => {
    let gap = start - 1;
    while (
      gap > region.left &&
      (region.cell(heading, gap) || columnHasText(region, gap, heading))
    ) {
      gap--;
    }
    return gap;
  });
  if (gaps.some((gap, index) => gap <= starts[index]!)) {
    return [region];
  }
  return starts
    .map((start, index) => ({
      top: region.top,
      bottom: region.bottom,
      left: index ? gaps[index - 1]! + 1 : region.left,
      right: index < gaps.length ? gaps[index]! - 1 : region.right,
      start,
    }))
    .map(({ start: _start, ...range }) => range);
}

function columnHasText(region: Region, column: number, from: number): boolean {
  for (let r = from; r <= region.bottom; r++) {
    if (region.cell(r, column)) {
      return true;
    }
  }
  return false;
}

/** The blocks of a region that hold a table each; the region itself where there is one. */
export function tablesOf(region: Region): CellRange[] {
  const first = findHeadingRow(region)?.row;
  if (first === undefined) {
    return [region];
  }
  const beside = besideOneAnother(region, first);
  if (beside.length > 1) {
    return beside;
  }
  const tops = [region.top, ...lowerHeadings(region, first)];
  if (tops.length < 2) {
    return [region];
  }
  return tops.map((top, index) => ({
    top,
    bottom: (tops[index + 1] ?? region.bottom + 1) - 1,
    left: region.left,
    right: region.right,
  }));
}
