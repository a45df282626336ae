// Probabilities that add up to 1, and such as lean to one meaning.
import { MEANINGS, type Meaning } from './contract';

/** Weights made probabilities that add up to 1. */
export const scaled = (weighed: readonly number[]): number[] => {
  const total = weighed.reduce((sum, p) => sum + p, 0);
  return weighed.map((p) => p / total);
};

/** Odds of a column that lean to one meaning, so far. */
export const leaning = (own: readonly number[], meaning: Meaning, p: number): number[] =>
  scaled(own.map((one, n) => (MEANINGS[n] === meaning ? p : one * (1 - p))));
