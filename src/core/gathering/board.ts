// Questions of a board: row by row from left to right, the category from the column, the level as points where it counts.
import type { Column, Item, Table } from '../model';
import { cellName, columnLetters } from '../shared/cells';
import { numberOf } from '../shared/normalise';
import { count } from '../shared/plain';
import type { Board } from '../understanding';
import { shownRow, type Region } from '../shared/table/region';
import { splitAnswers } from './answers';
import type { Gathered } from './contract';

/** The questions of a board with the reading that explains it. */
export function gatherBoard(
  table: Table,
  region: Region,
  board: Board,
  newId: () => string,
): Gathered {
  const items: Item[] = [];
  board.levelRows.forEach((row, index) => {
    for (const column of board.columns) {
      const stem = region.cell(row, column);
      if (!stem) {
        continue;
      }
      const said =
        board.answer === 'below' ? region.cell(row + 1, column) : region.cell(row, column + 1);
      const points = numberOf(board.levels[index]!);
      items.push({
        id: newId(),
        ref: '',
        kind: 'short',
        stem: { plain: stem },
        accepted: splitAnswers(said),
        category: [region.cell(board.categoryRow, column)],
        ...(points !== undefined && points > 0 ? { points } : {}),
        origin: {
          file: table.file,
          sheet: region.sheet.name,
          row: shownRow(region.sheet, row),
          cell: cellName(shownRow(region.sheet, row) - 1, column),
        },
      });
    }
  });
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
        key: `each answer stands ${board.answer} its question`,
      },
      unsure: [],
    },
  };
}
