// The places of a file that a fitted question comes to fill, for people to look at: cells with their headings.
import type { CellRow, Column, Fitted, Layout, Role } from '../../core/model';
import { labelAt } from '../../core/shared/block-labels';
import { columnIndex } from '../../core/shared/cells';
import { beginsIn } from '../../core/shared/row-for-each';
import { i18n } from '../../languages';

/** One place: 'C' in rows and blocks, 'C4' on a board. `part` counts the questions that one became, from 0. */
export type Place = { place: string; heading: string; role: Role; value: string; part: number };

function placesOfRow(cells: CellRow, columns: readonly Column[], part: number): Place[] {
  return columns
    .filter((column) => cells[column.column] !== undefined)
    .map((column) => ({
      place: column.column,
      heading: column.heading ?? '',
      role: column.role,
      value: String(cells[column.column]),
      part,
    }));
}

function placesOfLine(cells: CellRow, { lines = [], file }: Layout, part: number): Place[] {
  const line = lines.find((candidate) => candidate.label === cells[file.firstColumn ?? 'A']);
  return (line?.cells ?? [])
    .filter((cell) => cells[cell.column] !== undefined)
    .map((cell) => ({
      place: cell.column,
      heading: labelAt(line!.label, part + 1),
      role: cell.role,
      value: String(cells[cell.column]),
      part,
    }));
}

/** A board's cells: the category's heading above, the question in its level's row, the answer below or beside. */
function placesOnBoard(cells: CellRow, { grid }: Layout, part: number): Place[] {
  const { categoryRow, levelRows, levels } = grid!;
  const names = Object.keys(cells);
  return names.map((place, index): Place => {
    const row = Number(place.replace(/\D/g, ''));
    const value = String(cells[place]);
    if (row === categoryRow) {
      return { place, heading: i18n._('category'), role: 'category', value, part };
    }
    const isAnswer = index === names.length - 1;
    return isAnswer
      ? { place, heading: i18n._('answer'), role: 'accepted', value, part }
      : {
          place,
          heading: i18n._('level {level}', { level: levels[levelRows.indexOf(row)] ?? '' }),
          role: 'stem',
          value,
          part,
        };
  });
}

const byColumn = (a: Column, b: Column): number => columnIndex(a.column) - columnIndex(b.column);

/** Blocks of rows: a further question begins at each line that opens one. */
function placesInBlocks(layout: Layout, cells: readonly CellRow[]): Place[] {
  const opening = layout.lines?.find((line) => line.opens)?.label;
  const label = layout.file.firstColumn ?? 'A';
  let part = -1;
  return cells.flatMap((row) => {
    part = row[label] === opening ? part + 1 : Math.max(0, part);
    return placesOfLine(row, layout, part);
  });
}

/** Several rows for each question: a further one begins where another is asked. */
function placesInRows(
  layout: Layout,
  cells: readonly CellRow[],
  columns: readonly Column[],
): Place[] {
  let part = -1;
  return cells.flatMap((row, index) => {
    part += beginsIn(cells, index, layout) ? 1 : 0;
    return placesOfRow(row, columns, part);
  });
}

/** Every place that a question fills, in the order of the file; none where it becomes text or an item of a package. */
export function placesOf(layout: Layout, { cells = [], as = [] }: Fitted): Place[] {
  if (layout.shape === 'blocks') {
    return placesInBlocks(layout, cells);
  }
  const columns = [...layout.columns].sort(byColumn);
  if (layout.rowForEach) {
    return placesInRows(layout, cells, columns);
  }
  return cells.flatMap((row, index) => {
    const part = Math.min(index, as.length - 1);
    return layout.shape === 'grid'
      ? placesOnBoard(row, layout, part)
      : placesOfRow(row, columns, part);
  });
}
