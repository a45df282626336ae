// A number's tolerance as the lowest and the highest number that count: how receivers write it that have two columns for it.
import type { Column, Item } from '../model';
import { numberOf } from './normalise';

type Range = Pick<NonNullable<Item['number']>, 'value' | 'tolerance'>;

/** Digits beyond these come from counting in halves and hundredths, not from whoever wrote the number. */
const DIGITS = 12;
const clean = (number: number): number => Number(number.toPrecision(DIGITS));

/** The lowest and the highest number that count. */
export const boundsOf = ({ value, tolerance }: Range): [low: number, high: number] => [
  clean(value - tolerance),
  clean(value + tolerance),
];

/** The number in the middle of two bounds, in any order, with its tolerance; undefined where the texts are not two numbers. */
export function betweenBounds(texts: readonly string[]): Range | undefined {
  const [one, other, ...more] = texts.map(numberOf);
  if (one === undefined || other === undefined || more.length) {
    return undefined;
  }
  const tolerance = clean(Math.abs(other - one) / 2);
  return { value: clean(Math.min(one, other) + tolerance), tolerance };
}

/** Two columns of a tolerance take the lowest and the highest number that count. */
export const hasBounds = (columns: readonly Pick<Column, 'role'>[]): boolean =>
  columns.filter(({ role }) => role === 'tolerance').length === 2;
