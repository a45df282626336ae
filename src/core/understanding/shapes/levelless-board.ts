// A board without a column for its levels: categories across, and below them by turns a row of questions and one of answers.
import { alike, numberOf } from '../../shared/normalise';
import { fieldOfLine } from '../../shared/vocabulary/answer-lines';
import type { Region } from '../../shared/table/region';
import { categoriesAt, namesFields, type Board } from './crossing';

type Side = 'question' | 'answer';
/** What a row of a board holds, and the level that its places name; '' where they name none. */
type Row = { side: Side; level: string };

const NUMBER = /\d+(?:[.,]\d+)?/u;
const ASKS = /[?？؟…]\s*$|_{2,}/u;
/** So many cells of a row must ask, or must not. */
const MOSTLY = 0.8;
/** Rows of questions, each with its answers below. */
const FEWEST = 2;

const sideOf = (word: string): Side | undefined => {
  const role = fieldOfLine(`${word}: x`)?.role;
  return role === 'question' || role === 'answer' ? role : undefined;
};

/** A row whose places all say the same and wait to be filled: '100 question', 'Answer for 200'. */
function waitingRow(texts: readonly string[]): Row | undefined {
  const [text = ''] = texts;
  if (!texts.every((one) => alike(one) === alike(text))) {
    return undefined;
  }
  const sides = new Set(text.match(/\p{L}+/gu)?.flatMap((word) => sideOf(word) ?? []));
  const [side] = sides;
  return side && sides.size === 1 ? { side, level: NUMBER.exec(text)?.[0] ?? '' } : undefined;
}

/** A row of a filled board: its cells ask, or none of them does. */
function filledRow(texts: readonly string[]): Row | undefined {
  const asking = texts.filter((text) => ASKS.test(text)).length;
  if (asking >= texts.length * MOSTLY) {
    return { side: 'question', level: '' };
  }
  return asking <= texts.length * (1 - MOSTLY) ? { side: 'answer', level: '' } : undefined;
}

/** What the rows below a row of categories hold; undefined where one of them is neither. */
function rowsBelow(region: Region, first: number, columns: readonly number[]): Row[] | undefined {
  const rows: Row[] = [];
  for (let row = first; row <= region.bottom; row++) {
    const texts = columns.map((column) => region.cell(row, column)).filter(Boolean);
    const found = texts.length > 1 ? (waitingRow(texts) ?? filledRow(texts)) : undefined;
    if (!found) {
      return undefined;
    }
    rows.push(found);
  }
  return rows;
}

/** Whether rows of questions and of answers to them take turns. */
const takeTurns = (rows: readonly Row[]): boolean =>
  rows.length % 2 === 0 &&
  rows.every(({ side, level }, at) =>
    at % 2 ? side === 'answer' && level === rows[at - 1]!.level : side === 'question',
  );

/** The rows of questions below a row of categories; undefined where questions and answers do not take turns to the end. */
function turnsBelow(
  region: Region,
  categoryRow: number,
  columns: readonly number[],
): { rows: number[]; levels: string[] } | undefined {
  const rows = rowsBelow(region, categoryRow + 1, columns);
  if (!rows || rows.length < 2 * FEWEST || !takeTurns(rows)) {
    return undefined;
  }
  const questions = rows.filter(({ side }) => side === 'question');
  const isCounted = questions.every(({ level }) => numberOf(level) !== undefined);
  return {
    rows: questions.map((_, at) => categoryRow + 1 + 2 * at),
    levels: questions.map(({ level }) => (isCounted ? level : '')),
  };
}

/** The board whose categories stand in a row; undefined where it has a column of levels, or is none. */
export function levellessAt(region: Region, row: number): Board | undefined {
  const columns = categoriesAt(region, row, region.left - 1);
  const isWhole = columns.length === region.right - region.left + 1;
  if (columns.length < 2 || !isWhole || namesFields(region, row, columns)) {
    return undefined;
  }
  const found = turnsBelow(region, row, columns);
  return (
    found && {
      categoryRow: row,
      levelColumn: region.left,
      columns,
      categories: columns.map((column) => region.cell(row, column)),
      levelRows: found.rows,
      levels: found.levels,
      lastColumn: region.right,
      answer: 'below',
    }
  );
}
