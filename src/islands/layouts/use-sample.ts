// A question of the bank that shows a layout at work.
import type { Fitted, Item, KeptLayout } from '../../core/model';
import { useAsk } from '../state/asking';
import { useBank } from '../state/bank';

/** One question of each kind that layouts treat differently. */
const samplesOf = (items: readonly Item[]): Item[] =>
  [
    items.find((item) => item.options && item.options.length > 2),
    items.find((item) => item.kind === 'card'),
    items.find((item) => item.kind === 'short'),
    items.find((item) => item.kind === 'true-false'),
  ].flatMap((item) => item ?? []);

/** One that fits as it is, else one that fits at all, else one that says why not. */
const best = (fits: readonly Fitted[]): Fitted | undefined =>
  fits.find(({ state }) => state === 'fits') ?? fits.find((fitted) => fitted.as) ?? fits[0];

export function useSample({ layout }: KeptLayout): Fitted | undefined {
  const items = useBank((state) => state.items);
  const { answer } = useAsk(
    async (worker) => {
      const answers = await Promise.all(
        samplesOf(items).map((item) => worker.fitOne(item.id, layout)),
      );
      return best(answers.map(({ fitted }) => fitted));
    },
    [items, layout],
  );
  return answer;
}
