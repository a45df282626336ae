// How learners did at the questions of the bank, over all sittings.
import type { Sitting } from '../../core/model';
import { bankState } from './bank';

/** The figures of a question in all sittings with people, added up. */
export type Past = { answered: number; right: number; difficulty: number };

/** How often each question of the bank was answered and how often right, over all sittings of people. */
export function pastOf(sittings: readonly Sitting[]): Map<string, Past> {
  const past = new Map<string, Past>();
  for (const { item, answered, right } of sittings
    .filter(({ simulated }) => !simulated)
    .flatMap(({ results }) => results.items)) {
    if (item && answered) {
      const before = past.get(item) ?? { answered: 0, right: 0, difficulty: 0 };
      const sums = { answered: before.answered + answered, right: before.right + right };
      past.set(item, { ...sums, difficulty: sums.right / sums.answered });
    }
  }
  return past;
}

let known: { sittings: readonly Sitting[]; past: ReadonlyMap<string, Past> } | undefined;

/** How learners did at a question of the open bank; put together anew only when results have come in. */
export function pastAt(id: string): Past | undefined {
  const { sittings } = bankState();
  if (known?.sittings !== sittings) {
    known = { sittings, past: pastOf(sittings) };
  }
  return known.past.get(id);
}
