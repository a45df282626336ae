// How much room the open bank takes, and how much the browser gives to this program.
import { recordsAdded } from './bank/lists';
import { theBank } from './bank';

/** In bytes; `used` and `given` are the browser's estimates for all banks together, where it makes any. */
export type Room = { bank: number; used?: number; given?: number };

/** The room of the bank as it stands, with its pictures, layouts, sets and records. */
export async function roomTaken(): Promise<Room> {
  const bank = theBank();
  const parts = [...bank.entries(), ...recordsAdded(bank.state)].map((one) => JSON.stringify(one));
  const { usage, quota } = (await navigator.storage?.estimate?.().catch(() => undefined)) ?? {};
  return {
    bank: new Blob(parts).size,
    ...(usage === undefined ? {} : { used: usage }),
    ...(quota === undefined ? {} : { given: quota }),
  };
}
