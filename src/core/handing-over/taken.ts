// The questions that go into a file, each with what it becomes there.
import type { Fitted, Item } from '../model';
import { say } from '../shared/say';

/** A question of the bank with its fit; `fit.as` are the questions that it becomes in the file. */
export type Taken = { item: Item; fit: Fitted & { as: Item[] } };

/** A question that stays out of the file, and why. */
export type LeftOut = { id: string; ref: string; reason: string };

/** What is taken of fitted questions: all that fit, and those that change unless `accept` is 'none'. */
export function choose(
  items: readonly Item[],
  fitted: readonly Fitted[],
  accept: 'all' | 'none' = 'all',
): { taken: Taken[]; leftOut: LeftOut[] } {
  const taken: Taken[] = [];
  const leftOut: LeftOut[] = [];
  fitted.forEach((fit, index) => {
    const item = items[index]!;
    if (fit.as && (fit.state === 'fits' || accept === 'all')) {
      taken.push({ item, fit: { ...fit, as: fit.as } });
    } else {
      leftOut.push({
        id: fit.item,
        ref: item.ref,
        reason: fit.reason ?? say('its changes were refused'),
      });
    }
  });
  return { taken, leftOut };
}
