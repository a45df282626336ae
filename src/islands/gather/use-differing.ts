// Questions on the bench that the bank has from the same file, and that say something else now: a later edition of it.
import { useMemo } from 'react';
import type { Item } from '../../core/model';
import { markOf } from '../../core/banks';
import { alike } from '../../core/shared/normalise';
import { useBank } from '../state/bank';
import type { Editions } from '../state/gather/replacing';
import type { OnBench } from './use-known';

/** A question as the file has it now, and as the bank has it, with whether it was mended there since it came in. */
export type Differing = Editions & { isMended: boolean };

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

/** The later editions among what the bank does not have, each with what it has. */
export function useDiffering({ fresh, marks }: OnBench): readonly Differing[] {
  const byFile = useByFile();
  return useMemo(
    () =>
      fresh.flatMap((now): Differing[] => {
        const file = now.origin?.file;
        const inBank = file ? earlier(now, byFile.get(file) ?? []) : undefined;
        const mark = inBank && marks.get(inBank.id);
        return inBank
          ? [{ now, inBank, isMended: mark !== undefined && mark !== markOf(inBank) }]
          : [];
      }),
    [fresh, marks, byFile],
  );
}
