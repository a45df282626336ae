// Tables whose questions stand over several rows, one for each option, pair or step: where such a question goes on, and how its rows
// become one.
import type { Sheet } from '../model';
import { laidOutAnew } from '../shared/sheet';
import { filledIn, shownRow, type Region } from '../shared/table/region';
import {
  firstRowBelow,
  likelihoodOf,
  understandColumns,
  understandHeadings,
} from '../understanding';

/** So much of the rows go on with the question above: their question is empty or said again. */
export const GOES_ON = 0.5;
/** So many rows show whether a column goes on with what stands above. */
const LOOKED_AT = 60;

/** Whether a row goes on with the question above it: its own is empty, or said again. */
export const goesOn = (region: Region, row: number, stem: number): boolean => {
  const own = region.cell(row, stem);
  return own === '' || own === region.cell(row - 1, stem);
};

/** Whether cells of some column go on with those above, as questions over several rows do: a look before any closer one. */
function mayGoOn(region: Region): boolean {
  const last = Math.min(region.bottom, region.top + LOOKED_AT);
  for (let column = region.left; column < region.right; column++) {
    let going = 0;
    for (let row = region.top + 1; row <= last; row++) {
      going += goesOn(region, row, column) ? 1 : 0;
    }
    if (going >= (last - region.top) * GOES_ON - 1 && going < last - region.top) {
      return true;
    }
  }
  return false;
}

/** The rows of a table's headings and of its first question, and the column that asks; all from 0. */
export type Asked = { headingRow: number; first: number; stem: number };

const CALLED = 0.8;

/** The column whose heading says that it asks, however often its texts come again. */
function calledQuestion(region: Region, headingRow: number): number | undefined {
  for (let column = region.left; column <= region.right; column++) {
    if (likelihoodOf(region.cell(headingRow, column), ['stem']) > CALLED) {
      return column;
    }
  }
  return undefined;
}

/** Words of a task, more than the name of something. */
const TASK = /\p{L}\s+\p{L}/u;

/** The column in front of one side of pairs, by the headings, where it holds a task for several rows; undefined in front of anything else. */
function aboveSides(
  region: Region,
  { headingRow, first }: Omit<Asked, 'stem'>,
  left: number,
): number | undefined {
  const says = (column: number, meaning: 'left' | 'right-side'): boolean =>
    likelihoodOf(region.cell(headingRow, column), [meaning]) > CALLED;
  const rows = filledRows(region, first);
  return says(left, 'left') && says(left + 1, 'right-side')
    ? columnsOf(region).findLast(
        (column) =>
          column < left &&
          TASK.test(region.cell(first, column)) &&
          rows.filter((row) => goesOn(region, row, column)).length >= rows.length * GOES_ON,
      )
    : undefined;
}

/** Where a table asks whose questions may go on over rows; undefined of any other. */
export function askedIn(region: Region): Asked | undefined {
  const { row: headingRow } = mayGoOn(region) ? understandHeadings(region) : { row: null };
  if (headingRow === null) {
    return undefined;
  }
  const first = firstRowBelow(region, headingRow);
  // The last of them asks; the text that several questions are about may stand before it.
  const asking = understandColumns(region, headingRow, first).findLast(
    ({ role }) => role === 'stem',
  );
  // A side of pairs that was taken for the question has the task in front of it.
  const task = asking && aboveSides(region, { headingRow, first }, asking.at);
  const stem = task ?? asking?.at ?? calledQuestion(region, headingRow);
  return stem === undefined ? undefined : { headingRow, first, stem };
}

/** The rows of a table from `first` on in which anything stands. */
export const filledRows = (region: Region, first: number): number[] =>
  Array.from({ length: region.bottom - first + 1 }, (_, at) => first + at).filter(
    (row) => filledIn(region, row) > 0,
  );

/** The columns of a table. */
export const columnsOf = ({ left, right }: Region): number[] =>
  Array.from({ length: right - left + 1 }, (_, at) => left + at);

/** The rows of each question: those that go on with the question above stand with it. */
export function rowsOfQuestions(region: Region, rows: readonly number[], stem: number): number[][] {
  const questions: number[][] = [];
  for (const row of rows) {
    const last = questions.at(-1);
    if (last && goesOn(region, row, stem)) {
      last.push(row);
    } else {
      questions.push([row]);
    }
  }
  return questions;
}

/** Whether a column counts the rows of each question, in whatever order: each number from 1 on once. */
export function countsParts(
  region: Region,
  questions: readonly (readonly number[])[],
  column: number,
): boolean {
  const several = questions.filter((rows) => rows.length > 1);
  return (
    several.length > 0 &&
    several.every((rows) => {
      const numbers = rows.map((row) => Number(region.cell(row, column) || NaN));
      return rows.every((_, at) => numbers.includes(at + 1));
    })
  );
}

/** The columns that say something of each row, and what they are called in the nth of a question, from 1. */
type Parts = { columns: readonly number[]; names: (n: number) => string[] };

/** A sheet with a row for each question: what is said of it in `base` columns, then the parts of its rows one behind the other. */
export function laidOutByQuestion(
  region: Region,
  { headingRow, questions }: { headingRow: number; questions: readonly number[][] },
  { base, parts }: { base: readonly number[]; parts: Parts },
): Sheet {
  const most = Math.max(...questions.map(({ length }) => length));
  const numbers = Array.from({ length: most }, (_, n) => n);
  const said = (rows: readonly number[], column: number): string =>
    rows.map((row) => region.cell(row, column)).find(Boolean) ?? '';
  return laidOutAnew(region.sheet, {
    rows: [
      [
        ...base.map((column) => region.cell(headingRow, column)),
        ...numbers.flatMap((n) => parts.names(n + 1)),
      ],
      ...questions.map((own) => [
        ...base.map((column) => said(own, column)),
        ...numbers.flatMap((n) =>
          parts.columns.map((column) => (n < own.length ? region.cell(own[n]!, column) : '')),
        ),
      ]),
    ],
    lines: [
      shownRow(region.sheet, headingRow),
      ...questions.map((rows) => shownRow(region.sheet, Math.min(...rows))),
    ],
  });
}
