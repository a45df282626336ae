// Figures of single questions and of a test, as textbooks of test theory define them.

const mean = (values: readonly number[]): number => {
  let sum = 0;
  for (const value of values) {
    sum += value;
  }
  return sum / values.length;
};

/** The mean of values and the sum of their squared distances from it. */
export type Spread = { mean: number; squares: number };

/** How values spread around their mean. */
export function spreadOf(values: readonly number[]): Spread {
  const middle = mean(values);
  let squares = 0;
  for (const value of values) {
    squares += (value - middle) * (value - middle);
  }
  return { mean: middle, squares };
}

/** The sample's variance (divided by n − 1). */
export const variance = (values: readonly number[]): number =>
  values.length > 1 ? spreadOf(values).squares / (values.length - 1) : NaN;

/** Pearson's correlation; NaN where one side does not vary. `spread` is that of `b`, where it is known already. */
export function correlation(
  a: readonly number[],
  b: readonly number[],
  spread: Spread = spreadOf(b),
): number {
  const own = spreadOf(a);
  let both = 0;
  for (let at = 0; at < a.length; at++) {
    both += (a[at]! - own.mean) * (b[at]! - spread.mean);
  }
  const product = Math.sqrt(own.squares * spread.squares);
  return product > 0 ? both / product : NaN;
}

/**
 * Pearson's correlation of being one of some learners with their values (the point-biserial); NaN where none or all are.
 * @param members how many of them are
 * @param n how many there are
 * @param above the sum of the members' distances from the mean of all values
 * @param spread of the values of all
 */
export function pointBiserial(
  { members, above }: { members: number; above: number },
  n: number,
  { squares }: Spread,
): number {
  const product = Math.sqrt(members * (1 - members / n) * squares);
  return product > 0 ? above / product : NaN;
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
  const whole = spreadOf(totals).squares / totals.length;
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
