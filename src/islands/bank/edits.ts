// Blocks of cells copied from the grid and pasted into it.
import type { Item } from '../../core/model';
import { isFormulaLike, unguardFormula } from '../../core/shared/formula-like';
import { nameItems } from '../../core/shared/references';
import { itemChange } from '../../core/shared/steps';
import { tabField } from '../../core/shared/tab-text';
import { setCell, withFields, type CellField } from '../parts/cells';
import { bankState, doStep, theBank } from '../state/bank';
import { say, sayProblem } from '../parts/say';
import { i18n } from '../../languages';

/** A pasted block as rows of texts: tab text as spreadsheets copy it, quotes around cells with line breaks. */
export async function parseBlock(text: string): Promise<string[][]> {
  const { default: Papa } = await import('papaparse');
  const rows = Papa.parse<string[]>(text.replace(/\r?\n$/, ''), { delimiter: '\t' }).data;
  return rows.map((row) => row.map(unguardFormula));
}

/** A cell as it may be pasted into a spreadsheet program: what would run there as a formula has an apostrophe in front. */
const blockCell = (text: string): string => tabField(isFormulaLike(text) ? `'${text}` : text);

/** A block of cells as tab text, quoted where a cell holds a tab, a quote or a line break. */
export const blockText = (rows: readonly (readonly string[])[]): string =>
  rows.map((row) => row.map(blockCell).join('\t')).join('\n');

/** The key names options, so it is set last. */
const keyLast = (a: { field: CellField }, b: { field: CellField }): number =>
  Number(a.field === 'key') - Number(b.field === 'key');

const NEW: Omit<Item, 'id'> = { ref: '', kind: 'choice-one', stem: { plain: '' }, options: [] };

/** A question with the texts of a pasted row set, and what its cells did not take. */
function withTexts(
  item: Item,
  texts: readonly string[],
  fields: readonly (CellField | undefined)[],
): { item: Item; refused: string[] } {
  const cells = texts.flatMap((text, index) => {
    const field = fields[index];
    return field ? [{ field, text: text.trim() }] : [];
  });
  const refused: string[] = [];
  let next = item;
  for (const { field, text } of cells.sort(keyLast)) {
    const set = setCell(next, field, text);
    if ('refused' in set) {
      refused.push(set.refused);
    } else if (Object.keys(set).length) {
      next = withFields(next, set);
    }
  }
  return { item: next, refused };
}

const isFilled = ({ stem, options }: Item): boolean =>
  stem.plain !== '' || Boolean(options?.length);

/** Pastes a block with its corner at a cell, in one step; rows past the end become new questions. */
export async function pasteBlock(
  block: string[][],
  rows: readonly Item[],
  columns: readonly CellField[],
  at: { row: number; column: number },
): Promise<void> {
  const fields = columns.slice(at.column);
  const pasted = block.map((texts, index) => {
    const before = rows[at.row + index];
    return { before, ...withTexts(before ?? { id: crypto.randomUUID(), ...NEW }, texts, fields) };
  });
  const refs = bankState().items.map(({ ref }) => ref);
  const extra = nameItems(
    pasted.filter(({ before, item }) => !before && isFilled(item)).map(({ item }) => item),
    refs,
  );
  const first = theBank().nextOrder;
  const refused = pasted.flatMap((row) => (row.before ? row.refused : []));
  const cells = block.reduce((sum, row) => sum + row.length, 0);
  if (refused[0]) {
    sayProblem(
      i18n._('{refused, number} cells were left as they are. The first: {refused2}', {
        refused: refused.length,
        refused2: refused[0],
      }),
    );
  }
  await doStep({
    label: i18n._('Paste {cells, number} cells', { cells }),
    items: [
      ...pasted.flatMap(({ before, item }) => (before && itemChange(before, item)) ?? []),
      ...extra.map((item, index) => ({
        id: item.id,
        is: 'added' as const,
        order: first + index,
        item,
      })),
    ],
    records: [],
  });
  say(
    i18n._(
      '{cells, number} cells pasted.{isExtra, select, true { {extra, number} new questions stand at the end.} other {}}',
      { cells, isExtra: Boolean(extra.length), extra: extra.length },
    ),
  );
}
