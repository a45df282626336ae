// The one state of Gather, and what is kept of each source that waits there.
import { useStore } from 'zustand';
import { createStore } from 'zustand/vanilla';
import { setWaiting } from '../bank';
import {
  blockedIds,
  EMPTY_BENCH,
  ready,
  type Brought,
  type GatherState,
  type TrayEntry,
} from './types';

const hold = createStore<GatherState>(() => ({ ...EMPTY_BENCH, tray: [] }));

/** Everything that waits, by its id; the tray shows it in the order in which it came. */
const brought = new Map<string, Brought>();

export const gatherState = (): GatherState => hold.getState();
export const useGather = (): GatherState => useStore(hold);

export const sourceOf = (id: string): Brought | undefined => brought.get(id);
/** The text of a source that was pasted; undefined for files. */
export function pastedText(id: string): string | undefined {
  const source = brought.get(id)?.source;
  return source && 'text' in source ? source.text : undefined;
}

export const allSources = (): Brought[] => [...brought.values()];

/** The entry of the source on the bench, as it stands now. */
function entryNow(entry: TrayEntry, state: GatherState): TrayEntry {
  if (entry.id !== state.open || !state.answer || state.busy) {
    return entry;
  }
  const count = ready(state).length;
  const blocked = blockedIds(state.findings);
  blocked.delete(undefined);
  const isDone = !count && state.taken.size > 0;
  return { ...entry, state: isDone ? 'taken' : 'read', ready: count, blocked: blocked.size };
}

/** Changes the state; the tray and the count in the rail follow. */
export function setGather(change: Partial<GatherState>): void {
  const next = { ...hold.getState(), ...change };
  const tray = next.tray.map((entry) => entryNow(entry, next));
  hold.setState({ ...next, tray });
  setWaiting(tray.reduce((sum, entry) => sum + entry.ready, 0));
}

export function setEntry(id: string, change: Partial<TrayEntry>): void {
  const { tray } = hold.getState();
  setGather({ tray: tray.map((entry) => (entry.id === id ? { ...entry, ...change } : entry)) });
}

/** Puts a source into the tray, or what is known of it now. */
export function keepSource(source: Brought): void {
  const isNew = !brought.has(source.id);
  brought.set(source.id, source);
  if (isNew) {
    const { id, name } = source;
    const entry: TrayEntry = { id, name, state: 'waiting', ready: 0, blocked: 0 };
    setGather({ tray: [...hold.getState().tray, entry] });
  }
}

export function dropSource(id: string): void {
  brought.delete(id);
  setGather({ tray: hold.getState().tray.filter((entry) => entry.id !== id) });
}
