// Questions on the bench that stand in the bank already, word for word or mended since: the same file may come in a second time.
import { useMemo } from 'react';
import { markOf, saying } from '../../core/banks';
import type { Item } from '../../core/model';
import { useBank } from '../state/bank';
import { placeOf, useGather } from '../state/gather';

type BankKnows = {
  isKnown: (item: Item) => boolean;
  /** The marks of what sources said of the bank's questions, by the questions' ids. */
  marks: ReadonlyMap<string, string>;
};

/** What all questions of the bank say, and what their sources said. */
function useBankKnows(): BankKnows {
  const bank = useBank((state) => state.items);
  const sources = useBank((state) => state.sources);
  return useMemo(() => {
    const ids = new Set(bank.map(({ id }) => id));
    const all = sources.flatMap(({ said = {} }) => Object.entries(said));
    const marks = new Map(all.filter(([id]) => ids.has(id)));
    const said = new Set(bank.map(saying));
    const ofSources = new Set(marks.values());
    const isKnown = (item: Item): boolean => said.has(saying(item)) || ofSources.has(markOf(item));
    return { isKnown, marks };
  }, [bank, sources]);
}

export type OnBench = Pick<BankKnows, 'marks'> & {
  /** The questions that could be taken and that the bank has already, and the others; none of those just taken from here. */
  known: readonly Item[];
  fresh: readonly Item[];
};

/** What lies on the bench and could be taken, parted by whether the bank has it. */
export function useKnown(): OnBench {
  const { items, out, taken } = useGather();
  const { isKnown, marks } = useBankKnows();
  return useMemo(() => {
    const known: Item[] = [];
    const fresh: Item[] = [];
    for (const item of items) {
      const place = placeOf(item);
      if (!out.has(place) && !taken.has(place)) {
        (isKnown(item) ? known : fresh).push(item);
      }
    }
    return { known, fresh, marks };
  }, [items, out, taken, isKnown, marks]);
}
