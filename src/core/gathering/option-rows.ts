// Questions with a row for each option: laid out again as one row each, so that they are read like any other table.
import type { Sheet } from '../model';
import { letterPlace } from '../shared/plain';
import type { Region } from '../shared/table/region';
import { verdictOf } from '../shared/vocabulary/verdicts';
import { likelihoodOf } from '../understanding';
import {
  countsParts,
  GOES_ON,
  goesOn,
  laidOutByQuestion,
  rowsOfQuestions,
  type Asked,
} from './asked-once';

/** The columns of such a table, from 0; `marks` say of each option whether it is right. */
export type OptionRows = {
  /** The rows of each question. */
  questions: number[][];
  option: number;
  marks: number;
  /** Whether those are weights and no words. */
  areWeights: boolean;
  /** The column that counts the options, a, b, c, where there is one: it tells nothing that their order does not. */
  letters?: number;
};

const FULL = 0.95;
const TICK = /^[xX✓✔*+✗-]$/u;
const WEIGHT = /^-?\d{1,3}(?:[.,]\d+)?\s*%?$/u;

const isMark = (text: string): boolean =>
  text === '' || TICK.test(text) || WEIGHT.test(text) || verdictOf(text) !== undefined;

/** The rows of a table in which an option stands. */
function optionRows(region: Region, first: number, option: number): number[] {
  const rows: number[] = [];
  for (let row = first; row <= region.bottom; row++) {
    if (region.cell(row, option)) {
      rows.push(row);
    }
  }
  return rows;
}

/** How much of the rows below the headings a column fills. */
function fill(region: Region, first: number, column: number): number {
  const rows = region.bottom - first + 1;
  return rows > 0 ? optionRows(region, first, column).length / rows : 0;
}

/** The place that a letter or number counts, from 1; NaN of any other text. */
function placeOf(text: string): number {
  const [, letter, number] = LABEL.exec(text) ?? [];
  return letter ? letterPlace(letter) + 1 : Number(number);
}
const LABEL = /^\(?(?:([a-z])|(\d{1,2}))[).:]?$/iu;

/** Whether a column counts the options of each question: a, b, c and from the start again. */
function countsOptions(region: Region, rows: readonly number[], column: number): boolean {
  const places = rows.map((row) => placeOf(region.cell(row, column)));
  return (
    places.includes(2) &&
    places.every((place, n) => place === 1 || place === (places[n - 1] ?? 0) + 1)
  );
}

const CALLED = 0.8;
/** Whether a heading says that what stands below it answers: numbers there are options and no marks. */
const isCalledAnswer = (heading: string): boolean =>
  likelihoodOf(heading, ['option', 'accepted']) > CALLED &&
  likelihoodOf(heading, ['key', 'verdict', 'weight']) < CALLED / 4;

/** The columns of texts behind the questions that every row fills: the options' letters, where they have a column, and the options. */
function optionColumns(
  region: Region,
  first: number,
  stem: number,
): { letters?: number; option?: number } {
  let letters: number | undefined;
  for (let column = stem + 1; column <= region.right; column++) {
    const rows = optionRows(region, first, column);
    if (fill(region, first, column) < FULL) {
      continue;
    }
    if (letters === undefined && countsOptions(region, rows, column)) {
      letters = column;
    } else if (
      isCalledAnswer(region.cell(first - 1, column)) ||
      !rows.every((row) => isMark(region.cell(row, column)))
    ) {
      return { letters, option: column };
    }
  }
  return { option: letters };
}

/** A column that says of each option whether it is right: of at most two words, or of weights. */
function markColumn(
  region: Region,
  questions: readonly number[][],
  { stem, option }: { stem: number; option: number },
): { marks: number; areWeights: boolean } | undefined {
  const rows = questions.flat();
  for (let column = stem + 1; column <= region.right; column++) {
    const texts = rows.map((row) => region.cell(row, column));
    const said = new Set(texts.filter(Boolean));
    const areWeights =
      texts.every((text) => WEIGHT.test(text)) &&
      said.size < texts.length &&
      // What counts the rows of each question puts them in order.
      !countsParts(region, questions, column);
    // A number beside the first of several rows is the question's.
    const areWords = [...said].every((text) => TICK.test(text) || verdictOf(text) !== undefined);
    const areVerdicts = areWords && said.size > 0 && said.size <= 2 && said.size < texts.length;
    if (column !== option && texts.every(isMark) && (areWeights || areVerdicts)) {
      return { marks: column, areWeights: !areVerdicts };
    }
  }
  return undefined;
}

/** The columns of a table with a row for each option; undefined where it is another table. */
export function findOptionRows(region: Region, { first, stem }: Asked): OptionRows | undefined {
  const { letters, option } = optionColumns(region, first, stem);
  if (option === undefined) {
    return undefined;
  }
  const rows = optionRows(region, first, option);
  const going = rows.slice(1).filter((row) => goesOn(region, row, stem)).length;
  const isSo = rows.length > 2 && going >= (rows.length - 1) * GOES_ON;
  if (!isSo) {
    return undefined;
  }
  const questions = rowsOfQuestions(region, rows, stem);
  const marks = markColumn(region, questions, { stem, option });
  return marks && { questions, option, ...marks, letters };
}

/** Whether a column says something else of one option of a question than of another, as feedback to each does. */
const differs = (region: Region, questions: readonly number[][], column: number): boolean =>
  questions.some(
    (rows) => new Set(rows.map((row) => region.cell(row, column)).filter(Boolean)).size > 1,
  );

/** A sheet with a row for each question of such a table; undefined of others. */
export function optionRowsAsRows(region: Region, asked: Asked): Sheet | undefined {
  const found = findOptionRows(region, asked);
  if (!found) {
    return undefined;
  }
  const { questions, option, marks, letters } = found;
  const { headingRow } = asked;
  const base: number[] = [];
  const beside: number[] = [];
  for (let column = region.left; column <= region.right; column++) {
    if (column !== option && column !== marks && column !== letters) {
      (differs(region, questions, column) ? beside : base).push(column);
    }
  }
  const names = (n: number): string[] => [
    `Answer ${n}`,
    `Verdict ${n}`,
    ...beside.map((column) => `${region.cell(headingRow, column)} ${n}`),
  ];
  const parts = { columns: [option, marks, ...beside], names };
  return laidOutByQuestion(region, { headingRow, questions }, { base, parts });
}
