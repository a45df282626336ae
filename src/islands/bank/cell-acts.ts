// What is done with the selected cells: copied, pasted, filled down, emptied, their questions removed.
import type { ClipboardEvent } from 'react';
import type { Item } from '../../core/model';
import { applyEdits } from '../parts/edits';
import { cellText, type CellField } from '../parts/cells';
import { removeItems } from '../state/bank';
import { blockText, parseBlock, pasteBlock } from './edits';
import type { Selection } from './use-selection';
import { i18n } from '../../languages';

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
      i18n._('Paste into {cells, number} cells', { cells: cells.length }),
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
        i18n._('Fill down {below, plural, one {# row} other {# rows}}', { below: below.length }),
        below.flatMap(({ id }) =>
          selection.fields().map((field) => ({ id, field, text: cellText(top, field) })),
        ),
      );
    },
    clear: (): void => {
      const cells = selection.cells();
      void applyEdits(
        i18n._('Empty {cells, plural, one {# cell} other {# cells}}', { cells: cells.length }),
        cells
          .filter(({ field }) => !NEVER_EMPTIED.has(field))
          .map(({ item, field }) => ({ id: item.id, field, text: '' })),
      );
    },
    remove: (): void => {
      const items = selection.items();
      void removeItems(
        i18n._('Remove {items, plural, one {# question} other {# questions}}', {
          items: items.length,
        }),
        items.map(({ id }) => id),
      );
    },
  };
}
