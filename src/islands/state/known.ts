// What the bank knows of its questions besides what stands in them: their sets, the files they are in, their findings, how learners did.
import { useMemo } from 'react';
import { searchFor, type Lookup } from '../../core/banks';
import type { Item, KeptLayout, KeptSource, QuestionSet, Receipt } from '../../core/model';
import { useBank, type BankState } from './bank';
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

/** The day on which each question was brought in, as 2026-11-28. */
const daysOf = (sources: readonly KeptSource[]): Map<string, string> =>
  new Map(
    sources.flatMap(({ at, items }) => items.map((id): [string, string] => [id, at.slice(0, 10)])),
  );

/** The receivers for which each question has words of its own or is left out, by its id. */
function changedForEach(layouts: readonly KeptLayout[]): Map<string, string[]> {
  const found = new Map<string, string[]>();
  for (const { layout, variants = {} } of layouts) {
    for (const id of Object.keys(variants)) {
      found.set(id, [...(found.get(id) ?? []), layout.name]);
    }
  }
  return found;
}

type Known = Pick<BankState, 'sets' | 'receipts' | 'findings' | 'sittings' | 'sources' | 'layouts'>;
type Ready = {
  sets: Map<string, string[]>;
  used: Set<string>;
  past: Map<string, Past>;
  days: Map<string, string>;
  changed: Map<string, string[]>;
};

const readyOf = ({ sets, receipts, sittings, sources, layouts }: Known): Ready => ({
  sets: setsOfEach(sets),
  used: usedIn(receipts),
  past: pastOf(sittings),
  days: daysOf(sources),
  changed: changedForEach(layouts),
});

/** Looks up what is known of a question; what is looked up is put together when it is first asked for. */
export function lookupIn(known: Known): Lookup {
  const { findings } = known;
  let ready: Ready | undefined;
  return ({ id }) => {
    ready ??= readyOf(known);
    return {
      sets: ready.sets.get(id) ?? [],
      isUsed: ready.used.has(id),
      past: ready.past.get(id),
      broughtIn: ready.days.get(id),
      changedFor: ready.changed.get(id),
      levels: new Set(findings.get(id)?.map(({ level }) => level)),
    };
  };
}

/** Whether a question is one of those that a query asks for, with all that the bank knows. */
export const searchIn = (query: string, known: Known): ((item: Item) => boolean) =>
  searchFor(query, lookupIn(known));

/** All that is known, for who is drawn anew when any of it changes. */
export function useKnown(): Known {
  const sets = useBank((state) => state.sets);
  const receipts = useBank((state) => state.receipts);
  const findings = useBank((state) => state.findings);
  const sittings = useBank((state) => state.sittings);
  const sources = useBank((state) => state.sources);
  const layouts = useBank((state) => state.layouts);
  return useMemo(
    () => ({ sets, receipts, findings, sittings, sources, layouts }),
    [sets, receipts, findings, sittings, sources, layouts],
  );
}
