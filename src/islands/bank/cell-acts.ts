// What is done with the selected cells: copied, pasted, filled down, emptied, their questions removed.
import type { ClipboardEvent } from 'react';
import type { Item } from '../../core/model';
import { count } from '../../core/shared/plain';
import { applyEdits } from '../parts/edits';
import { cellText, type CellField } from '../parts/cells';
import { removeItems } from '../state/bank';
import { blockText, parseBlock, pasteBlock } from './edits';
import type { Selection } from './use-selection';

/** A reference and a kind are changed one by one, never emptied. */
const NEVER_EMPTIED = new Set<CellField>(['ref', 'kind']);

async function pasteText(
  text: string,
  selection: Selection,
  rows: readonly Item[],
  fields: readonly CellField[],
): Promise<void> {
  const block = await parseBlock(text);
  const { at, bounds } = selection;
  const cells = selection.cells();
  const isOne = block.length === 1 && block[0]!.length === 1;
  if (isOne && cells.length > 1) {
    await applyEdits(
      `Paste into ${cells.length} cells`,
      cells.map(({ item, field }) => ({ id: item.id, field, text: block[0]![0]! })),
    );
    return;
  }
  await pasteBlock(block, rows, fields, {
    row: bounds?.minRowIndex ?? at.row,
    column: bounds?.minColumnIndex ?? at.column,
  });
}

export function cellActs(
  selection: Selection,
  rows: readonly Item[],
  fields: readonly CellField[],
) {
  const { bounds, at } = selection;
  return {
    copy: (event: ClipboardEvent): void => {
      if (bounds) {
        event.preventDefault();
        const block = selection
          .items()
          .map((item) => selection.fields().map((field) => cellText(item, field)));
        event.clipboardData.setData('text/plain', blockText(block));
      }
    },
    paste: (event: ClipboardEvent): void => {
      if (at.row >= 0) {
        event.preventDefault();
        void pasteText(event.clipboardData.getData('text/plain'), selection, rows, fields);
      }
    },
    fillDown: (): void => {
      const [top, ...below] = selection.items();
      if (!top || !below.length) {
        return;
      }
      void applyEdits(
        `Fill down ${count(below.length, 'row')}`,
        below.flatMap(({ id }) =>
          selection.fields().map((field) => ({ id, field, text: cellText(top, field) })),
        ),
      );
    },
    clear: (): void => {
      const cells = selection.cells();
      void applyEdits(
        `Empty ${count(cells.length, 'cell')}`,
        cells
          .filter(({ field }) => !NEVER_EMPTIED.has(field))
          .map(({ item, field }) => ({ id: item.id, field, text: '' })),
      );
    },
    remove: (): void => {
      const items = selection.items();
      void removeItems(
        `Remove ${count(items.length, 'question')}`,
        items.map(({ id }) => id),
      );
    },
  };
}
