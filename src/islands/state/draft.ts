// What was being typed in a cell and not yet committed: kept aside, so that a crash loses none of it.
import { cellText, type CellField } from '../parts/cells';
import { pause } from '../parts/pause';
import { bankState, itemById, theStore } from './bank';
import { quietly } from './quietly';
import { LINGERING_MS, liveTabs, tabName } from './tab';

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

/** How often each cell was kept, so that what is typed in it anew is not forgotten with what was typed before. */
const timesKept = new Map<string, number>();

/** Keeps what is being typed in a cell. */
export function keepDraft(item: string, field: CellField, text: string): void {
  const cell = cellOf(item, field);
  const key = keyOf(cell);
  timesKept.set(key, (timesKept.get(key) ?? 0) + 1);
  quietly(theStore().saveSetting(key, { ...cell, text } satisfies Draft));
}

/**
 * For a text that is taken over or thrown away: what is given back forgets it, unless more was typed there since. To be
 * called when the disk has the text, since a page may end in between.
 */
export function draftOf(item: string, field: CellField): () => void {
  const key = keyOf(cellOf(item, field));
  const times = timesKept.get(key);
  return () => {
    if (times !== undefined && timesKept.get(key) === times) {
      timesKept.delete(key);
      quietly(theStore().saveSetting(key, undefined));
    }
  };
}

/** Which of these tabs are open; those that seem to be are asked for again, since a page lingers while it is closed. */
async function stillOpen(tabs: ReadonlySet<string>): Promise<Set<string>> {
  const open = async (): Promise<Set<string>> => {
    const live = await liveTabs();
    return new Set([...tabs].filter((tab) => live.has(tab)));
  };
  const live = await open();
  if (!live.size) {
    return live;
  }
  await pause(LINGERING_MS);
  return open();
}

/** Whether the cell has that text: the disk took it over before the page ended. */
function isInPlace({ item, field, text }: Draft): boolean {
  const known = itemById(item);
  return known !== undefined && cellText(known, field) === text;
}

/** The drafts of a bank that closed pages left behind; those of tabs that are open are theirs. Taken out by the asking. */
export async function takeDrafts(bank: string): Promise<Draft[]> {
  const kept = [...(await theStore().settings<Draft>(`${PREFIX}${bank} `))];
  const others = kept.map(([, { tab }]) => tab).filter((tab) => tab !== tabName());
  const live = await stillOpen(new Set(others));
  const left = kept.filter(([, draft]) => !live.has(draft.tab));
  for (const [key] of left) {
    await theStore().saveSetting(key, undefined);
  }
  return left.flatMap(([, draft]) => (isInPlace(draft) ? [] : [draft]));
}
