// How much was done since a bank was last saved as a file: a browser may clear away what it keeps, a file stays.
import { bankState, theBank, theStore } from './bank';
import { quietly } from './quietly';
import { saveSetting, useSetting } from './setting';

/** Steps since the bank was last saved as a file, and how many there were when the user put it off. */
type Since = { steps: number; putOff: number };
const NONE: Since = { steps: 0, putOff: 0 };
/** So many steps are worth a file. */
export const MUCH = 60;

const nameOf = (bank: string): string => `since file ${bank}`;

/** Changes of what is counted, one after the other, so that none is lost. */
let last: Promise<void> = Promise.resolve();

function change(bank: string, next: (since: Since) => Since): void {
  const name = nameOf(bank);
  const step = async (): Promise<void> => {
    const since = (await theStore().setting<Since>(name)) ?? NONE;
    saveSetting(name, next(since));
  };
  // One that fails stops none of those behind it.
  last = last.then(step, step);
  quietly(last);
}

/** The bank was saved as a file: nothing has changed since. */
export const fileSaved = (): void => change(bankState().info.id, () => NONE);

/** How many steps are in no file, where they are so many that the user should know; and how to be told later. */
export function useSinceFile(bank: string): { steps: number; putOff: () => void } | undefined {
  const [since, save] = useSetting<Since>(nameOf(bank), NONE);
  return bank && since.steps - since.putOff >= MUCH
    ? { steps: since.steps, putOff: () => save({ ...since, putOff: since.steps }) }
    : undefined;
}

/** Counts steps while one works; gives how to stop. The demo is had anew at any time and is not counted. */
export function countSteps(demo: string): () => void {
  return theBank().hold.subscribe((now, before) => {
    const { id } = now.info;
    const isStep = id === before.info.id && now.undo !== before.undo && now.phase === 'ready';
    if (isStep && before.phase === 'ready' && id !== demo) {
      change(id, (since) => ({ ...since, steps: since.steps + 1 }));
    }
  });
}
