// The findings of each question on the bench, by its id.
import { useMemo } from 'react';
import type { Finding } from '../../core/model';
import { useGather } from '../state/gather';

export function useFindingsByItem(): ReadonlyMap<string, readonly Finding[]> {
  const { findings } = useGather();
  return useMemo(() => {
    const map = new Map<string, Finding[]>();
    for (const finding of findings) {
      if (!finding.item) {
        continue;
      }
      const own = map.get(finding.item);
      if (own) {
        own.push(finding);
      } else {
        map.set(finding.item, [finding]);
      }
    }
    return map;
  }, [findings]);
}
