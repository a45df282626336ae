// The independent way home: what a finished file says, read by its layout alone, and compared with what was meant.
// Shares only the model and the helpers with the road out; nothing here may be taken from fitting or writers.
import type { Item, Layout, Settings, Table } from '../model';
import { columnIndex } from '../shared/cells';
import { sheetOfLayout } from '../shared/sheet';
import { readBlocks } from './blocks';
import { readBoard } from './board';
import { readPartRows } from './part-rows';
import { readRows } from './rows';
import { settingsIn } from './settings';

export { compare } from './compare';
export { readMarkedSet } from './marked-text';
export { rowsByQuestion } from './part-rows';

/** Every question that a file of this layout holds, down to the first row (or block) without one. */
export function readBack(table: Table, layout: Layout): Item[] {
  const sheet = sheetOfLayout(table, layout);
  if (!sheet) {
    return [];
  }
  switch (layout.shape) {
    case 'rows':
      return layout.rowForEach ? readPartRows(sheet, layout) : readRows(sheet, layout);
    case 'blocks':
      return readBlocks(sheet, layout);
    case 'grid':
      return readBoard(sheet, layout);
    default:
      return [];
  }
}

/** A cell apart from the questions as the file says it; undefined where the layout has none for it. */
export function readCell(
  table: Table,
  layout: Layout,
  role: 'set-title' | 'set-description',
): string | undefined {
  const cell = layout.file.cells?.find((candidate) => candidate.role === role)?.cell;
  const match = cell && /^([A-Z]+)(\d+)$/.exec(cell);
  return match
    ? (sheetOfLayout(table, layout)?.rows[Number(match[2]) - 1]?.[columnIndex(match[1]!)] ?? '')
    : undefined;
}

/** What a file sets for all of its questions. */
export const readSettings = (table: Table, layout: Layout): Settings =>
  settingsIn(sheetOfLayout(table, layout), layout);
