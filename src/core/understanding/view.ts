// A block of a sheet as columns with their headings and a sample of their cells.
import type { Sheet } from '../model';
import { alike } from '../shared/normalise';
import { groupAbove, headingAt } from './headings-at';
import type { Region } from '../shared/table/region';
import { sectionRows } from '../shared/table/sections';
import type { ColumnView, TableView } from './contract';
import { headingGroup, SHARED_BY_ALL } from './heading-words';
import { countsColumns } from './heading-rows';

/** What comes behind so many signs tells nothing more of what a cell is. */
const LONGEST = 400;
/** So many rows tell what a column holds; later ones only stream by. */
const SAMPLE = 60;

function listAt(sheet: Sheet, row: number, column: number): readonly string[] | undefined {
  return sheet.validations.find(
    (rule) =>
      rule.list &&
      rule.ranges.some(
        (range) => range.bottom >= row && column >= range.left && column <= range.right,
      ),
  )?.list;
}

/** A lone cell in so many columns is a title, and no row of a list. */
const FEWEST_UNDER_TITLE = 3;

/** How many cells of a row are filled, and how many of them repeat their headings. */
function headedIn(
  region: Region,
  headingRow: number | null,
  row: number,
): { filled: number; repeated: number } {
  let filled = 0;
  let repeated = 0;
  for (let column = region.left; column <= region.right; column++) {
    const text = region.cell(row, column);
    const isHeading = headingRow !== null && alike(text) === alike(region.cell(headingRow, column));
    filled += text ? 1 : 0;
    repeated += text && isHeading ? 1 : 0;
  }
  return { filled, repeated };
}

/** The rows that are sampled: filled ones that neither say the headings again nor hold the title of a part alone. */
function sampledRows(region: Region, headingRow: number | null, first: number): number[] {
  const rows: number[] = [];
  // Above the first row of a table without headings a lone cell is its title.
  const mayBeTitled = headingRow === null && region.right - region.left + 1 >= FEWEST_UNDER_TITLE;
  const titles = sectionRows(region, headingRow, first, first + SAMPLE);
  for (let row = first; row <= region.bottom && rows.length < SAMPLE; row++) {
    const { filled, repeated } = headedIn(region, headingRow, row);
    const isTitle = titles.has(row) || (mayBeTitled && !rows.length && filled === 1);
    if (filled > 0 && repeated < filled * 0.6 && !isTitle) {
      rows.push(row);
    }
  }
  return rows;
}

/** In front of the first heading and behind the last stand notes and cells that were moved, unless a column is filled so far. */
const FILLED_BEYOND = 0.6;

/**
 * Whether a column goes on the ones before it, of which the last has no heading and is left empty by some rows too: rows of
 * unequal length, each without a gap, and no notes beside them.
 */
function isStep(before: readonly ColumnView[], { texts }: ColumnView): boolean {
  const last = before.at(-1);
  return (
    last?.heading === '' &&
    last.texts.includes('') &&
    texts.some(Boolean) &&
    texts.every((text, row) => !text || before.every((one) => Boolean(one.texts[row])))
  );
}

/** A heading reaches over a column without one that so many rows fill. */
const REACHED = 0.5;

/** Whether each column belongs to a group of headings some of which have cells below them. */
function inFilledGroup(headings: readonly string[], filled: readonly boolean[]): boolean[] {
  const groups = headings.map(headingGroup);
  return groups.map((group) => {
    const own = groups.filter((other) => group && other === group).length;
    const isTelling = own > 1 && own < groups.filter(Boolean).length * SHARED_BY_ALL;
    return isTelling && groups.some((other, index) => other === group && filled[index]);
  });
}

/**
 * The headings of a row, each with the one that it stands under where a heading reaches over the empty ones behind it: merged
 * cells leave these in a text, and most rows fill them.
 */
