/** Weights made probabilities that add up to 1. */
export const scaled = (weighed: readonly number[]): number[] => {
  const total = weighed.reduce((sum, p) => sum + p, 0);
  return weighed.map((p) => p / total);
};
