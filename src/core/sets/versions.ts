// Versions A, B, C of a set: the same questions in another order, their options too, each with a key of its own.
import type { Item } from '../model';
import { seeded, shuffled } from '../shared/chance';
import { optionLetter } from '../shared/plain';

export type Version = {
  name: string;
  items: Item[];
  /** For each question the letters of its right options; empty where it has no options. */
  key: string[];
};

/** Options that lean on their place: 'all of the above', 'both a and b', true and false. */
const LEANS =
  /\b(?:above|below|both|all of these|none of these|[a-e] (?:and|und|et|y|en) [a-e])\b/iu;

const mayMove = ({ kind, options, shuffle }: Item): boolean =>
  (kind === 'choice-one' || kind === 'choice-many') &&
  shuffle !== false &&
  !options?.some(({ text }) => LEANS.test(text.plain));

const keyOf = ({ options = [] }: Item): string =>
  options.flatMap(({ right }, index) => (right ? [optionLetter(index)] : [])).join('');

/** A version keeps the order where a question's options lean on their places or say that they stay. */
export function versionsOf(items: readonly Item[], count: number, seed: number): Version[] {
  return Array.from({ length: count }, (_, index): Version => {
    // The first version is the set as it stands.
    const random = seeded(seed * 101 + index);
    const moved =
      index === 0
        ? [...items]
        : shuffled(items, random).map((item) =>
            mayMove(item) ? { ...item, options: shuffled(item.options!, random) } : item,
          );
    return { name: optionLetter(index), items: moved, key: moved.map(keyOf) };
  });
}
