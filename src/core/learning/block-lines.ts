// The rows of a form's block as a layout keeps them: the title that counts the blocks, the fields, and what an empty block holds already.
import type { Layout, Table } from '../model';
import { isLabel } from '../shared/block-labels';
import { columnLetters } from '../shared/cells';
import { defined } from '../shared/defined';
import type { Region } from '../shared/table/region';
import type { Blocks } from '../understanding';

type Line = NonNullable<Layout['lines']>[number];

/** How many rows above the first field of a block count it. */
export const titleRows = ({ title }: Blocks): number => (title === undefined ? 0 : 1);

/** The rows in front of which a label stands, in all blocks. */
export function rowsOfLabel(
  region: Region,
  { starts, labelColumn }: Blocks,
  label: string,
): number[] {
  const rows: number[] = [];
  for (let row = starts[0]!; row <= region.bottom; row++) {
    if (isLabel(label, region.cell(row, labelColumn))) {
      rows.push(row);
    }
  }
  return rows;
}

/** What a line holds in every block that asks nothing yet; undefined where that is nothing, or not always the same. */
function defaultOf(region: Region, blocks: Blocks, label: string): string | undefined {
  const { starts, labelColumn } = blocks;
  const empty = starts.filter((start) => !region.cell(start, labelColumn + 1));
  const isIn = (row: number, start: number): boolean =>
    row >= start && row < (starts.find((other) => other > start) ?? Infinity);
  const held = rowsOfLabel(region, blocks, label)
    .filter((row) => empty.some((start) => isIn(row, start)))
    .map((row) => region.cell(row, labelColumn + 1));
  const [first, ...others] = new Set(held);
  return held.length > 0 && !others.length ? first || undefined : undefined;
}

/** What an empty form says of each question, where the bank says nothing. */
const SAID: ReadonlySet<Line['role']> = new Set(['seconds', 'points', 'attempts', 'lines']);

/** The lines of a block, each with its place in the empty one. */
export function linesOf(region: Region, blocks: Blocks): Line[] {
  const above = titleRows(blocks);
  const fields = blocks.lines.map(({ label, role, cells, opens, offset, times }): Line =>
    defined({
      label,
      role,
      cells: cells.map((cell) => ({ column: columnLetters(cell.column), role: cell.role })),
      opens: (opens && !above) || undefined,
      offset: offset + above,
      times: times > 1 ? times : undefined,
      default: SAID.has(role) ? defaultOf(region, blocks, label) : undefined,
    }),
  );
  return blocks.title === undefined
    ? fields
    : [{ label: blocks.title, role: 'ignore', cells: [], opens: true, offset: 0 }, ...fields];
}

/** How far apart blocks begin: as they stand in a form; in a text, whose rows have no places, by their lines and the empty rows behind them. */
export function distanceOf(table: Table, region: Region, blocks: Blocks): number {
  const { starts, lines, labelColumn } = blocks;
  const above = titleRows(blocks);
  const distance = starts[1]! - starts[0]!;
  if (table.format !== 'csv' && table.format !== 'tsv') {
    return distance;
  }
  let empty = 0;
  while (empty < distance && !region.cell(starts[1]! - 1 - above - empty, labelColumn)) {
    empty++;
  }
  return lines.reduce((sum, { times }) => sum + (times ?? 1), above) + empty;
}
