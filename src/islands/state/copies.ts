// Copies of the open bank, made by themselves while one works: the last ten states can be gone back to.
import { bankState, theBank, theStore } from './bank';
import { openBankBytes, packOpenBank } from './bank-file';
import { quietly } from './quietly';
import { i18n } from '../../languages';

/** A state of a bank as it was kept: when, how many questions it had, and its file. */
export type Copy = { key: string; at: string; questions: number; bytes: Uint8Array };

const KEPT = 10;
/** A copy is made after so many steps, or after so long where there was one at least, once nothing is done for a while. */
const STEPS = 25;
const AFTER_MS = 20 * 60_000;
const IDLE_MS = 15_000;

const prefixOf = (bank: string): string => `copy ${bank} `;

/** The kept states of a bank, the newest first. */
export async function copiesOf(bank = bankState().info.id): Promise<Copy[]> {
  const kept = await theStore().settings<Copy>(prefixOf(bank));
  return [...kept.values()].sort((a, b) => b.at.localeCompare(a.at));
}

/** Keeps the open bank as it is now; the oldest copies go. */
export async function keepCopy(): Promise<void> {
  const { info, items } = bankState();
  const { bytes } = await packOpenBank();
  const at = new Date().toISOString();
  const key = `${prefixOf(info.id)}${at}`;
  const copy: Copy = { key, at, questions: items.length, bytes };
  await theStore().saveSetting(key, copy);
  for (const old of (await copiesOf(info.id)).slice(KEPT)) {
    await theStore().saveSetting(old.key, undefined);
  }
}

/** Forgets the kept states of a bank. */
export async function forgetCopies(bank: string): Promise<void> {
  for (const { key } of await copiesOf(bank)) {
    await theStore().saveSetting(key, undefined);
  }
}

/** Opens a kept state as a bank of its own, so that nothing of today is lost; gives the reason where it can't be had. */
export const openCopy = ({ bytes, at }: Copy, when: string): Promise<string | undefined> =>
  openBankBytes(i18n._('copy of {at}', { at }), bytes, `${bankState().info.name}, ${when}`);

/** Makes copies while one works; gives how to stop. */
export function keepCopies(): () => void {
  let [steps, since, timer]: [number, number, ReturnType<typeof setTimeout> | undefined] = [
    0,
    Date.now(),
    undefined,
  ];
  const make = (): void => {
    const isDue = steps >= STEPS || (steps > 0 && Date.now() - since > AFTER_MS);
    if (isDue && bankState().phase === 'ready') {
      [steps, since] = [0, Date.now()];
      quietly(keepCopy());
    }
  };
  const stop = theBank().hold.subscribe((now, before) => {
    if (now.info.id !== before.info.id) {
      [steps, since] = [0, Date.now()];
    } else if (now.undo !== before.undo && now.phase === 'ready') {
      steps++;
      clearTimeout(timer);
      timer = setTimeout(make, IDLE_MS);
    }
  });
  return () => {
    clearTimeout(timer);
    stop();
  };
}
