// Edits of the grid as steps: one cell, a pasted block, a fill downwards, cleared cells.
import type { Item } from '../../core/model';
import { setCell, withFields, type CellField } from '../parts/item-cells';
import { addItems, changeItems, itemById, bankState } from '../state/bank';
import { nameItems } from '../../core/shared/references';
import { say, sayProblem } from '../parts/say';

type Edit = { id: string; field: CellField; text: string };

/** Applies edits in one step. What a cell does not take is told, and the rest is kept. */
export async function applyEdits(label: string, edits: readonly Edit[]): Promise<void> {
  const changed = new Map<string, Item>();
  const refused: string[] = [];
  for (const { id, field, text } of edits) {
    const item = changed.get(id) ?? itemById(id);
    if (!item) {
      continue;
    }
    const fields = setCell(item, field, text);
    if ('refused' in fields) {
      refused.push(fields.refused);
      continue;
    }
    if (Object.keys(fields).length) {
      changed.set(id, withFields(item, fields));
    }
  }
  if (refused.length) {
    sayProblem(
      refused.length === 1
        ? refused[0]!
        : `${refused.length} cells were left as they are. The first: ${refused[0]}`,
    );
  }
  if (changed.size) {
    await changeItems(label, [...changed.values()]);
  }
}

/** A pasted block as rows of texts: tab text as spreadsheets copy it, quotes around cells with line breaks. */
export async function parseBlock(text: string): Promise<string[][]> {
  const { default: Papa } = await import('papaparse');
  const rows = Papa.parse<string[]>(text.replace(/\r?\n$/, ''), { delimiter: '\t' }).data;
  return rows;
}

/** A block of cells as tab text, quoted where a cell holds a tab, a quote or a line break. */
export const blockText = (rows: readonly (readonly string[])[]): string =>
  rows
    .map((row) =>
      row.map((text) => (/["\t\n]/.test(text) ? `"${text.replace(/"/g, '""')}"` : text)).join('\t'),
    )
    .join('\n');

/** Pastes a block with its corner at a cell; rows past the end become new questions. */
export async function pasteBlock(
  block: string[][],
  rows: readonly Item[],
  columns: readonly CellField[],
  at: { row: number; column: number },
): Promise<void> {
  const edits: Edit[] = [];
  const extra: Item[] = [];
  block.forEach((texts, r) => {
    const item = rows[at.row + r];
    if (item) {
      texts.forEach((text, c) => {
        const field = columns[at.column + c];
        if (field) {
          edits.push({ id: item.id, field, text: text.trim() });
        }
      });
    } else {
      let fresh: Item = {
        id: crypto.randomUUID(),
        ref: '',
        kind: 'choice-one',
        stem: { plain: '' },
        options: [],
      };
      // The key names options, so it is set last.
      const cells = texts
        .map((text, c) => [columns[at.column + c], text.trim()] as const)
        .sort(([a], [b]) => Number(a === 'key') - Number(b === 'key'));
      for (const [field, text] of cells) {
        const fields = field ? setCell(fresh, field, text) : {};
        if (!('refused' in fields)) {
          fresh = withFields(fresh, fields);
        }
      }
      if (fresh.stem.plain || fresh.options?.length) {
        extra.push(fresh);
      }
    }
  });
  const ordered = edits.sort((a, b) => Number(a.field === 'key') - Number(b.field === 'key'));
  const cells = block.reduce((sum, row) => sum + row.length, 0);
  if (ordered.length) {
    await applyEdits(`Paste ${cells} cells`, ordered);
  }
  if (extra.length) {
    await addItems(
      `Paste ${extra.length} questions`,
      nameItems(
        extra,
        bankState().items.map((item) => item.ref),
      ),
    );
  }
  say(
    `${cells} cells pasted.${extra.length ? ` ${extra.length} new questions stand at the end.` : ''}`,
  );
}
