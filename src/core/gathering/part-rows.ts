// Questions with a row for each of their pairs or steps: laid out again as one row each, so that they are read like any other table.
import type { Sheet } from '../model';
import type { Region } from '../shared/table/region';
import { likelihoodOf } from '../understanding';
import {
  columnsOf,
  countsParts,
  filledRows,
  goesOn,
  laidOutByQuestion,
  rowsOfQuestions,
  type Asked,
} from './asked-once';

/** So many rows more than questions show that rows go on. */
const LEAST_PARTS = 2;
const NAMED = 0.4;
/** Words, not signs or numbers that say something of a part. */
const WORDED = /\p{L}{2}/u;

/** The columns behind a question that hold words in every row. */
const fullColumns = (region: Region, rows: readonly number[], stem: number): number[] =>
  Array.from({ length: region.right - stem }, (_, at) => stem + 1 + at).filter((column) =>
    rows.every((row) => WORDED.test(region.cell(row, column))),
  );

/** What columns may be called that are no sides of pairs. */
const NO_SIDES = ['stem', 'option', 'key', 'right', 'wrong', 'verdict', 'accepted'] as const;

/** What the parts are called: two sides of pairs, or one step each; undefined of columns that hold neither. */
function namesOf(
  region: Region,
  headingRow: number,
  parts: readonly number[],
): string[] | undefined {
  const [one, two, ...more] = parts;
  const says = (column: number, ...meanings: Parameters<typeof likelihoodOf>[1]): boolean =>
    likelihoodOf(region.cell(headingRow, column), meanings) > NAMED;
  if (one === undefined || more.length) {
    return undefined;
  }
  if (two === undefined) {
    return says(one, 'step') ? ['Step'] : undefined;
  }
  const areSides = says(one, 'left') && says(two, 'right-side');
  const isOther = parts.some((column) => says(column, ...NO_SIDES));
  return isOther && !areSides ? undefined : ['Left', 'Right'];
}

/** `order` is the column that says the place of each step, where one does. */
type PartRows = {
  questions: number[][];
  columns: number[];
  names: string[];
  order?: number | undefined;
};

/** The column that counts the rows of each question, in whatever order: the places of steps. */
function placeColumn(
  region: Region,
  questions: readonly number[][],
  stem: number,
): number | undefined {
  for (let column = stem + 1; column <= region.right; column++) {
    if (countsParts(region, questions, column)) {
      return column;
    }
  }
  return undefined;
}

/** The rows of a question by the places that a column says. */
const inPlace = (region: Region, rows: readonly number[], order: number): number[] =>
  [...rows].sort((a, b) => Number(region.cell(a, order)) - Number(region.cell(b, order)));

/** The rows and columns of the parts of such a table, and what they are called; undefined of others. */
export function findPartRows(
  region: Region,
  { headingRow, first, stem }: Asked,
): PartRows | undefined {
  const rows = filledRows(region, first);
  const going = rows.filter((row) => goesOn(region, row, stem)).length;
  if (!region.cell(first, stem) || rows.length < (rows.length - going) * LEAST_PARTS) {
    return undefined;
  }
  const columns = fullColumns(region, rows, stem);
  const names = namesOf(region, headingRow, columns);
  const questions = rowsOfQuestions(region, rows, stem);
  const order = columns.length === 1 ? placeColumn(region, questions, stem) : undefined;
  return names && { questions, columns, names, order };
}

/** A sheet with a row for each question of such a table; undefined of others. */
export function partRowsAsRows(region: Region, asked: Asked): Sheet | undefined {
  const found = findPartRows(region, asked);
  if (!found) {
    return undefined;
  }
  const { headingRow } = asked;
  const { questions, columns, order } = found;
  const base = columnsOf(region).filter((column) => !columns.includes(column) && column !== order);
  const names = (n: number): string[] => found.names.map((name) => `${name} ${n}`);
  const own =
    order === undefined ? questions : questions.map((rows) => inPlace(region, rows, order));
  return laidOutByQuestion(
    region,
    { headingRow, questions: own },
    { base, parts: { columns, names } },
  );
}
