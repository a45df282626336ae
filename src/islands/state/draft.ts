// What was being typed in a cell and not yet committed: kept aside, so that a crash loses none of it.
import type { CellField } from '../parts/cells';
import { bankState, theStore } from './bank';
import { quietly } from './quietly';
import { liveTabs, tabName } from './tab';

export type Draft = { bank: string; tab: string; item: string; field: CellField; text: string };

const PREFIX = 'draft ';
/** One slot for each tab and cell, so that no tab takes away what another one holds. */
const keyOf = ({ bank, tab, item, field }: Omit<Draft, 'text'>): string =>
  `${PREFIX}${bank} ${tab} ${item} ${field}`;

const cellOf = (item: string, field: CellField): Omit<Draft, 'text'> => ({
  bank: bankState().info.id,
  tab: tabName(),
  item,
  field,
});

/** Keeps what is being typed in a cell. */
export function keepDraft(item: string, field: CellField, text: string): void {
  const cell = cellOf(item, field);
  quietly(theStore().saveSetting(keyOf(cell), { ...cell, text } satisfies Draft));
}

/** Forgets what was typed in a cell: it was committed or thrown away. */
export function dropDraft(item: string, field: CellField): void {
  quietly(theStore().saveSetting(keyOf(cellOf(item, field)), undefined));
}

/** The drafts of a bank that closed pages left behind; those of tabs that are open are theirs. Taken out by the asking. */
export async function takeDrafts(bank: string): Promise<Draft[]> {
  const [kept, live] = await Promise.all([
    theStore().settings<Draft>(`${PREFIX}${bank} `),
    liveTabs(),
  ]);
  live.delete(tabName());
  const left = [...kept].filter(([, draft]) => !live.has(draft.tab));
  for (const [key] of left) {
    await theStore().saveSetting(key, undefined);
  }
  return left.map(([, draft]) => draft);
}
