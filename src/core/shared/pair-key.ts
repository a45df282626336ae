// Keys that say which of two counted lists belong together: '1B 2D 3A', 'A-ii, B-i'.
import { romanValue } from './roman';
import { letterPlace } from './plain';

/** Fewer pairs match nothing. */
const LEAST = 2;
const PAIR = /(\d{1,2})\s*[-–=:.)]?\s*([A-Ja-j])(?![\p{L}\d])/gu;
/** A letter and a number of whatever kind, joined by a sign. */
const OTHER_PAIR =
  /(?<![\p{L}\d])([A-Ja-j])\s*(?:[-–=:.)]+|->|→)\s*(\d{1,2}|[ivx]{1,4}|[IVX]{1,4})(?![\p{L}\d])/gu;

/** What a number counts from 0, in figures or Roman. */
export const numberPlace = (text: string): number =>
  (/^\d/.test(text) ? Number(text) : (romanValue(text) ?? 0)) - 1;

/** The numbers and letters of a key, counted from 0; none where it has fewer than two. */
export function pairsOfKey(text: string): { left: number; right: number }[] {
  const pairs = [...text.matchAll(PAIR)].map(([, number, letter]) => ({
    left: Number(number) - 1,
    right: letterPlace(letter!),
  }));
  const others = [...text.matchAll(OTHER_PAIR)].map(([, letter, number]) => ({
    left: letterPlace(letter!),
    right: numberPlace(number!),
  }));
  return [pairs, others].find(({ length }) => length >= LEAST) ?? [];
}

/** Whether a text holds nothing but such pairs. */
export const namesPairs = (text: string): boolean =>
  pairsOfKey(text).length > 0 &&
  [PAIR, OTHER_PAIR].some((pair) => /^[\s,;.|/]*$/u.test(text.replace(pair, '')));
