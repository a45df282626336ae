// Several tables on one sheet, below one another or side by side, told apart by headings of their own.
import type { CellRange } from '../../model';
import { alike } from '../../shared/normalise';
import { kindOfWord } from '../../shared/vocabulary/kinds';
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

/** The row with which a table begins: a title stands right above its headings, behind the gap. */
function topOf(region: Region, first: number, heading: number): number {
  let top = heading;
  while (top - 1 > first + 1 && !isEmpty(region, top - 1)) {
    top--;
  }
  return top;
}

/** Rows further down, behind an empty one, that say what headings say, and other headings than the first. */
function lowerHeadings(region: Region, first: number): number[] {
  const headings = rowText(region, first);
  const rows: number[] = [];
  for (let row = first + 2; row < region.bottom && rows.length < MOST_TRIED; row++) {
    const isBehindGap = isEmpty(region, row - 1) || isEmpty(region, row - 2);
    if (
      isBehindGap &&
      namesFields(region, row) &&
      looksLikeHeadings(region, row) >= CLEAR &&
      rowText(region, row) !== headings
    ) {
      rows.push(row);
    }
  }
  return rows;
}

/** Tables further down, each with headings of its own. */
function lowerTables(region: Region, first: number): { top: number; heading: number }[] {
  const headings = lowerHeadings(region, first);
  return headings.flatMap((row, index) => {
    const next = headings[index + 1];
    // Each is judged by its own rows: the headings of the next one would speak against its.
    const bottom = next === undefined ? region.bottom : topOf(region, row, next) - 1;
    const lower = regionOf(region.sheet, { ...region, top: row, bottom });
    return understandHeadings(lower).row === row && makesQuestions(columnsUnder(lower, row))
      ? [{ top: topOf(region, first, row), heading: row }]
      : [];
  });
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

/** Whether blocks of columns have the same headings, each of its columns another. */
function areHeadedAlike(
  region: Region,
  heading: number,
  blocks: readonly { left: number; right: number }[],
): boolean {
  const headed = blocks.map(({ left, right }) =>
    Array.from({ length: right - left + 1 }, (_, at) => alike(region.cell(heading, left + at))),
  );
  const [own = []] = headed;
  return (
    new Set(own.filter(Boolean)).size === own.length &&
    headed.every((texts) => texts.join('\n') === own.join('\n'))
  );
}

/** Tables side by side behind an empty column, where more than one asks questions by itself, or all have the same headings. */
function besideOneAnother(region: Region, heading: number): CellRange[] {
  const blocks = columnBlocks(region, heading).filter(({ left, right }) => right > left);
  if (blocks.length < 2) {
    return [];
  }
  const isSame = areHeadedAlike(region, heading, blocks);
  const asking = blocks
    .map((block) => ({ top: region.top, bottom: region.bottom, ...block }))
    .filter((range) => {
      const part = regionOf(region.sheet, range);
      const columns = columnsUnder(part, understandHeadings(part).row);
      const asks = columns.some(({ heading: text }) => likelihoodOf(text, ASKING) > CLEAR);
      return (
        columns.length > 1 &&
        (asks || isSame) &&
        makesQuestions(columns) &&
        looksLikeHeadings(part, heading) >= CLEAR
      );
    });
  return asking.length > 1 ? asking : [];
}

/** How often a row of headings says the same ones over again without a gap, and how many columns each time takes; 1 where it does not. */
function repeatsOf(region: Region, heading: number): { times: number; width: number } {
  const texts: string[] = [];
  for (let column = region.left; column <= region.right; column++) {
    texts.push(alike(region.cell(heading, column)));
  }
  for (let width = 2; width * 2 <= texts.length; width++) {
    const isPeriod =
      texts.length % width === 0 && texts.every((text, at) => text && text === texts[at % width]);
    if (isPeriod && new Set(texts.slice(0, width)).size === width) {
      return { times: texts.length / width, width };
    }
  }
  return { times: 1, width: texts.length };
}

/** Tables side by side without a gap: the same headings over and over, each time over questions with answers. */
function repeatedBeside(region: Region, heading: number): CellRange[] {
  const { times, width } = repeatsOf(region, heading);
  const ranges = Array.from({ length: times }, (_, at) => ({
    top: region.top,
    bottom: region.bottom,
    left: region.left + at * width,
    right: region.left + (at + 1) * width - 1,
  }));
  const all = ranges.every((range) =>
    makesQuestions(columnsUnder(regionOf(region.sheet, range), heading)),
  );
  return times > 1 && all ? ranges : [];
}

/** A table's cells, with the title that it has beside others. */
export type TableRange = CellRange & { title?: string };

/** Tables with the titles right above their headings, one above each; without any where one has none, or they say of what kinds the questions are. */
function withTitles(
  region: Region,
  ranges: readonly (CellRange & { heading: number })[],
): TableRange[] {
  const titles = ranges.map(({ heading, left, right }) => {
    const texts: string[] = [];
    for (let column = left; heading > 0 && column <= right; column++) {
      texts.push(region.cell(heading - 1, column));
    }
    const [text, ...more] = texts.filter(Boolean);
    return text && !more.length && kindOfWord(text) === undefined ? text : '';
  });
  return ranges.map(({ heading: _heading, ...range }, at) =>
    titles.every(Boolean) ? { ...range, title: titles[at]! } : range,
  );
}

/** The tables of a region, each with its headings; the region itself where there is one. */
export function tablesIn(region: Region): TableRange[] {
  const { row: first } = understandHeadings(region);
  if (first === null) {
    return [region];
  }
  const beside = besideOneAnother(region, first);
  const next = beside.length ? beside : repeatedBeside(region, first);
  if (next.length) {
    return withTitles(
      region,
      next.map((range) => ({ ...range, heading: first })),
    );
  }
  const tables = [{ top: region.top, heading: first }, ...lowerTables(region, first)];
  if (tables.length < 2) {
    return [region];
  }
  const { left, right } = region;
  return withTitles(
    region,
    tables.map(({ top, heading }, index) => {
      const bottom = (tables[index + 1]?.top ?? region.bottom + 1) - 1;
      return { top, heading, bottom, left, right };
    }),
  );
}
