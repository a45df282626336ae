// A board without a column for its levels: categories across, and below them by turns a row of questions and one of answers.
import { alike, numberOf } from '../../shared/normalise';
import type { Region } from '../../shared/table/region';
import { sideOfWord, type BoardHead } from './board-heads';
import { categoriesAt, namesFields, type Board } from './crossing';

/** What a row of a board holds, and the level that its places name; '' where they name none. */
type Row = { side: BoardHead['side']; level: string };

const NUMBER = /\d+(?:[.,]\d+)?/u;
/** What a text that asks ends with, or leaves open. */
export const ASKS = /[?？؟…]\s*$|_{2,}/u;
/** So many cells of a row must ask, or must not. */
const MOSTLY = 0.8;
/** Rows of questions, each with its answers below. */
const FEWEST = 2;

/** A row whose places all say the same and wait to be filled: '100 question', 'Answer for 200'. */
function waitingRow(texts: readonly string[]): Row | undefined {
  const [text = ''] = texts;
  if (!texts.every((one) => alike(one) === alike(text))) {
    return undefined;
  }
  const sides = new Set(text.match(/\p{L}+/gu)?.flatMap((word) => sideOfWord(word) ?? []));
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

/** What a row of a board holds in its columns; undefined where it is neither questions nor answers. */
function rowAt(region: Region, row: number, columns: readonly number[]): Row | undefined {
  const texts = columns.map((column) => region.cell(row, column)).filter(Boolean);
  return texts.length > 1 ? (waitingRow(texts) ?? filledRow(texts)) : undefined;
}

/** The questions' rows below a row of categories, which take turns with answers to the end; undefined where they do not. */
function turnsBelow(
  region: Region,
  categoryRow: number,
  columns: readonly number[],
): { rows: number[]; levels: string[] } | undefined {
  const rows: number[] = [];
  const levels: string[] = [];
  for (let row = categoryRow + 1; row < region.bottom; row += 2) {
    const question = rowAt(region, row, columns);
    const answer = question?.side === 'question' ? rowAt(region, row + 1, columns) : undefined;
    if (answer?.side !== 'answer' || answer.level !== question?.level) {
      return undefined;
    }
    rows.push(row);
    levels.push(question.level);
  }
  const isWhole = rows.length >= FEWEST && rows.at(-1) === region.bottom - 1;
  const isCounted = levels.every((level) => numberOf(level) !== undefined);
  return isWhole ? { rows, levels: isCounted ? levels : levels.map(() => '') } : undefined;
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
