// What waits in Gather kept over a reload: each source with the user's mends and choices, for this tab.
import { theStore } from '../bank';
import { quietly } from '../quietly';
import { liveTabs, tabName } from '../tab';
import { dropSource, keepSource, sourceOf } from './hold';
import type { Brought } from './types';

const PREFIX = 'bench ';
type Kept = Brought & { tab: string; at: number };

const keyOf = (tab: string, id: string): string => `${PREFIX}${tab} ${id}`;
/** Sources that are being written, and those of them that have changed since. */
const writing = new Set<string>();
const changed = new Set<string>();

let order = 0;
const orders = new Map<string, number>();
function orderOf(id: string): number {
  const known = orders.get(id) ?? Date.now() + ++order / 1000;
  orders.set(id, known);
  return known;
}

async function write(id: string): Promise<void> {
  const source = sourceOf(id);
  if (source) {
    const kept: Kept = { ...source, tab: tabName(), at: orderOf(id) };
    await theStore().saveSetting(keyOf(tabName(), id), kept);
  }
}

/** Writes a source as it stands, and once more where it has changed meanwhile: a page may be closed at any moment. */
async function save(id: string): Promise<void> {
  if (writing.has(id)) {
    changed.add(id);
    return;
  }
  writing.add(id);
  do {
    changed.delete(id);
    await write(id);
  } while (changed.has(id));
  writing.delete(id);
}

function saveNow(id: string): void {
  quietly(
    save(id).catch((error: unknown) => {
      writing.delete(id);
      throw error;
    }),
  );
}

/** Keeps a source as it stands now. */
export function keepForReload(source: Brought): void {
  keepSource(source);
  saveNow(source.id);
}

/** Typing pauses before a source is written, since each write is of the whole of it. */
const TYPING_PAUSE_MS = 300;
let typing: ReturnType<typeof setTimeout> | undefined;

/** Keeps a source whose text is being typed: when the typing pauses, or the page is closed. */
export function keepWhileTyping(source: Brought): void {
  keepSource(source);
  changed.add(source.id);
  clearTimeout(typing);
  typing = setTimeout(() => [...changed].forEach(saveNow), TYPING_PAUSE_MS);
}

/** Takes a source away for good. */
export function forget(id: string): void {
  dropSource(id);
  // A write under way would bring it back, so it goes behind that.
  const remove = (): Promise<void> => theStore().saveSetting(keyOf(tabName(), id), undefined);
  quietly(remove().then(() => (writing.has(id) ? remove() : undefined)));
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

// A page that is closed waits for no write that is under way.
if (typeof window !== 'undefined') {
  window.addEventListener('pagehide', () => {
    for (const id of [...changed]) {
      changed.delete(id);
      quietly(write(id));
    }
  });
}
