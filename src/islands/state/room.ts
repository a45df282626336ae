// How much room the open bank takes, and how much the browser gives to this program.
import { SetAside } from '../../store/pictures';
import { recordsAdded } from './bank/lists';
import { theBank } from './bank';

/** In bytes; `used` and `given` are the browser's estimates for all banks together, where it makes any. */
export type Room = { bank: number; used?: number; given?: number };

/** The room of the bank as it stands, with its layouts, sets and records, and each of its pictures once. */
export async function roomTaken(): Promise<Room> {
  const bank = theBank();
  const aside = new SetAside();
  const questions = bank.entries().map((entry) => ({ ...entry, item: aside.item(entry.item) }));
  const parts = [...questions, ...recordsAdded(bank.state)].map((one) => JSON.stringify(one));
  const { usage, quota } = (await navigator.storage?.estimate?.().catch(() => undefined)) ?? {};
  return {
    bank: new Blob([...parts, ...aside.digests.keys()]).size,
    ...(usage === undefined ? {} : { used: usage }),
    ...(quota === undefined ? {} : { given: quota }),
  };
}
