// A board: categories across, levels down, a question in each cell and its answer below or beside it.
import { bareWords, numberOf } from '../../shared/normalise';
import { fieldOfLine } from '../../shared/vocabulary/answer-lines';
import type { Region } from '../../shared/table/region';
import { meaningOfWords } from '../saying';

/** Rows and columns count from 0. `columns` are those of the questions. */
export type Board = {
  categoryRow: number;
  levelColumn: number;
  columns: number[];
  lastColumn: number;
  levelRows: number[];
  levels: string[];
  answer: 'below' | 'beside';
};

const LEVEL_HEAD =
  /^(?:level|levels|points?|value|worth|category|categories|kategorie|theme|step|stufe|niveau|punkte|nivel|livello|lefel|row|)$/;

/** Whether a cell says that an answer stands here: 'answer', 'Antwort', 'A:'. */
export const saysAnswer = (text: string): boolean =>
  fieldOfLine(`${text.replace(/[:.]$/, '').replace(/^\d+\s*[.:)–-]?\s+|\s+\d+$/gu, '')}: x`)
    ?.role === 'answer';

function categoriesAt(region: Region, row: number, levelColumn: number): number[] {
  const columns: number[] = [];
  for (let c = levelColumn + 1; c <= region.right; c++) {
    const text = region.cell(row, c);
    if (!text) {
      continue;
    }
    // Categories differ from one another, and none is a place that waits to be filled.
    const isSaidAgain = columns.some((other) => region.cell(row, other) === text);
    if ((isSaidAgain && !saysAnswer(text)) || /…$|\.{3}$/.test(text)) {
      return [];
    }
    // Letters alone number options, and are nothing to ask about.
    if (
      text.length > 45 ||
      /^\p{L}$/u.test(text) ||
      /[?？]\s*$/.test(text) ||
      numberOf(text) !== undefined
    ) {
      return [];
    }
    columns.push(c);
  }
  return columns;
}

/** So clear a word is a field's name. */
const CLEAR = 0.8;
/** Categories and tags are what a board's columns are about. */
const MAY_HEAD: ReadonlySet<string> = new Set(['category', 'tag', 'tags', 'ignore', 'title']);

/** Categories that headings of questions would be as well are no board: one that names the question, or half of them. */
function namesFields(region: Region, row: number, columns: readonly number[]): boolean {
  const said = columns.map((c) => meaningOfWords(region.cell(row, c)));
  const fields = said.filter(
    (one, index) =>
      one !== undefined &&
      one.p > CLEAR &&
      !MAY_HEAD.has(one.meaning) &&
      !saysAnswer(region.cell(row, columns[index]!)),
  );
  const asks = said.some((one) => one?.meaning === 'stem' && one.p > CLEAR);
  const isAlternating =
    columns.filter((c) => saysAnswer(region.cell(row, c))).length * 2 === columns.length;
  return (asks && !isAlternating) || fields.length * 2 >= columns.length;
}

type Levels = { rows: number[]; levels: string[]; below: boolean };

/** The rows that begin with a level, down to where the board ends; answers below are told by their word or their empty place. */
function levelsBelow(region: Region, row: number, levelColumn: number): Levels {
  const rows: number[] = [];
  const levels: string[] = [];
  let between = 0;
  for (let r = row + 1; r <= region.bottom; r++) {
    const text = region.cell(r, levelColumn);
    if (text && saysAnswer(text)) {
      between++;
      continue;
    }
    if (!text) {
      if (rowHasText(region, r, levelColumn)) {
        between++;
      }
      continue;
    }
    if (text.length > 24 || levels.includes(text)) {
      break;
    }
    rows.push(r);
    levels.push(text);
  }
  return { rows, levels, below: between >= rows.length - 1 && between > 0 };
}

function rowHasText(region: Region, row: number, levelColumn: number): boolean {
  for (let c = levelColumn + 1; c <= region.right; c++) {
    if (region.cell(row, c)) {
      return true;
    }
  }
  return false;
}

/** Levels go up evenly as numbers, or share their words but for a number or ordinal. */
function areLevels(levels: readonly string[]): boolean {
  const numbers = levels.map((level) => numberOf(level.replace(/[^\d.,-]/g, '')));
  const counted = numbers.every((n) => n !== undefined);
  if (
    counted &&
    numbers.every((n, index) => index === 0 || n > numbers[index - 1]! || n < numbers[index - 1]!)
  ) {
    return true;
  }
  const last = levels.map((level) => bareWords(level).split(' ').at(-1));
  return (
    levels.length > 1 &&
    (new Set(last).size === 1 || levels.every((level) => level.length <= 14 && !/[?]/.test(level)))
  );
}

/** Whether the filled cells of the level rows read like questions; an empty board tells nothing against it. */
function holdsQuestions(
  region: Region,
  rows: readonly number[],
  columns: readonly number[],
): boolean {
  const texts = rows.flatMap((r) => columns.map((c) => region.cell(r, c))).filter(Boolean);
  if (!texts.length) {
    return true;
  }
  return (
    texts.filter((text) => /[?？…:]\s*$|_{2,}/u.test(text) || text.length > 18).length >=
    texts.length * 0.5
  );
}

/** The board whose categories stand in a row; undefined where they make none. */
function boardAt(region: Region, row: number, levelColumn: number): Board | undefined {
  const head = bareWords(region.cell(row, levelColumn));
  const all = categoriesAt(region, row, levelColumn);
  // A head that is empty may stand above levels as well; the pattern knows it.
  if (all.length < 2 || !LEVEL_HEAD.test(head) || namesFields(region, row, all)) {
    return undefined;
  }
  const { rows, levels, below } = levelsBelow(region, row, levelColumn);
  const answers = all.filter((c) => saysAnswer(region.cell(row, c)));
  const isEverySecond = all.every((c, index) => index === 0 || c - all[index - 1]! === 2);
  const columns = all.filter((c) => !answers.includes(c));
  const isAnswered = below || answers.length > 0 || isEverySecond;
  const isBoard = rows.length > 1 && areLevels(levels) && isAnswered;
  if (!isBoard || !holdsQuestions(region, rows, columns)) {
    return undefined;
  }
  const answer = below ? 'below' : 'beside';
  return {
    categoryRow: row,
    levelColumn,
    columns,
    lastColumn: answer === 'beside' ? columns.at(-1)! + 1 : columns.at(-1)!,
    levelRows: rows,
    levels,
    answer,
  };
}

/** Categories stand among the first rows. */
const ROWS_LOOKED_AT = 12;

/** The board of a region, looked for in its first rows; undefined where it is none. */
export function findBoard(region: Region): Board | undefined {
  const last = Math.min(region.top + ROWS_LOOKED_AT, region.bottom - 1);
  for (let row = region.top; row <= last; row++) {
    const board = boardAt(region, row, region.left);
    if (board) {
      return board;
    }
  }
  return undefined;
}
