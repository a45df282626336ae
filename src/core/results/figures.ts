// Figures of single questions and of a test, as textbooks of test theory define them.

const mean = (values: readonly number[]): number =>
  values.reduce((sum, value) => sum + value, 0) / values.length;

/** The sum of squared distances from the mean. */
const squares = (values: readonly number[]): number => {
  const middle = mean(values);
  return values.reduce((sum, value) => sum + (value - middle) ** 2, 0);
};

/** The sample's variance (divided by n − 1). */
export const variance = (values: readonly number[]): number =>
  values.length > 1 ? squares(values) / (values.length - 1) : NaN;

/** Pearson's correlation; NaN where one side does not vary. */
export function correlation(a: readonly number[], b: readonly number[]): number {
  const [meanA, meanB] = [mean(a), mean(b)];
  let both = 0;
  a.forEach((value, at) => {
    both += (value - meanA) * (b[at]! - meanB);
  });
  const spread = Math.sqrt(squares(a) * squares(b));
  return spread > 0 ? both / spread : NaN;
}

/**
 * Cronbach's alpha (1951) from the sum of the questions' variances, so that it can be had again without one of them.
 * @param k how many questions
 * @param parts the sum of their variances
 * @param whole the variance of the totals
 * @returns NaN where the totals do not vary or there is one question
 */
export const alphaOf = (k: number, parts: number, whole: number): number =>
  k < 2 || !(whole > 0) ? NaN : (k / (k - 1)) * (1 - parts / whole);

/** Kuder and Richardson's formula 20 (1937), with population variances; scores of 0 and 1. */
export function kr20(columns: readonly (readonly number[])[], totals: readonly number[]): number {
  const k = columns.length;
  const whole = squares(totals) / totals.length;
  if (k < 2 || !(whole > 0)) {
    return NaN;
  }
  const parts = columns.reduce((sum, column) => sum + mean(column) * (1 - mean(column)), 0);
  return (k / (k - 1)) * (1 - parts / whole);
}

const Z95 = 1.959964;
/** The 95 % interval of a share (Wilson 1927). */
export function wilson(right: number, n: number): [low: number, high: number] {
  if (!n) {
    return [0, 1];
  }
  const share = right / n;
  const z2 = Z95 * Z95;
  const middle = share + z2 / (2 * n);
  const half = Z95 * Math.sqrt((share * (1 - share) + z2 / (4 * n)) / n);
  return [(middle - half) / (1 + z2 / n), (middle + half) / (1 + z2 / n)];
}

export { mean };
