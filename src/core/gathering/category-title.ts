// The name of a category from the title above its questions: 'Category: Locks' names Locks.
import { likelihoodOf } from '../understanding';

const NAMED = /^\s*(\p{L}[\p{L} ]{1,20}?)\s*[:–—-]\s+(\S.*)$/su;
const CALLED = 0.8;

/** A title without the word in front that calls it a category; any other title as it is. */
export function categoryTitle(title: string): string {
  const [, word, name] = NAMED.exec(title) ?? [];
  return word !== undefined && likelihoodOf(word, ['category']) > CALLED ? name! : title;
}
