// Questions on the bench that stand in the bank already, word for word: the same file may come in a second time.
import { useMemo } from 'react';
import type { Item } from '../../core/model';
import { alike } from '../../core/shared/normalise';
import { useBank } from '../state/bank';
import { placeOf, useGather } from '../state/gather';

/** What makes two questions the same to a reader: their texts, in any order of the options. */
export function saying({ stem, options = [], accepted = [] }: Item): string {
  const texts = [...options.map(({ text }) => text.plain), ...accepted];
  return [stem.plain, ...texts.sort()].map(alike).join('\n');
}

/** What all questions of the bank say. */
export function useSayings(): ReadonlySet<string> {
  const bank = useBank((state) => state.items);
  return useMemo(() => new Set(bank.map(saying)), [bank]);
}

/** The questions that could be taken and that the bank has already; none of those that were just taken from here. */
export function useKnown(said: ReadonlySet<string>): readonly Item[] {
  const { items, out, taken } = useGather();
  return useMemo(
    () =>
      items.filter((item) => {
        const place = placeOf(item);
        return !out.has(place) && !taken.has(place) && said.has(saying(item));
      }),
    [items, out, taken, said],
  );
}
