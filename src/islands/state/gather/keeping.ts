// What waits in Gather kept over a reload: each source with the user's mends and choices, for this tab.
import { theStore } from '../bank';
import { quietly } from '../quietly';
import { liveTabs, tabName } from '../tab';
import { dropSource, keepSource, sourceOf } from './hold';
import type { Brought } from './types';

const PREFIX = 'bench ';
/** Mends come quickly one after another; each is kept soon, and not every one by itself. */
const PAUSE_MS = 300;

type Kept = Brought & { tab: string; at: number };

const keyOf = (tab: string, id: string): string => `${PREFIX}${tab} ${id}`;
const waiting = new Map<string, ReturnType<typeof setTimeout>>();

let order = 0;
const orders = new Map<string, number>();
function orderOf(id: string): number {
  const known = orders.get(id) ?? Date.now() + ++order / 1000;
  orders.set(id, known);
  return known;
}

function saveNow(id: string): void {
  waiting.delete(id);
  const source = sourceOf(id);
  if (source) {
    const kept: Kept = { ...source, tab: tabName(), at: orderOf(id) };
    quietly(theStore().saveSetting(keyOf(tabName(), id), kept));
  }
}

/** Keeps a source as it stands: the first change at once, those that follow quickly together after a pause. */
export function keepForReload(source: Brought): void {
  keepSource(source);
  const { id } = source;
  if (!waiting.has(id)) {
    saveNow(id);
  }
  clearTimeout(waiting.get(id));
  waiting.set(
    id,
    setTimeout(() => saveNow(id), PAUSE_MS),
  );
}

/** Takes a source away for good. */
export function forget(id: string): void {
  clearTimeout(waiting.get(id));
  waiting.delete(id);
  dropSource(id);
  quietly(theStore().saveSetting(keyOf(tabName(), id), undefined));
}

/** Brings back what this tab, or a tab that is closed, left waiting; gives the ids in their order. */
export async function bringBack(): Promise<string[]> {
  const [kept, live] = await Promise.all([theStore().settings<Kept>(PREFIX), liveTabs()]);
  live.delete(tabName());
  const own = [...kept].filter(([, { tab }]) => !live.has(tab));
  own.sort(([, a], [, b]) => a.at - b.at);
  for (const [key, { tab, at, ...source }] of own) {
    orders.set(source.id, at);
    keepSource(source);
    if (tab !== tabName()) {
      saveNow(source.id);
      quietly(theStore().saveSetting(key, undefined));
    }
  }
  return own.map(([, { id }]) => id);
}

// A page that is closed in the pause keeps what it has.
if (typeof window !== 'undefined') {
  window.addEventListener('pagehide', () => {
    for (const [id, timer] of [...waiting]) {
      clearTimeout(timer);
      saveNow(id);
    }
  });
}
