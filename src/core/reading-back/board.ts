// A board: categories across, levels down.
import type { Item, Layout, Sheet } from '../model';
import { categoryOfHead } from '../shared/board-head';
import { columnIndex } from '../shared/cells';
import { numberOf } from '../shared/normalise';
import { defined } from '../shared/defined';

/** The questions of a board, row by row from left to right. */
export function readBoard(sheet: Sheet, { grid }: Layout): Item[] {
  if (!grid) {
    return [];
  }
  const items: Item[] = [];
  const cell = (row: number, column: number): string => sheet.rows[row - 1]?.[column] ?? '';
  grid.levelRows.forEach((row, level) => {
    for (
      let c = columnIndex(grid.firstColumn);
      c <= columnIndex(grid.lastColumn);
      c += grid.answer === 'beside' ? 2 : 1
    ) {
      const stem = cell(row, c);
      if (!stem) {
        continue;
      }
      const answer = grid.answer === 'beside' ? cell(row, c + 1) : cell(row + 1, c);
      const points = numberOf((grid.levels[level] ?? '').replace(/[^\d.,-]/g, ''));
      const heading = cell(grid.categoryRow, c);
      const category = grid.sides ? categoryOfHead(grid.sides.question, heading) : heading;
      items.push(
        defined({
          id: `cell-${items.length + 1}`,
          ref: '',
          kind: 'short',
          stem: { plain: stem },
          accepted: [answer],
          category: category ? [category] : undefined,
          points,
        }),
      );
    }
  });
  return items;
}
