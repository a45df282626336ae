// What was being typed in a cell and not yet committed: kept aside, so that a crash loses none of it.
import { cellText, type CellField } from '../parts/cells';
import { bankState, itemById, theStore } from './bank';
import { quietly } from './quietly';
import { liveTabs, tabEnd, tabName } from './tab';

export type Draft = {
  bank: string;
  /** The tab that answers for it. */
  tab: string;
  item: string;
  field: CellField;
  text: string;
  /** The tab in which it was typed, where it is offered by now. */
  from?: string;
};

const PREFIX = 'draft ';
/** One slot for each tab and cell, so that no tab takes away what another one holds, nor what is typed what is offered. */
const keyOf = ({ bank, tab, item, field, from }: Omit<Draft, 'text'>): string =>
  [`${PREFIX}${bank}`, tab, item, field, ...(from === undefined ? [] : [from])].join(' ');

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

/** Whether there is something to put in: a question that is still there, whose cell the disk had not taken over yet. */
function isWorthOffering({ item, field, text }: Draft): boolean {
  const known = itemById(item);
  return known !== undefined && cellText(known, field) !== text;
}

/**
 * The drafts of a bank that these tabs left behind. They are this tab's from now on, until they are answered: a page that
 * ends before that loses none. What is being typed here is none of them.
 */
async function claim(bank: string, isGone: (tab: string) => boolean): Promise<Draft[]> {
  const kept = [...(await theStore().settings<Draft>(`${PREFIX}${bank} `))];
  const left = kept.filter(([key, { tab }]) => isGone(tab) && !timesKept.has(key));
  const claimed: Draft[] = [];
  for (const [key, draft] of left) {
    const own = { ...draft, tab: tabName(), from: draft.from ?? draft.tab };
    if (isWorthOffering(draft)) {
      claimed.push(own);
      await theStore().saveSetting(keyOf(own), own);
    }
    if (!claimed.includes(own) || key !== keyOf(own)) {
      await theStore().saveSetting(key, undefined);
    }
  }
  return claimed;
}

/** For a draft that was put in or let go: it is offered no more. */
export function answerDraft(draft: Draft): void {
  quietly(theStore().saveSetting(keyOf(draft), undefined));
}

/**
 * Offers the drafts of a bank that closed pages left behind, and those of pages that are open as soon as they end; a page
 * lingers while it is closed. What is given back ends the watch.
 */
export function watchDrafts(bank: string, offer: (drafts: readonly Draft[]) => void): () => void {
  const watch = new AbortController();
  const offerOf = async (isGone: (tab: string) => boolean): Promise<void> => {
    const claimed = await claim(bank, isGone);
    if (!watch.signal.aborted) {
      offer(claimed);
    }
  };
  const begin = async (): Promise<void> => {
    const live = await liveTabs();
    live.delete(tabName());
    for (const tab of live) {
      quietly(tabEnd(tab, watch.signal).then(() => offerOf((gone) => gone === tab)));
    }
    await offerOf((tab) => !live.has(tab));
  };
  quietly(begin());
  return () => watch.abort();
}
