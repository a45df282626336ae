// Steps that a question kept as JSON lists in any order, with the order said by their numbers: items and correct_order.
import { among } from '../../shared/vocabulary/phrases';
import { keyWords, type Json, type JsonRecord } from './json-kinds';

/** Words for an order. */
const ORDER = among({
  en: ['order', 'sequence'],
  de: ['reihenfolge', 'ordnung'],
  fr: ['ordre'],
  es: ['orden'],
  it: ['ordine'],
  nl: ['volgorde'],
  pt: ['ordem'],
  cy: ['trefn'],
});

/** The places from 0 that a list of numbers puts in order, counted from 0 or from 1; undefined where it does not name each once. */
function placesIn(list: readonly Json[]): number[] | undefined {
  const numbers = list.map(Number);
  const least = Math.min(...numbers);
  const places = numbers.map((n) => n - least);
  const isEach = [...places].sort((a, b) => a - b).every((place, n) => place === n);
  return (least === 0 || least === 1) && isEach ? places : undefined;
}

const areTexts = (value: Json | undefined, count: number): value is Json[] =>
  Array.isArray(value) &&
  value.length === count &&
  value.every((one) => typeof one === 'string' && Number.isNaN(Number(one)));

/** The keys of the steps and of their order, and the steps in that order; undefined of a record that holds no such two. */
export function orderIn(
  record: JsonRecord,
): { keys: readonly string[]; steps: readonly string[] } | undefined {
  for (const [key, value] of Object.entries(record)) {
    const isOrder = Array.isArray(value) && ORDER.test(keyWords(key));
    const places = isOrder && value.length > 1 ? placesIn(value) : undefined;
    const own = places && Object.keys(record).find((one) => areTexts(record[one], places.length));
    if (places && own !== undefined) {
      const texts = record[own] as string[];
      return { keys: [key, own], steps: places.map((place) => texts[place]!) };
    }
  }
  return undefined;
}
