// Questions on the bench that the bank has from the same file, and that say something else now: a later edition of it.
import { useMemo } from 'react';
import type { Item } from '../../core/model';
import { markOf, saying } from '../../core/banks';
import { alike } from '../../core/shared/normalise';
import { useBank } from '../state/bank';
import { placeOf, useGather } from '../state/gather';
import type { Sayings } from './use-known';

/** A question as the file has it now, and as the bank has it, with whether it was mended there since it came in. */
export type Differing = { now: Item; inBank: Item; isMended: boolean };

const wordsOf = ({ stem, options = [], accepted = [] }: Item): Set<string> =>
  new Set(
    [stem.plain, ...options.map(({ text }) => text.plain), ...accepted].flatMap((text) =>
      alike(text)
        .split(/[^\p{L}\p{N}]+/u)
        .filter(Boolean),
    ),
  );

/** How much of the words of two questions is the same, from 0 to 1 (Jaccard). */
function likeness(a: Item, b: Item): number {
  const [one, other] = [wordsOf(a), wordsOf(b)];
  const shared = [...one].filter((word) => other.has(word)).length;
  return shared / Math.max(1, one.size + other.size - shared);
}

/** Of the same place in a file so much has to be alike; rows may have been sorted. */
const ALIKE = 0.34;

const samePlace = ({ origin: a }: Item, { origin: b }: Item): boolean =>
  a?.row === b?.row && a?.cell === b?.cell && a?.sheet === b?.sheet;

/** What of the bank a question is a later edition of: by its own reference, else by its place, where enough is alike. */
function earlier(item: Item, fromFile: readonly Item[]): Item | undefined {
  return (
    fromFile.find(({ ref }) => item.ref !== '' && ref === item.ref) ??
    fromFile.find((one) => samePlace(one, item) && likeness(one, item) >= ALIKE)
  );
}

/** The bank's questions by the file that they came from. */
function useByFile(): ReadonlyMap<string, readonly Item[]> {
  const bank = useBank((state) => state.items);
  return useMemo(() => {
    const byFile = new Map<string, Item[]>();
    for (const item of bank) {
      const file = item.origin?.file ?? '';
      const same = byFile.get(file);
      if (same) {
        same.push(item);
      } else {
        byFile.set(file, [item]);
      }
    }
    return byFile;
  }, [bank]);
}

/** The later editions on the bench, each with what the bank has. */
export function useDiffering({ said, marks }: Sayings): readonly Differing[] {
  const { items, out, taken } = useGather();
  const byFile = useByFile();
  return useMemo(() => {
    const ofSources = new Set(marks.values());
    return items.flatMap((now): Differing[] => {
      const place = placeOf(now);
      const file = now.origin?.file;
      const isKnown = said.has(saying(now)) || ofSources.has(markOf(now));
      const isOpen = !out.has(place) && !taken.has(place) && !isKnown;
      const inBank = isOpen && file ? earlier(now, byFile.get(file) ?? []) : undefined;
      const mark = inBank && marks.get(inBank.id);
      return inBank
        ? [{ now, inBank, isMended: mark !== undefined && mark !== markOf(inBank) }]
        : [];
    });
  }, [items, out, taken, said, marks, byFile]);
}
