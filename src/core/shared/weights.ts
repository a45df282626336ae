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

const SHARE = String.raw`(-?\d{1,3}(?:[.,]\d+)?)\s?%`;
const BEHIND = new RegExp(`^(.*?\\S)\\s*[([{=:–-]\\s*${SHARE}\\s*[)\\]}]?$`, 'su');
const IN_FRONT = new RegExp(`^[([{]?\\s*${SHARE}\\s*[)\\]}:–-]?\\s+(\\S.*)$`, 'su');

/** An option with its share in per cent behind it or in front, 'Lemon (50 %)'; undefined where it has none. */
export function shareIn(text: string): { text: string; weight: number } | undefined {
  const [, own, behind] = BEHIND.exec(text) ?? [];
  const [, front, rest] = IN_FRONT.exec(text) ?? [];
  const weight = weightOf(behind ?? front ?? '');
  return weight === undefined ? undefined : { text: own ?? rest!, weight };
}

/** Whether all options carry such shares, which make the whole of it in each row and leave some with nothing or with less. */
export function carryShares(rows: readonly (readonly string[])[]): boolean {
  const several = rows.map((row) => row.filter(Boolean)).filter((row) => row.length > 1);
  return (
    several.length > 1 &&
    several.every((row) => {
      const weights = row.flatMap((text) => shareIn(text)?.weight ?? []);
      const sum = weights.reduce((total, weight) => total + Math.max(0, weight), 0);
      const makeAll = Math.abs(sum - WHOLE) <= NEAR || Math.max(...weights) === WHOLE;
      return weights.length === row.length && makeAll && new Set(weights).size > 1;
    })
  );
}
