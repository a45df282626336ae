// Questions with a row for each of their pairs or steps: laid out again as one row each, so that they are read like any other table.
import type { Sheet } from '../model';
import { laidOutAnew } from '../shared/sheet';
import { shownRow, type Region } from '../shared/table/region';
import {
  firstRowBelow,
  likelihoodOf,
  understandColumns,
  understandHeadings,
} from '../understanding';

/** Such a table: its parts stand in these columns (from 0), all else with the question. */
type PartRows = { headingRow: number; first: number; stem: number; parts: readonly number[] };

/** So many rows more than questions show that rows go on. */
const LEAST_PARTS = 2;
const NAMED = 0.4;
/** Words, not signs or numbers that say something of a part. */
const WORDED = /\p{L}{2}/u;

/** Whether a row goes on with the question above it: its own is empty, or said again. */
function goesOn(region: Region, row: number, stem: number): boolean {
  const own = region.cell(row, stem);
  return row > region.top && (own === '' || own === region.cell(row - 1, stem));
}

function rowsFrom(region: Region, first: number): number[] {
  return Array.from({ length: region.bottom - first + 1 }, (_, at) => first + at).filter((row) =>
    Array.from({ length: region.right - region.left + 1 }, (_, at) => region.left + at).some(
      (column) => region.cell(row, column),
    ),
  );
}

/** The columns behind a question that hold words in every row. */
const fullColumns = (region: Region, rows: readonly number[], stem: number): number[] =>
  Array.from({ length: region.right - stem }, (_, at) => stem + 1 + at).filter((column) =>
    rows.every((row) => WORDED.test(region.cell(row, column))),
  );

/** What columns may be called that are no sides of pairs. */
const NO_SIDES = ['stem', 'option', 'key', 'right', 'wrong', 'verdict', 'accepted'] as const;

/** What the parts are called: two sides of pairs, or one step each; undefined of columns that hold neither. */
function namesOf(region: Region, { headingRow, parts }: PartRows): string[] | undefined {
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

/** The columns of a table with a row for each part; undefined where it is another table. */
function findPartRows(region: Region): PartRows | undefined {
  const { row: headingRow } = understandHeadings(region);
  if (headingRow === null) {
    return undefined;
  }
  const first = firstRowBelow(region, headingRow);
  // The last of them asks; the text that several questions are about may stand before it.
  const stem = understandColumns(region, headingRow, first).findLast(
    ({ role }) => role === 'stem',
  )?.at;
  const rows = rowsFrom(region, first);
  if (stem === undefined || !region.cell(first, stem)) {
    return undefined;
  }
  const questions = rows.filter((row) => !goesOn(region, row, stem));
  const areSeveral = rows.length >= questions.length * LEAST_PARTS;
  return areSeveral
    ? { headingRow, first, stem, parts: fullColumns(region, rows, stem) }
    : undefined;
}

/** Whether questions may go on over rows: half of the cells in a column do. A look before any closer one. */
function mayGoOn(region: Region): boolean {
  for (let column = region.left; column < region.right; column++) {
    let empty = 0;
    for (let row = region.top + 1; row <= region.bottom; row++) {
      empty += goesOn(region, row, column) ? 1 : 0;
    }
    if (
      empty * LEAST_PARTS >= region.bottom - region.top - 1 &&
      empty < region.bottom - region.top
    ) {
      return true;
    }
  }
  return false;
}

/** A sheet with a row for each question of such a table, and the column its questions stand in (from 0); undefined of others. */
export function partRowsAsRows(region: Region): { rows: Sheet; stem: number } | undefined {
  const found = mayGoOn(region) ? findPartRows(region) : undefined;
  const names = found && namesOf(region, found);
  if (!found || !names) {
    return undefined;
  }
  const { headingRow, first, stem, parts } = found;
  const questions: number[][] = [];
  for (const row of rowsFrom(region, first)) {
    if (goesOn(region, row, stem)) {
      questions.at(-1)!.push(row);
    } else {
      questions.push([row]);
    }
  }
  const base = Array.from(
    { length: region.right - region.left + 1 },
    (_, at) => region.left + at,
  ).filter((column) => !parts.includes(column));
  const most = Math.max(...questions.map(({ length }) => length));
  const numbers = Array.from({ length: most }, (_, n) => n);
  const said = (rows: readonly number[], column: number): string =>
    rows.map((row) => region.cell(row, column)).find(Boolean) ?? '';
  const rows = laidOutAnew(region.sheet, {
    rows: [
      [
        ...base.map((column) => region.cell(headingRow, column)),
        ...numbers.flatMap((n) => names.map((name) => `${name} ${n + 1}`)),
      ],
      ...questions.map((own) => [
        ...base.map((column) => said(own, column)),
        ...numbers.flatMap((n) =>
          parts.map((column) => (n < own.length ? region.cell(own[n]!, column) : '')),
        ),
      ]),
    ],
    lines: [
      shownRow(region.sheet, headingRow),
      ...questions.map(([row]) => shownRow(region.sheet, row!)),
    ],
  });
  return { rows, stem };
}
