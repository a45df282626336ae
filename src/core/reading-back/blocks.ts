// Several rows for each question, the field's name in front of each.
import type { Item, Layout, Role, Sheet } from '../model';
import { columnIndex } from '../shared/cells';
import { isLabel } from '../shared/block-labels';
import { questionOf } from './question';
import type { Said } from './said';

/** Reads blocks from the first one on; a block whose question is empty is no question. */
export function readBlocks(sheet: Sheet, layout: Layout): Item[] {
  const lines = layout.lines ?? [];
  const label = columnIndex(layout.file.firstColumn ?? 'A');
  const blocks: Map<Role, string[]>[] = [];
  for (let r = (layout.file.firstRow ?? 2) - 1; r < sheet.rows.length; r++) {
    const row = sheet.rows[r]!;
    const line = lines.find((candidate) => isLabel(candidate.label, row[label] ?? ''));
    if (!line) {
      continue;
    }
    if (line.opens) {
      blocks.push(new Map());
    }
    const block = blocks.at(-1);
    if (!block) {
      continue;
    }
    for (const cell of line.cells) {
      block.set(cell.role, [...(block.get(cell.role) ?? []), row[columnIndex(cell.column)] ?? '']);
    }
  }
  return blocks
    .filter((block) => block.get('stem')?.[0])
    .map((block, index) => {
      const all = (role: Role): string[] => block.get(role) ?? [];
      const said: Said = {
        all,
        get: (role) => all(role)[0] ?? '',
        has: (role) => block.has(role),
        separator: () => undefined,
        columns: () => [],
      };
      return questionOf(layout, said, index + 1);
    });
}
