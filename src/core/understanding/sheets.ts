// Which sheet of a workbook is the one: the one whose columns make questions, not the one that explains them.
import type { Sheet } from '../model';
import { alike } from '../shared/normalise';
import { filledIn, regionOf, type Region } from '../shared/table/region';
import { understandColumns } from './columns';
import { firstRowBelow, understandHeadings, type HeadingUnderstood } from './headings';
import { withoutLegend } from './said';
import type { Meaning } from './contract';

export type SheetUnderstood = {
  sheet: Sheet;
  region: Region;
  headings: HeadingUnderstood;
  /** How much it looks like questions; only the order counts. */
  score: number;
};

const ANSWERS: ReadonlySet<Meaning> = new Set<Meaning>([
  'option',
  'options',
  'key',
  'right',
  'wrong',
  'accepted',
  'definition',
  'value',
  'pair',
  'left',
  'step',
]);
/** So many rows and columns tell; more of them make a sheet no likelier. */
const ROWS = 50;
const COLUMNS = 6;

/** The texts of a row, as they are compared. */
function namesIn(region: Region, row: number | null): Set<string> {
  const names = new Set<string>();
  if (row !== null) {
    for (let column = region.left; column <= region.right; column++) {
      const text = region.cell(row, column);
      if (text) {
        names.add(alike(text));
      }
    }
  }
  return names;
}

/** Whether a sheet lists the headings of another one down a column, as one that explains the fields does. */
function explains(region: Region, names: ReadonlySet<string>): boolean {
  for (let column = region.left; column <= Math.min(region.right, region.left + 2); column++) {
    let said = 0;
    for (let row = region.top; row <= Math.min(region.bottom, region.top + ROWS); row++) {
      said += names.has(alike(region.cell(row, column))) ? 1 : 0;
    }
    if (said >= 2 && said >= names.size * 0.5) {
      return true;
    }
  }
  return false;
}

function scoreOf(region: Region, headings: HeadingUnderstood, blank: boolean): number {
  const first = firstRowBelow(region, headings.row);
  const columns = understandColumns(region, headings.row, first, { blank });
  const likely = (test: (meaning: Meaning) => boolean): number =>
    Math.max(0, ...columns.filter(({ meaning }) => test(meaning)).map(({ p }) => p));
  const stem = likely((meaning) => meaning === 'stem' || meaning === 'term');
  const answer = likely((meaning) => ANSWERS.has(meaning));
  const named = columns.filter(({ meaning, p }) => meaning !== 'ignore' && p > 0.5).length;
  let rows = 0;
  for (let row = first; row <= region.bottom && rows < ROWS; row++) {
    rows += filledIn(region, row) > 1 ? 1 : 0;
  }
  const headed = headings.row === null ? 0 : headings.p * 2;
  const filled = blank ? headed : Math.log2(1 + rows);
  return 2 * stem * answer + stem + Math.min(COLUMNS, named) * 0.5 + filled;
}

/** Hidden sheets are looked at last. */
const HIDDEN = 0.2;
const EXPLAINING = 0.3;

/** The sheets that hold anything, the likeliest first. `blank` asks for a receiver's form to be filled. */
export function understandSheets(sheets: readonly Sheet[], blank: boolean): SheetUnderstood[] {
  const looked = sheets
    .map((sheet) => ({ sheet, region: regionOf(sheet) }))
    .filter(({ region }) => region.bottom >= region.top)
    .map(({ sheet, region }) => {
      const headings = understandHeadings(region, blank);
      return { sheet, region: withoutLegend(region, headings.row), headings };
    });
  const scored = looked.map((one) => {
    const others = looked.filter((other) => other !== one);
    const isExplaining = others.some((other) => {
      const names = namesIn(other.region, other.headings.row);
      return names.size > 1 && explains(one.region, names);
    });
    const score =
      scoreOf(one.region, one.headings, blank) *
      (one.sheet.hidden ? HIDDEN : 1) *
      (isExplaining ? EXPLAINING : 1);
    return { ...one, score };
  });
  return scored.sort((a, b) => b.score - a.score);
}
