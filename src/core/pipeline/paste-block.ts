// The rows of a filled file as a block for the clipboard, read back like the file itself.
import { blockOf, htmlTable, meantBy, sectionsFor, tabText, type Block } from '../handing-over';
import type { Difference, Item, Layout, Receipt, Table } from '../model';
import { compare, readBack } from '../reading-back';
import { openHtml, readDelimitedText } from '../readers';
import { columnIndex } from '../shared/cells';
import { defined } from '../shared/defined';
import { unguardFormula } from '../shared/formula-like';
import { isFilled } from '../shared/roles';
import { sheetWith } from '../shared/sheet';
import { jobOf } from './fill-again';
import { chosenFor, spreadIn } from './filling';

/**
 * A block with its two forms for the clipboard. `differences` are what came back other than meant when the tab text was
 * read again; `html` is left out where HTML can't say the same, as with several blanks in a row.
 */
export type PasteBlock = Block & { text: string; html?: string; differences: Difference[] };

/** The block's rows where they lie in the receiver's sheet. */
function placed(rows: string[][], layout: Layout): Table {
  const columns = layout.columns
    .filter(({ role }) => isFilled(role))
    .map(({ column }) => columnIndex(column));
  const left = Array.from({ length: Math.min(...columns) }, () => '');
  const above = Array.from({ length: (layout.file.firstRow ?? 1) - 1 }, (): string[] => []);
  const sheet = sheetWith({
    name: layout.file.sheet ?? 'block',
    rows: [...above, ...rows.map((row) => [...left, ...row])],
  });
  return { file: 'block', format: 'tsv', sheets: [sheet], findings: [] };
}

const cellsOf = (table: Table): string[][] => table.sheets[0]?.rows ?? [];

/** Whether the HTML table says the same cells as the tab text. */
function saysTheSame(html: string, cells: readonly string[][]): boolean {
  const opened = openHtml('block', html);
  if (opened.is !== 'table') {
    return false;
  }
  const own = cellsOf(opened.table);
  return (
    own.length === cells.length &&
    cells.every((row, r) => row.every((cell, c) => unguardFormula(own[r]![c] ?? '') === cell))
  );
}

/** What the tab text says when it is read again, held against the questions. */
const differencesOf = (cells: string[][], layout: Layout, meant: readonly Item[]): Difference[] =>
  compare(meant, readBack(placed(cells, layout), layout), layout);

/**
 * The rows of a receipt's file as a block to copy: the very same questions, changes and order, to the cell. Throws an
 * Error with a plain sentence where the receipt does not hold its questions.
 */
export function pasteBlock(receipt: Receipt): PasteBlock {
  const job = jobOf(receipt);
  const taken = spreadIn(job, chosenFor(job).taken);
  const block = blockOf(taken, job.layout);
  const text = tabText(block);
  const html = htmlTable(block);
  const cells = cellsOf(readDelimitedText('block', text, { separator: '\t' }));
  return defined({
    ...block,
    text,
    html: saysTheSame(html, cells) ? html : undefined,
    differences: differencesOf(
      cells,
      job.layout,
      meantBy(taken, job.layout, sectionsFor(job, taken)),
    ),
  });
}
