// The rows of a file as a block of cells to copy, for receivers that take no file but let cells be pasted.
import type { CellValue, Layout } from '../model';
import { columnIndex } from '../shared/cells';
import { isFormulaLike } from '../shared/formula-like';
import { escapeMarkup } from '../shared/markup';
import { isFilled } from '../shared/roles';
import { tabField } from '../shared/tab-text';
import type { Taken } from './taken';

/** The cells of a block, and the cell of the receiver's sheet at which its first one is pasted ('B3'). */
export type Block = { cell: string; rows: CellValue[][] };

/**
 * The very rows of the file that these questions fill, from the first column that a question fills to the last;
 * columns between that stay empty are empty cells.
 */
export function blockOf(taken: readonly Taken[], layout: Layout): Block {
  const columns = layout.columns
    .filter(({ role }) => isFilled(role))
    .map(({ column }) => column)
    .sort((a, b) => columnIndex(a) - columnIndex(b));
  const first = columns[0] ?? 'A';
  const width = columnIndex(columns.at(-1) ?? first) - columnIndex(first) + 1;
  const rows = taken
    .flatMap(({ fit }) => fit.cells ?? [])
    .map((cells) => {
      const row: CellValue[] = Array.from({ length: width }, () => '');
      for (const column of columns) {
        row[columnIndex(column) - columnIndex(first)] = cells[column] ?? '';
      }
      return row;
    });
  return { cell: layout.pasteAt ?? `${first}${layout.file.firstRow ?? 1}`, rows };
}

/** A cell of tab text; an apostrophe in front keeps text from running as a formula. */
function tabCell(value: CellValue): string {
  const text = String(value);
  const safe = typeof value === 'string' && isFormulaLike(text) ? `'${text}` : text;
  return tabField(safe);
}

/** The block as tab text, a line for each row. */
export const tabText = ({ rows }: Block): string =>
  rows.map((row) => row.map(tabCell).join('\t')).join('\n');

/** The style that tells a spreadsheet program that a pasted cell is text, so that it makes no date or formula of it. */
const AS_TEXT = ` style="mso-number-format:'\\@'"`;

function htmlCell(value: CellValue): string {
  if (typeof value === 'number') {
    return `<td>${value}</td>`;
  }
  // An office suite that passes over the style still runs no formula behind an apostrophe.
  const safe = isFormulaLike(value) ? `'${value}` : value;
  return `<td${AS_TEXT}>${escapeMarkup(safe).replaceAll('\n', '<br>')}</td>`;
}

/** The block as an HTML table. */
export const htmlTable = ({ rows }: Block): string =>
  `<table>${rows.map((row) => `<tr>${row.map(htmlCell).join('')}</tr>`).join('')}</table>`;
