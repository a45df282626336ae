// Which words of headings the model has met: pieces of others land among those of strangers and would speak with their voice.
import { fnv1a } from '../shared/fnv1a';
import { plainHeading } from './heading-words';

/** A filter of Bloom's (1970) of so many bits, asked at so many places; about one end of a strange word in fifty passes. */
const BITS = 40960;
const PLACES = 5;
/** Words are told by how they begin and how they end, so that other forms and compounds of a word are met as well. */
const TOLD_BY = 5;
const SHORTEST = 2;

/** The words of met headings, as bits. */
export type Met = Uint8Array;

function* placesOf(text: string): Generator<number> {
  const first = fnv1a(text);
  // Two hashes stand for any number of them (Kirsch and Mitzenmacher, 2006): the lower half of the bits and the upper one.
  const step = (first >>> 16) | 1;
  for (let n = 0; n < PLACES; n++) {
    yield ((first + Math.imul(n, step)) >>> 0) % BITS;
  }
}

const ends = (word: string): string[] => [`${word.slice(0, TOLD_BY)}-`, `-${word.slice(-TOLD_BY)}`];
const wordsOf = (heading: string): string[] =>
  plainHeading(heading)
    .split(' ')
    .filter((word) => word.length >= SHORTEST);

/** The filter of all words of some headings. */
export function meet(headings: readonly string[]): Met {
  const met = new Uint8Array(BITS / 8);
  for (const end of new Set(headings.flatMap(wordsOf).flatMap(ends))) {
    for (const place of placesOf(end)) {
      met[place >> 3]! |= 1 << (place & 7);
    }
  }
  return met;
}

function has(met: Met, end: string): boolean {
  for (const place of placesOf(end)) {
    if (!(met[place >> 3]! & (1 << (place & 7)))) {
      return false;
    }
  }
  return true;
}

/** How much of a heading's letters stands in words that were met, 0 to 1; 1 where it has no word of several letters. */
export function shareMet(met: Met, heading: string): number {
  let all = 0;
  let known = 0;
  for (const word of wordsOf(heading)) {
    all += word.length;
    known += ends(word).some((end) => has(met, end)) ? word.length : 0;
  }
  return all ? known / all : 1;
}
