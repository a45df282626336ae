// What the bank knows of its questions besides what stands in them: their sets, the files they are in, their findings, how learners did.
import { searchFor, type Lookup } from '../../core/banks';
import type { Item, QuestionSet, Receipt } from '../../core/model';
import type { BankState } from './bank';
import { pastOf, type Past } from './past';

/** The names of the sets of each question, by its id. */
function setsOfEach(sets: readonly QuestionSet[]): Map<string, string[]> {
  const found = new Map<string, string[]>();
  for (const { name, sections } of sets) {
    for (const id of sections.flatMap(({ items }) => items)) {
      found.set(id, [...(found.get(id) ?? []), name]);
    }
  }
  return found;
}

const usedIn = (receipts: readonly Receipt[]): Set<string> =>
  new Set(receipts.flatMap(({ items }) => items.map(({ id }) => id)));

type Known = Pick<BankState, 'sets' | 'receipts' | 'findings' | 'sittings'>;

/** Looks up what is known of a question; what is looked up is put together when it is first asked for. */
export function lookupIn({ sets, receipts, findings, sittings }: Known): Lookup {
  let ready:
    { sets: Map<string, string[]>; used: Set<string>; past: Map<string, Past> } | undefined;
  return ({ id }) => {
    ready ??= { sets: setsOfEach(sets), used: usedIn(receipts), past: pastOf(sittings) };
    return {
      sets: ready.sets.get(id) ?? [],
      isUsed: ready.used.has(id),
      past: ready.past.get(id),
      levels: new Set(findings.get(id)?.map(({ level }) => level)),
    };
  };
}

/** Whether a question is one of those that a query asks for, with all that the bank knows. */
export const searchIn = (query: string, known: Known): ((item: Item) => boolean) =>
  searchFor(query, lookupIn(known));