function reachingOver(
  headings: readonly string[],
  texts: readonly (readonly string[])[],
): string[] {
  const over = headings.map(() => '');
  for (let from = 0; from < headings.length; from++) {
    let to = from;
    while (
      headings[from] &&
      to + 1 < headings.length &&
      !headings[to + 1] &&
      areLike(texts[from]!, texts[to + 1]!)
    ) {
      to++;
    }
    for (let at = from; to - from >= LEAST_REACHED && at <= to; at++) {
      over[at] = headings[from]!;
    }
  }
  return over;
}
/** A lone column without a heading lost its own; several beside one another never had any. */
const LEAST_REACHED = 2;
const ALIKE_LENGTH = 3;
const DISTINCT = 0.5;

const lengthOf = (texts: readonly string[]): number =>
  texts.reduce((sum, text) => sum + text.length, 0) / Math.max(1, texts.length);

/** Whether two columns hold texts of one kind: most rows fill both, hardly any text comes again, and they are about as long. */
function areLike(a: readonly string[], b: readonly string[]): boolean {
  const [own, other] = [a.filter(Boolean), b.filter(Boolean)];
  const isOfTexts = (texts: readonly string[], rows: number): boolean =>
    texts.length >= rows * REACHED &&
    new Set(texts).size > texts.length * DISTINCT &&
    texts.some((text) => /\p{L}{2}/u.test(text));
  const [short, long] = [lengthOf(own), lengthOf(other)].sort((x, y) => x - y) as [number, number];
  return isOfTexts(own, a.length) && isOfTexts(other, b.length) && long <= short * ALIKE_LENGTH;
}

/** The columns of a region under a row of headings (from 0, null where there is none); `firstRow` is the first row below. */
export function viewOf(
  region: Region,
  headingRow: number | null,
  firstRow: number,
  blank: boolean,
): TableView {
  const rows = sampledRows(region, headingRow, firstRow);
  const all: ColumnView[] = [];
  for (let column = region.left; column <= region.right; column++) {
    const list = listAt(region.sheet, firstRow, column);
    all.push({
      at: column,
      heading: headingRow === null ? '' : headingAt(region, headingRow, column),
      group: headingRow === null ? '' : groupAbove(region, headingRow, column),
      texts: rows.map((row) => region.cell(row, column).slice(0, LONGEST)),
      ...(list ? { list } : {}),
    });
  }
  const filled = all.map(({ texts }) => texts.some(Boolean));
  const over = reachingOver(
    all.map(({ heading }) => heading),
    all.map(({ texts }) => texts),
  );
  all.forEach((column, index) => {
    column.group ||= over[index]!;
  });
  const grouped = inFilledGroup(
    all.map(({ heading }) => heading),
    filled,
  );
  const isHeaded = ({ heading, group }: ColumnView): boolean => heading !== '' || group !== '';
  const first = headingRow === null ? 0 : all.findIndex(isHeaded);
  const last = headingRow === null ? Infinity : all.findLastIndex(({ heading }) => heading !== '');
  const beyond: boolean[] = [];
  all.forEach((column, index) => {
    const isOutside = index < first || (index > last && !over[index]);
    const isSeldom = column.texts.filter(Boolean).length < rows.length * FILLED_BEYOND;
    const goesOn = beyond.at(-1) === false && isStep(all.slice(Math.max(0, first), index), column);
    beyond.push(isOutside && isSeldom && !goesOn);
  });
  // In a source with rows a column without a single cell tells nothing and parts its neighbours.
  const isTold = blank || rows.length < 2;
  const columns = all.filter(
    (column, index) =>
      !beyond[index] &&
      (filled[index] || ((column.heading || column.list) && (isTold || grouped[index]))),
  );
  // Headings that only count their columns say of none what it holds.
  const isCounted =
    !blank &&
    headingRow !== null &&
    columns.every(({ heading }) => heading !== '') &&
    countsColumns(region, headingRow);
  return {
    columns: isCounted ? columns.map((column) => ({ ...column, heading: '' })) : columns,
    rows: rows.length,
    blank,
  };
}
