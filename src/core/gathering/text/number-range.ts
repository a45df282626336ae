// A number whose range stands beside it or in its place: '220 (accept 210 to 230)', 'between 210 and 230 °C'.
import type { Item } from '../../model';
import { betweenBounds } from '../../shared/bounds';
import { defined } from '../../shared/defined';
import { quantityOf } from '../../shared/normalise';

const NUMBER = String.raw`[-–−]?\d+(?:[.,]\d+)?`;
const UNIT = String.raw`[^\s\d()]{0,8}`;
const TO = String.raw`\s*(?:to|and|bis|und|à|et|y|a|e|tot|en|til|och|og|do|[-–−])\s*`;
/** Words that say from where to where something counts. */
const WITHIN =
  '(?:(?:also )?accept(?:ed|able)?|allow|anything|range|from|between|von|zwischen|entre|de|tra|fra|da|tussen|van|mellan|mellem|mellom|od|między)';
const BESIDE = new RegExp(
  `^(${NUMBER}\\s*${UNIT})\\s*\\((?:${WITHIN}\\s*){0,2}:?\\s*(${NUMBER})\\s*${UNIT}?${TO}(${NUMBER})\\s*${UNIT}\\)\\s*$`,
  'iu',
);
const ALONE = new RegExp(
  `^(?:between|zwischen|entre|tra|fra|tussen|mellan|mellem|mellom|między)\\s+(${NUMBER})${TO}(${NUMBER})\\s*(${UNIT})\\s*$`,
  'iu',
);
/** Halves of what stands in figures are not exact. */
const CLOSE = 1e-9;

/** The number with as much on either side as counts; undefined where an answer says no such thing, or its number is not in the middle. */
export function rangeSaid(said: string): Item['number'] {
  const alone = ALONE.exec(said);
  if (alone) {
    const range = betweenBounds([alone[1]!, alone[2]!]);
    return range && defined({ ...range, unit: alone[3] || undefined });
  }
  const [, number = '', low = '', high = ''] = BESIDE.exec(said) ?? [];
  const own = quantityOf(number);
  const range = own && betweenBounds([low, high]);
  const isMiddle = range && Math.abs(range.value - own.value) < CLOSE;
  return isMiddle ? defined({ ...own, tolerance: range.tolerance }) : undefined;
}
