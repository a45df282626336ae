// Which options are right where each carries its share of the points in per cent.

import { numberOf } from './normalise';

const WHOLE = 100;

/** What a cell says of an option's weight, '50 %' or '0.5'. */
export const weightOf = (text: string): number | undefined => numberOf(text.replace('%', ''));

/**
 * Of weights in per cent, which are those of right options: all that give something, unless one gives all and the sum is
 * more than that; then what gives less than all is only the better of wrong ones. Common practice, no source.
 */
export function rightByWeights(weights: readonly (number | undefined)[]): boolean[] {
  const sum = weights.reduce<number>((total, weight = 0) => total + Math.max(0, weight), 0);
  const least = weights.some((weight = 0) => weight >= WHOLE) && sum > WHOLE ? WHOLE : 0;
  return weights.map((weight = 0) => weight > 0 && weight >= least);
}

const NEAR = 1.5;

/**
 * What the weights of a source's rows are multiplied by to be per cent: nothing where a row's greatest is 100 or its
 * positive ones make 100 together, else what makes the greatest of all 100, as with 1 and 0.5 or with 5, 2 and 0 points.
 */
export function scaleOfWeights(rows: readonly (readonly (number | undefined)[])[]): number {
  const positive = rows.map((row) => row.flatMap((weight = 0) => (weight > 0 ? [weight] : [])));
  const told = positive.filter((row) => row.length);
  const arePerCent = told.some(
    (row) =>
      Math.max(...row) >= WHOLE - NEAR ||
      (Math.max(...row) > NEAR && Math.abs(row.reduce((a, b) => a + b, 0) - WHOLE) <= NEAR),
  );
  const most = Math.max(0, ...told.flat());
  return arePerCent || most === 0 ? 1 : WHOLE / most;
}
