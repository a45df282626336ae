// Words to choose from beside gaps, in a cell or a line of their own.
import type { Item } from '../model';
import { alike } from '../shared/normalise';

type Gaps = NonNullable<Item['gaps']>;

/** Whether a list of words holds a solution of every gap, and more than those of a lone gap. */
export function servesGaps(words: readonly string[], gaps: Gaps): boolean {
  const known = new Set(words.map(alike));
  return (
    gaps.length > 0 &&
    words.length > 1 &&
    gaps.every(({ accepted }) => accepted.some((word) => known.has(alike(word))))
  );
}

/** Gaps with the words that learners choose from. */
export const withBank = (gaps: Gaps, words: readonly string[]): Gaps =>
  gaps.map((gap) => ({ ...gap, options: [...words] }));
