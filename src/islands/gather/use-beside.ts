// The questions of a running text, each with the lines that it was read from and what was found in it.
import { useMemo } from 'react';
import type { Finding, Item } from '../../core/model';
import type { GatherAnswer } from '../../workers/protocol';
import { worstToSee } from '../parts/Finding';
import type { State } from '../parts/StateSign';
import { useGather } from '../state/gather';
import { useFindingsByItem } from './use-findings';

/** `from` and `to` are its lines, from 1; `n` its place among the questions. */
export type Beside = {
  item: Item;
  n: number;
  from: number;
  to: number;
  findings: readonly Finding[];
  state: State;
};

const linesOf = (item: Item, answer: GatherAnswer | undefined, index: number) => {
  const row = item.origin?.row ?? 1;
  const { from = row, to = row } = answer?.blocks?.[index] ?? {};
  return { from, to };
};

export function useBeside(): Beside[] {
  const { items, answer } = useGather();
  const byItem = useFindingsByItem();
  return useMemo(
    () =>
      items.map((item, index): Beside => {
        const findings = byItem.get(item.id) ?? [];
        return {
          item,
          n: index + 1,
          ...linesOf(item, answer, index),
          findings,
          state: worstToSee(findings) ?? 'fine',
        };
      }),
    [items, byItem, answer],
  );
}

/** What a question will take in height before it is drawn once, in pixels: lines of text by their usual length. */
export function guessHeight({ item, findings }: Beside): number {
  const lines = (signs: number, perLine: number, height: number): number =>
    height * Math.ceil((signs + 1) / perLine);
  const answers = (item.options ?? []).reduce((sum, { text }) => sum + text.plain.length + 8, 0);
  const notes = findings.reduce((sum, { message }) => sum + 14 + lines(message.length, 62, 19), 0);
  return (
    34 +
    lines(item.stem.plain.length, 58, 21) +
    lines(answers, 56, 25) +
    notes +
    (item.media?.length ? 90 : 0)
  );
}
