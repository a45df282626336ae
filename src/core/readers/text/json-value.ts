// The value that a text in JSON stands for: as it is written, as it was meant, or what is whole of it.
import { jsonrepair } from 'jsonrepair';
import { defined } from '../../shared/defined';
import { jsonPart, LEAST_SHARE, strictJson, tried, type Torn } from './json-part';
import { wholeObjects } from './whole-objects';

/** What was damaged: objects that break off and were left out, and others that were read as they seem to be meant. */
export type Damage = { torn?: Torn[]; mended?: Torn[] };
export type JsonReading = { value: unknown } & Damage;

/** Damaged text is small: it was pasted. Mending a large one takes longer than it is worth. */
export const MOST_MENDED = 1_000_000;

/** The JSON in a text as it was meant: with a comma too many, single quotes, comments, a torn end. */
function asMeant(text: string, broken: readonly Torn[]): JsonReading[] {
  const part = jsonPart(text);
  if (!part) {
    return [];
  }
  const strict = strictJson(part.json);
  const value =
    strict === undefined && part.json.length <= MOST_MENDED
      ? tried(() => JSON.parse(jsonrepair(part.json)))
      : strict;
  if (value === undefined) {
    return [];
  }
  const torn = part.torn && [part.torn];
  const mended = strict === undefined ? broken.filter(({ line }) => line !== torn?.[0]?.line) : [];
  return [defined({ value, torn, mended })];
}

/** The ways to read a text as JSON, the closest to what is written first; none where it holds no object. */
export function readJson(text: string): JsonReading[] {
  const whole = /^\s*[[{]/.test(text) ? strictJson(text) : undefined;
  if (whole !== undefined || !text.includes('{') || text.length > MOST_MENDED) {
    return whole === undefined ? asMeant(text, []) : [{ value: whole }];
  }
  const { objects, torn, share } = wholeObjects(text);
  const rest: JsonReading[] = share >= LEAST_SHARE ? [{ value: objects, torn }] : [];
  return [...asMeant(text, torn), ...rest];
}
