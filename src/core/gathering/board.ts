// Questions of a board: row by row from left to right, the category from the column, the level as points where it counts.
import type { Column, Item } from '../model';
import { cellName, columnLetters } from '../shared/cells';
import { numberOf } from '../shared/normalise';
import { count } from '../shared/plain';
import { partedCell, type Board, type FilledBoard } from '../understanding';
import { shownRow, type Region } from '../shared/table/region';
import { splitAnswers } from './answers';
import type { From, Gathered } from './contract';

type AnyBoard = Board | FilledBoard;

/** What a cell of a board asks and what answers it. */
function contentOf(
  region: Region,
  { answer }: AnyBoard,
  { row, column }: { row: number; column: number },
): { question: string; answer: string } {
  const text = region.cell(row, column);
  const parted = answer === 'inside' ? partedCell(text) : undefined;
  if (parted) {
    return parted;
  }
  const places = {
    below: [row + 1, column],
    beside: [row, column + 1],
    inside: undefined,
    nowhere: undefined,
  } as const;
  const place = places[answer];
  return { question: text, answer: place ? region.cell(...place) : '' };
}

const WHERE: Record<AnyBoard['answer'], string> = {
  below: 'each answer stands below its question',
  beside: 'each answer stands beside its question',
  inside: 'each answer stands in the cell of its question, behind it',
  nowhere: 'there are no answers: the questions are marked by a person',
};

/** The question in a cell of a board; undefined where the cell is empty. */
function itemAt(
  { table, newId }: Pick<From, 'table' | 'newId'>,
  region: Region,
  board: AnyBoard,
  { level, column }: { level: number; column: number },
): Item | undefined {
  const row = board.levelRows[level]!;
  const { question, answer } = contentOf(region, board, { row, column });
  const points = numberOf(board.levels[level]!);
  return question
    ? {
        id: newId(),
        ref: '',
        stem: { plain: question },
        // Where no question has an answer, each is talked about; where others have one, it is missing.
        ...(board.answer === 'nowhere'
          ? { kind: 'open' }
          : { kind: 'short', accepted: splitAnswers(answer) }),
        category: [region.cell(board.categoryRow, column)],
        ...(points !== undefined && points > 0 ? { points } : {}),
        origin: {
          file: table.file,
          sheet: region.sheet.name,
          row: shownRow(region.sheet, row),
          cell: cellName(shownRow(region.sheet, row) - 1, column),
        },
      }
    : undefined;
}

/** The questions of a board with the reading that explains it. */
export function gatherBoard(
  from: Pick<From, 'table' | 'newId'>,
  region: Region,
  board: AnyBoard,
): Gathered {
  const items = board.levels.flatMap((_, level) =>
    board.columns.flatMap((column) => itemAt(from, region, board, { level, column }) ?? []),
  );
  return {
    items,
    findings: [],
    reading: {
      as: 'board',
      sheet: region.sheet.name,
      headingRow: shownRow(region.sheet, board.categoryRow),
      columns: [
        { column: columnLetters(board.levelColumn), role: 'points' },
        ...board.columns.map((column): Column => ({
          column: columnLetters(column),
          heading: region.cell(board.categoryRow, column),
          role: 'stem',
        })),
      ],
      key: { style: 'text' },
      because: {
        as: `${count(board.columns.length, 'category', 'categories')} stand across and ${count(board.levels.length, 'level')} down`,
        sheet: 'it holds a board',
        key: WHERE[board.answer],
      },
      unsure: board.answer === 'nowhere' ? ['key'] : [],
    },
  };
}
