// What was said of how sources are read, kept in this browser for the next source with the same headings.
import { useStore } from 'zustand';
import { createStore } from 'zustand/vanilla';
import type { KeptReading } from '../../core/model';
import { theStore } from './bank';
import { quietly } from './quietly';

const PREFIX = 'kept reading ';
/** So many are kept; the oldest go first. */
const MOST = 200;

const hold = createStore<{ readings: readonly KeptReading[] }>(() => ({ readings: [] }));

const newestFirst = (readings: Iterable<KeptReading>): KeptReading[] =>
  [...readings].sort((a, b) => b.at.localeCompare(a.at));

/** What is kept now, the newest first; other tabs may have added to it. */
export async function keptReadings(): Promise<readonly KeptReading[]> {
  const found = await theStore()
    .settings<KeptReading>(PREFIX)
    .catch(() => new Map<string, KeptReading>());
  const readings = newestFirst(found.values());
  hold.setState({ readings });
  return readings;
}

export const useKeptReadings = (): readonly KeptReading[] =>
  useStore(hold, ({ readings }) => readings);

/** Keeps what was said of a source; what was said before of the same headings gives way to it. */
export function keepReading(reading: KeptReading | undefined): void {
  if (!reading) {
    return;
  }
  const { readings } = hold.getState();
  const next = newestFirst([reading, ...readings.filter(({ id }) => id !== reading.id)]);
  hold.setState({ readings: next.slice(0, MOST) });
  quietly(theStore().saveSetting(PREFIX + reading.id, reading));
  next.slice(MOST).forEach(({ id }) => quietly(theStore().saveSetting(PREFIX + id, undefined)));
}

/** Keeps readings that came with a bank file, but for those of which something newer is known here. */
export async function takeInReadings(brought: readonly KeptReading[]): Promise<void> {
  const known = new Map((await keptReadings()).map((reading) => [reading.id, reading.at]));
  brought.filter(({ id, at }) => at > (known.get(id) ?? '')).forEach(keepReading);
}

/** Forgets what was said of some headings. */
export async function forgetReading(id: string): Promise<void> {
  hold.setState(({ readings }) => ({ readings: readings.filter((one) => one.id !== id) }));
  await theStore().saveSetting(PREFIX + id, undefined);
}
