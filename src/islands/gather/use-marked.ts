// The questions that want a look, and whether a question is shown now.
import { useCallback, useMemo } from 'react';
import type { Item } from '../../core/model';
import { placeOf, useGather } from '../state/gather';

/** The ids of questions with a finding to look at. */
export function useMarked(): ReadonlySet<string> {
  const { findings } = useGather();
  return useMemo(
    () => new Set(findings.flatMap(({ item, level }) => (item && level !== 'note' ? [item] : []))),
    [findings],
  );
}

/** Tells which questions are shown. */
export function useIsShown(): (item: Item) => boolean {
  const { show, out, chosen } = useGather();
  const marked = useMarked();
  return useCallback(
    (item) =>
      ({
        all: true,
        marked: marked.has(item.id),
        out: out.has(placeOf(item)),
        chosen: chosen.has(placeOf(item)),
      })[show],
    [show, out, chosen, marked],
  );
}
