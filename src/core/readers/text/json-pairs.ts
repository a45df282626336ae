// What belongs together in a question that is kept as JSON, whatever way its pairs are kept in.
import { wholly } from '../../shared/vocabulary/phrases';
import { isRecord, isScalar, type Json, type Scalar } from './json-kinds';

/** Keys that hold what belongs together. */
const PAIRS = wholly({
  en: ['pairs?', 'match(?:es|ing)?(?: pairs?)?'],
  de: ['paare?', 'zuordnung(?:en)?'],
  fr: ['paires?', 'associations?'],
  es: ['parejas?', 'pares'],
  it: ['coppie', 'abbinamenti'],
  nl: ['paren'],
  pt: ['pares'],
  cy: ['parau'],
});

/** The two halves of each pair, however they are kept: as lists of two, as objects of two texts, or as keys with their values; none of other values. */
function pairsIn(value: Json | undefined): Scalar[][] {
  if (isRecord(value)) {
    const entries = Object.entries(value).flatMap(([key, one]) =>
      isScalar(one) ? [[key, one]] : [],
    );
    return entries.length === Object.keys(value).length ? entries : [];
  }
  const pairs = Array.isArray(value)
    ? value.map((one) => (isRecord(one) ? Object.values(one) : one))
    : [];
  return pairs.filter(
    (one): one is Scalar[] => Array.isArray(one) && one.length === 2 && one.every(isScalar),
  );
}

/** The cells of the pairs that a key holds; none where it holds others as well. */
export function pairCells(name: string, value: Json | undefined): [string, string][] {
  const pairs = PAIRS.test(name) ? pairsIn(value) : [];
  const count = Array.isArray(value) ? value.length : pairs.length;
  return pairs.length < count
    ? []
    : pairs.flatMap(([left, right], n): [string, string][] => [
        [`left ${n + 1}`, String(left)],
        [`right ${n + 1}`, String(right)],
      ]);
}
