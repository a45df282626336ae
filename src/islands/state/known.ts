// What the bank knows of its questions besides what stands in them: their sets, the files they are in, their findings.
import { searchFor, type Lookup } from '../../core/banks';
import type { Item, QuestionSet, Receipt } from '../../core/model';
import type { BankState } from './bank';

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

type Known = Pick<BankState, 'sets' | 'receipts' | 'findings'>;

/** Looks up what is known of a question; what is looked up is put together when it is first asked for. */
export function lookupIn({ sets, receipts, findings }: Known): Lookup {
  let ready: { sets: Map<string, string[]>; used: Set<string> } | undefined;
  return ({ id }) => {
    ready ??= { sets: setsOfEach(sets), used: usedIn(receipts) };
    return {
      sets: ready.sets.get(id) ?? [],
      isUsed: ready.used.has(id),
      levels: new Set(findings.get(id)?.map(({ level }) => level)),
    };
  };
}

/** Whether a question is one of those that a query asks for, with all that the bank knows. */
export const searchIn = (query: string, known: Known): ((item: Item) => boolean) =>
  searchFor(query, lookupIn(known));
