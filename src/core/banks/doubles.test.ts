// Near-doubles: found as brute force finds them, kept up to date by single edits.
import { describe, expect, it } from 'vitest';
import type { Item } from '../model';
import { seeded } from '../shared/chance';
import { DoublesIndex, nearlyAlikeIn, NEARLY_ALIKE } from './doubles';

const WORDS =
  'lock gate weir barge paddle windlass chamber towpath mooring bollard cill beam keeper boat water level river canal bridge aqueduct tunnel narrow wide upper lower north south early late fast slow deep shallow open shut left right'.split(
    ' ',
  );

const question = (id: string, words: readonly string[], options: readonly string[]): Item => ({
  id,
  ref: id,
  kind: 'choice-one',
  stem: { plain: `${words.join(' ')}?` },
  options: options.map((plain, n) => ({ text: { plain }, right: n === 0 })),
});

/** A bank with questions of chance words, and for some of them one that differs in a word or two. */
function planted(count: number, seed: number): { items: Item[]; planted: Set<string> } {
  const random = seeded(seed);
  const pick = (): string => WORDS[Math.floor(random() * WORDS.length)]!;
  const items: Item[] = [];
  const twins = new Set<string>();
  for (let n = 0; n < count; n++) {
    const words = Array.from({ length: 12 }, pick);
    const options = Array.from({ length: 4 }, () => `${pick()} ${pick()}`);
    items.push(question(`a${n}`, words, options));
    if (n % 12 === 0) {
      const other = [...words];
      other[Math.floor(random() * 12)] = 'different';
      items.push(question(`b${n}`, other, options));
      twins.add(`a${n} b${n}`);
    }
  }
  return { items, planted: twins };
}

const keyOf = ({ first, second }: { first: string; second: string }): string =>
  [first, second].sort().join(' ');

/** What the index is compared with: every pair measured, by sets of words of its own. */
function bruteForce(items: readonly Item[]): Set<string> {
  const sets = items.map(({ stem, options = [] }) => {
    const words = stem.plain.replace('?', '').split(' ');
    return new Set([
      ...words,
      ...words.map((word, n) => `${word} ${words[n + 1] ?? ''}`),
      ...options.flatMap(({ text }) => text.plain.split(' ').map((word) => `: ${word}`)),
    ]);
  });
  const found = new Set<string>();
  for (let i = 0; i < items.length; i++) {
    for (let j = 0; j < i; j++) {
      const both = [...sets[i]!].filter((word) => sets[j]!.has(word)).length;
      if (both / (sets[i]!.size + sets[j]!.size - both) >= NEARLY_ALIKE) {
        found.add(keyOf({ first: items[i]!.id, second: items[j]!.id }));
      }
    }
  }
  return found;
}

describe('near-doubles', () => {
  it('are found as measuring every pair finds them: recall 0.95 and precision 0.9 at least', () => {
    const { items, planted: twins } = planted(700, 3);
    const index = new DoublesIndex();
    items.forEach((item) => index.put(item));
    const found = new Set(index.pairs().map(keyOf));
    const meant = bruteForce(items);
    const right = [...found].filter((pair) => meant.has(pair)).length;
    expect(meant.size).toBeGreaterThan(20);
    expect(right / meant.size).toBeGreaterThanOrEqual(0.95);
    expect(right / found.size).toBeGreaterThanOrEqual(0.9);
    expect([...found].filter((pair) => twins.has(pair)).length).toBeGreaterThan(20);
  });

  it('come and go with single edits', () => {
    const index = new DoublesIndex();
    const words = ['What', 'does', 'a', 'lower', 'paddle', 'let', 'through', 'the', 'gate'];
    index.put(question('1', words, ['water', 'boats', 'fish']));
    index.put(question('2', [...words, 'here'], ['water', 'boats', 'fish']));
    expect(index.pairs()).toMatchObject([{ first: '1', second: '2' }]);
    expect(index.pairs()[0]!.likeness).toBeGreaterThan(0.8);
    index.put(question('2', ['Who', 'minds', 'the', 'weir'], ['a keeper']));
    expect(index.pairs()).toEqual([]);
    index.put(question('2', words, ['water', 'boats', 'fish']));
    expect(index.pairs()).toEqual([{ first: '1', second: '2', likeness: 1 }]);
    index.remove('1');
    expect(index.pairs()).toEqual([]);
    expect(index.size).toBe(1);
  });

  it('do not come of case, accents and signs alone', () => {
    const index = new DoublesIndex();
    index.put(question('1', ['Où', 'est', 'l’écluse'], ['Ici']));
    index.put(question('2', ['ou', 'est', 'l’ecluse'], ['ici']));
    expect(index.pairs()[0]!.likeness).toBe(1);
    index.put({ id: '3', ref: '', kind: 'open', stem: { plain: '' } });
    index.put({ id: '4', ref: '', kind: 'open', stem: { plain: '' } });
    expect(index.pairs()).toHaveLength(1);
  });

  it('are asked of two by two without an index of all', () => {
    const words = ['when', 'does', 'the', 'keeper', 'open', 'the', 'upper', 'gate'];
    const options = ['in flood', 'at dusk', 'never'];
    const areAlike = nearlyAlikeIn([
      question('a', words, options),
      question('b', [...words, 'today'], options),
      question('c', ['who', 'greases', 'the', 'rack'], ['the crew', 'the office']),
    ]);
    expect(areAlike('a', 'b')).toBe(true);
    expect(areAlike('a', 'c')).toBe(false);
    expect(areAlike('a', 'gone')).toBe(false);
  });
});
