// A gap in a definition: where the term stands in it, or where its most telling word stands.
import { alike, bareWords } from '../../shared/normalise';
import type { Entry } from './entries';

const escaped = (text: string): string => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');

/** So many letters at a word's end may bend, of words that are long enough. */
const BENDS = 2;
const LONG = 5;
const TAIL = 3;

/** A word of the term, also bent: 'sluice' finds 'sluices', 'sluicing'. */
const bent = (word: string): string =>
  word.length >= LONG
    ? `${escaped(word.slice(0, -BENDS))}\\p{L}{0,${BENDS + TAIL}}`
    : `${escaped(word)}(?:s|es|n|en)?`;

/** The term as it stands in its definition, bent or not; undefined where it does not. */
function termIn(term: string, definition: string): string | undefined {
  const words = term.split(/\s+/u).map(bent).join('\\s+');
  return new RegExp(`(?<![\\p{L}\\p{N}])${words}(?![\\p{L}\\p{N}])`, 'iu').exec(definition)?.[0];
}

/** How many entries have each word, and how many terms. */
export class Frequencies {
  private readonly inEntries = new Map<string, number>();
  private readonly inTerms = new Map<string, number>();
  constructor(private readonly entries: readonly Entry[]) {
    for (const { words, term } of entries) {
      for (const word of words) {
        this.inEntries.set(word, (this.inEntries.get(word) ?? 0) + 1);
      }
      for (const word of new Set(bareWords(term).split(' '))) {
        this.inTerms.set(word, (this.inTerms.get(word) ?? 0) + 1);
      }
    }
  }

  /**
   * How much a word tells: words of other terms most (they are what the list is about), then long ones that several
   * entries have; a word that a fifth of the entries have is common everywhere.
   */
  telling(word: string): number {
    // Short and common words are not counted at all.
    const often = this.inEntries.get(word) ?? 0;
    if (!often || often > Math.max(2, this.entries.length / 5)) {
      return 0;
    }
    return word.length + 6 * Math.min(1, this.inTerms.get(word) ?? 0) + 2 * Math.min(3, often - 1);
  }
}

const SHORTEST = 4;

/** The word of a definition that tells most; undefined where all are short or common. */
function tellingWordIn(definition: string, frequencies: Frequencies): string | undefined {
  const words = definition.match(/\p{L}[\p{L}\p{M}'’-]*/gu) ?? [];
  const [best] = words
    .filter((word) => word.length >= SHORTEST)
    .map((word) => ({ word, telling: frequencies.telling(bareWords(word)) }))
    .filter(({ telling }) => telling > 0)
    .sort((a, b) => b.telling - a.telling);
  return best?.word;
}

export type Gapped = { stem: string; accepted: string[] };

/** The sentence of an entry with one gap, and what is right in it; undefined where nothing in it tells enough. */
export function gapOf({ term, definition }: Entry, frequencies: Frequencies): Gapped | undefined {
  const found = termIn(term, definition);
  if (found) {
    const accepted = alike(found) === alike(term) ? [found] : [found, term];
    return { stem: definition.replace(found, '{{1}}'), accepted };
  }
  const word = tellingWordIn(definition, frequencies);
  return word === undefined
    ? undefined
    : { stem: `${term}: ${definition.replace(word, '{{1}}')}`, accepted: [word] };
}
