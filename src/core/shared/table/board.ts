// A board: categories across, levels down, a question in each cell and its answer below or beside it.
import { bareWords, numberOf } from '../normalise';
import { fieldOfLine } from '../vocabulary/answer-lines';
import { roleOfHeading } from '../vocabulary/headings';
import type { Region } from './region';

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
  fieldOfLine(`${text.replace(/[:.]$/, '')}: x`)?.role === 'answer';

function categoriesAt(region: Region, row: number, levelColumn: number): number[] {
  const columns: number[] = [];
  for (let c = levelColumn + 1; c <= region.right; c++) {
    const text = region.cell(row, c);
    if (!text) {
      continue;
    }
    if (text.length > 45 || /[?？]\s*$/.test(text) || numberOf(text) !== undefined) {
      return [];
    }
    columns.push(c);
  }
  return columns;
}

/** Categories that headings of questions would be as well are no board. */
const namesFields = (region: Region, row: number, columns: readonly number[]): boolean =>
  columns.filter((c) => {
    const guess = roleOfHeading(region.cell(row, c));
    return guess?.sure && guess.role !== 'category' && !saysAnswer(region.cell(row, c));
  }).length *
    2 >=
  columns.length;

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

/** The board of a region, looked for in its first twelve rows; undefined where it is none. */
export function findBoard(region: Region): Board | undefined {
  const levelColumn = region.left;
  for (let row = region.top; row <= Math.min(region.top + 12, region.bottom - 1); row++) {
    const head = bareWords(region.cell(row, levelColumn));
    const all = categoriesAt(region, row, levelColumn);
    if (all.length < 2 || !(LEVEL_HEAD.test(head) || !head) || namesFields(region, row, all)) {
      continue;
    }
    const { rows, levels, below } = levelsBelow(region, row, levelColumn);
    if (rows.length < 2 || !areLevels(levels)) {
      continue;
    }
    const answers = all.filter((c) => saysAnswer(region.cell(row, c)));
    const beside =
      answers.length > 0 ||
      (all.length > 1 && all.every((c, index) => index === 0 || c - all[index - 1]! === 2));
    const columns = all.filter((c) => !answers.includes(c));
    if (!below && !beside) {
      continue;
    }
    if (!holdsQuestions(region, rows, columns)) {
      continue;
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
  return undefined;
}
