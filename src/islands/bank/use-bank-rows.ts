// The questions that the grid shows, kept while they are edited.
import { useCallback, useDeferredValue, useMemo, useRef, useState } from 'react';
import { useBank } from '../state/bank';
import { lookupIn, useKnown } from '../state/known';
import { criteriaOf, useView, type Criteria } from '../state/view';
import { freshRows, keptRows, type Shown } from './rows';

type Applied = { bank: string; round: number; criteria: Criteria; isWhole: boolean };

const isSame = (a: Applied, b: Applied): boolean =>
  a.bank === b.bank && a.round === b.round && a.criteria === b.criteria && a.isWhole === b.isWhole;

/** What is shown, and how to apply the filter again. */
export function useBankRows(): { shown: Shown; applyAgain: () => void } {
  const items = useBank((state) => state.items);
  const findings = useBank((state) => state.findings);
  const bank = useBank((state) => state.info.id);
  const isWhole = useBank((state) => state.phase === 'ready');
  const criteria = useDeferredValue(useView(criteriaOf));
  const [round, setRound] = useState(0);
  const last = useRef<{ applied: Applied; shown: Shown } | undefined>(undefined);
  // Findings, sets and receipts matter only while they filter.
  const filtering = criteria.level || criteria.search.includes(':') ? findings : undefined;
  const known = useKnown();
  const lookup = useMemo(() => filtering && lookupIn(known), [known, filtering]);
  const shown = useMemo(() => {
    const applied: Applied = { bank, round, criteria, isWhole };
    const found = { findings: filtering ?? new Map<string, never>(), lookup };
    const before = last.current;
    const next =
      before && isSame(before.applied, applied)
        ? keptRows(items, before.shown, found)
        : freshRows(items, criteria, found);
    last.current = { applied, shown: next };
    return next;
  }, [items, filtering, lookup, bank, round, criteria, isWhole]);
  const applyAgain = useCallback(() => setRound((n) => n + 1), []);
  return { shown, applyAgain };
}
