// A number's tolerance as the lowest and the highest number that count: how receivers write it that have two columns for it.
import type { Item } from '../model';

type Range = Pick<NonNullable<Item['number']>, 'value' | 'tolerance'>;

/** Digits beyond these come from counting in halves and hundredths, not from whoever wrote the number. */
const DIGITS = 12;
const clean = (number: number): number => Number(number.toPrecision(DIGITS));

/** The lowest and the highest number that count. */
export const boundsOf = ({ value, tolerance }: Range): [low: number, high: number] => [
  clean(value - tolerance),
  clean(value + tolerance),
];

/** The number in the middle of two bounds, in any order, with its tolerance. */
export function betweenBounds(one: number, other: number): Range {
  const tolerance = clean(Math.abs(other - one) / 2);
  return { value: clean(Math.min(one, other) + tolerance), tolerance };
}
