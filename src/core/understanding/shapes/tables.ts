// Several tables on one sheet, below one another or side by side, told apart by headings of their own.
import type { CellRange } from '../../model';
import { filledIn, regionOf, rowText, type Region } from '../../shared/table/region';
import { understandColumns, type ColumnUnderstood } from '../columns';
import { firstRowBelow, looksLikeHeadings, understandHeadings } from '../headings';
import { likelihoodOf } from '../saying';
import { MEANINGS, type Meaning } from '../contract';

const CLEAR = 0.6;
/** With a single row it may be open what exactly answers. */
const LIKELY = 0.3;
const ASKING: readonly Meaning[] = ['stem', 'term'];
/** So many rows are tried as headings of a table further down. */
const MOST_TRIED = 40;

const isEmpty = (region: Region, row: number): boolean =>
  row < region.top || filledIn(region, row) === 0;

/** Whether columns make questions: one asks, and others answer. */
const makesQuestions = (columns: readonly ColumnUnderstood[]): boolean =>
  columns.some(({ role, p }) => role === 'stem' && p > CLEAR) &&
  columns.filter(({ role, p }) => role !== 'stem' && role !== 'ignore' && p > LIKELY).length > 0;

const columnsUnder = (region: Region, row: number | null): ColumnUnderstood[] =>
  understandColumns(region, row, firstRowBelow(region, row));

/** Shorter cells say nothing by their words. */
const LEAST_WORD = 3;

/** Whether the cells of a row name fields, the question's among them. */
function namesFields(region: Region, row: number): boolean {
  let fields = 0;
  let asks = false;
  for (let column = region.left; column <= region.right; column++) {
    const text = region.cell(row, column);
    const isWord = text.length >= LEAST_WORD;
    fields += isWord && likelihoodOf(text, MEANINGS) > CLEAR ? 1 : 0;
    asks ||= isWord && likelihoodOf(text, ASKING) > CLEAR;
  }
  return asks && fields > 1;
}

/** Rows further down, behind an empty one, that head a table of their own with other headings than the first. */
function lowerTops(region: Region, first: number): number[] {
  const tops: number[] = [];
  const headings = rowText(region, first);
  let tried = 0;
  for (let row = first + 2; row < region.bottom && tried < MOST_TRIED; row++) {
    const isBehindGap = isEmpty(region, row - 1) || isEmpty(region, row - 2);
    if (
      !isBehindGap ||
      !namesFields(region, row) ||
      looksLikeHeadings(region, row) < CLEAR ||
      rowText(region, row) === headings
    ) {
      continue;
    }
    tried++;
    const lower = regionOf(region.sheet, { ...region, top: row });
    if (understandHeadings(lower).row !== row || !makesQuestions(columnsUnder(lower, row))) {
      continue;
    }
    // A title stands right above its headings, behind the gap.
    let top = row;
    while (top - 1 > first + 1 && !isEmpty(region, top - 1)) {
      top--;
    }
    tops.push(top);
  }
  return tops;
}

/** The blocks of columns between columns without any cell. */
function columnBlocks(region: Region, from: number): { left: number; right: number }[] {
  const blocks: { left: number; right: number }[] = [];
  let left = -1;
  for (let column = region.left; column <= region.right + 1; column++) {
    let filled = false;
    for (let row = from; row <= region.bottom && !filled && column <= region.right; row++) {
      filled = region.cell(row, column) !== '';
    }
    if (filled && left < 0) {
      left = column;
    } else if (!filled && left >= 0) {
      blocks.push({ left, right: column - 1 });
      left = -1;
    }
  }
  return blocks;
}

/** Tables side by side behind an empty column, where more than one asks questions by itself. */
function besideOneAnother(region: Region, heading: number): CellRange[] {
  const blocks = columnBlocks(region, heading).filter(({ left, right }) => right > left);
  if (blocks.length < 2) {
    return [];
  }
  const asking = blocks
    .map((block) => ({ top: region.top, bottom: region.bottom, ...block }))
    .filter((range) => {
      const part = regionOf(region.sheet, range);
      const columns = columnsUnder(part, understandHeadings(part).row);
      const asks = columns.some(({ heading: text }) => likelihoodOf(text, ASKING) > CLEAR);
      return (
        columns.length > 1 &&
        asks &&
        makesQuestions(columns) &&
        looksLikeHeadings(part, heading) >= CLEAR
      );
    });
  return asking.length > 1 ? asking : [];
}

/** The tables of a region, each with its headings; the region itself where there is one. */
export function tablesIn(region: Region): CellRange[] {
  const { row: first } = understandHeadings(region);
  if (first === null) {
    return [region];
  }
  const beside = besideOneAnother(region, first);
  if (beside.length) {
    return beside;
  }
  const tops = [region.top, ...lowerTops(region, first)];
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
