// The values that JSON knows, and what they say as text.
import { bareWords, wordsApart } from '../../shared/normalise';

export type Json = null | boolean | number | string | Json[] | { [key: string]: Json };
export type JsonRecord = { [key: string]: Json };
export type Scalar = boolean | number | string;

/** Deeper than any export nests its questions. */
export const DEEPEST = 12;

/** The bare words of a key, whatever way a program joins them. */
export const keyWords = (key: string): string => bareWords(wordsApart(key).replace(/_/g, ' '));

/** Whether a value is an object with keys. */
export const isRecord = (value: Json | undefined): value is JsonRecord =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** Whether a value is a text, a number, or true or false. */
export const isScalar = (value: Json | undefined): value is Scalar =>
  value !== undefined && value !== null && typeof value !== 'object';

/** What a value says, its parts one behind the other. */
export function plain(value: Json | undefined, depth = 0): string {
  if (value === null || value === undefined || depth > DEEPEST) {
    return '';
  }
  if (Array.isArray(value)) {
    return value.map((inner) => plain(inner, depth + 1)).join('; ');
  }
  return isRecord(value)
    ? plain(value['plain'] ?? value['text'] ?? Object.values(value)[0], depth + 1)
    : String(value);
}
