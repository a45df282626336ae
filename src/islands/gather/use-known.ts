// Questions on the bench that stand in the bank already, word for word or mended since: the same file may come in a second time.
import { useMemo } from 'react';
import { markOf, saying } from '../../core/banks';
import type { Item } from '../../core/model';
import { useBank } from '../state/bank';
import { placeOf, useGather } from '../state/gather';

/** What the bank knows: what its questions say, and the marks of what their sources said of them, by their ids. */
export type Sayings = { said: ReadonlySet<string>; marks: ReadonlyMap<string, string> };

/** What all questions of the bank say, and what their sources said. */
export function useSayings(): Sayings {
  const bank = useBank((state) => state.items);
  const sources = useBank((state) => state.sources);
  return useMemo(() => {
    const ids = new Set(bank.map(({ id }) => id));
    const marks = sources.flatMap(({ said = {} }) => Object.entries(said));
    return {
      said: new Set(bank.map(saying)),
      marks: new Map(marks.filter(([id]) => ids.has(id))),
    };
  }, [bank, sources]);
}

/** The questions that could be taken and that the bank has already; none of those that were just taken from here. */
export function useKnown({ said, marks }: Sayings): readonly Item[] {
  const { items, out, taken } = useGather();
  return useMemo(() => {
    const ofSources = new Set(marks.values());
    return items.filter((item) => {
      const place = placeOf(item);
      const isOpen = !out.has(place) && !taken.has(place);
      return isOpen && (said.has(saying(item)) || ofSources.has(markOf(item)));
    });
  }, [items, out, taken, said, marks]);
}
