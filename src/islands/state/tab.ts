// The name of this tab: the same after a reload, another in every other tab, also in one that was duplicated.
import { pause } from '../parts/pause';

const KEY = 'cowslip-tab';

let name = '';

/** The tab's name; to be asked for after `settleTab`. */
export const tabName = (): string => name;

const lockOf = (tab: string): string => `cowslip-tab-${tab}`;

/** So long a page that is gone may still hold its locks, in milliseconds. */
const LINGERING_MS = 500;

/** Holds the lock of a name for as long as the page lives; false where another page goes on holding it. */
function holdLock(tab: string): Promise<boolean> {
  return new Promise((resolve) => {
    const signal = AbortSignal.timeout(LINGERING_MS);
    navigator.locks
      .request(lockOf(tab), { signal }, () => {
        resolve(true);
        return new Promise(() => undefined);
      })
      .catch(() => resolve(false));
  });
}

/** Finds the tab's name: the one of before the reload, or a fresh one where another page bears it. */
export async function settleTab(): Promise<void> {
  const known = sessionStorage.getItem(KEY);
  name = known ?? crypto.randomUUID();
  if ('locks' in navigator && !(await holdLock(name))) {
    name = crypto.randomUUID();
    await holdLock(name);
  }
  sessionStorage.setItem(KEY, name);
}

/** The names of tabs that are open now, this one among them. */
export async function liveTabs(): Promise<Set<string>> {
  if (!('locks' in navigator)) {
    return new Set([name]);
  }
  const { held = [] } = await navigator.locks.query();
  const prefix = lockOf('');
  return new Set(
    held.flatMap((lock) => (lock.name?.startsWith(prefix) ? [lock.name.slice(prefix.length)] : [])),
  );
}

/** Resolves when the page that bears the name is gone; a page that was reloaded bears it on. Rejects when it is stopped. */
export async function tabEnd(tab: string, signal: AbortSignal): Promise<void> {
  do {
    await navigator.locks.request(lockOf(tab), { signal }, () => undefined);
    await pause(LINGERING_MS);
    signal.throwIfAborted();
  } while ((await liveTabs()).has(tab));
}
