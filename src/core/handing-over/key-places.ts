// Where the right answers lie among the options of a file.
import type { Taken } from './taken';

/** How many right answers lie at each place, the first place first, and of how many questions. */
export type KeyTally = { places: number[]; questions: number };

/** Counts the right answers at each place; true/false has its two in a fixed order and is left out. */
export function tallyOfKeys(taken: readonly Taken[]): KeyTally {
  const places: number[] = [];
  let questions = 0;
  for (const { kind, options } of taken.flatMap(({ fit }) => fit.as)) {
    if (!options || kind === 'true-false') {
      continue;
    }
    questions++;
    options.forEach((option, index) => {
      places[index] = (places[index] ?? 0) + Number(option.right);
    });
  }
  return { places: Array.from(places, (count) => count ?? 0), questions };
}
