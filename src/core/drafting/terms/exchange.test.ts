// Wrong options exchanged and locked.
import { describe, expect, it } from 'vitest';
import type { Item, Make, Term } from '../../model';
import { draftKinds } from '../../pipeline/drafting';
import { draftFromTerms } from './index';
import { swapOption } from './exchange';

const terms: Term[] = [
  ['pound', 'the level stretch of water between two locks'],
  ['paddle', 'a small gate that lets water through'],
  ['windlass', 'a handle that turns the paddle gear'],
  ['cill', 'a ledge below the top gate'],
  ['by-wash', 'a channel that leads surplus water round a lock'],
  ['fender', 'a cushion that keeps hull and wall apart'],
  ['weir', 'a low wall over which water runs'],
  ['towpath', 'a path beside the canal for horses'],
].map(([term, definition]) => ({ term: term!, definition: definition! }));
const make: Make = { kind: 'choice-one', seed: 3 };
const texts = ({ options }: Item): string[] => options!.map(({ text }) => text.plain);
const tell = () => undefined;

describe('a swapped option', () => {
  const [item] = draftFromTerms(terms, make).items;
  const at = item!.options!.findIndex(({ right }) => !right);
  it('brings every other term before one comes back', () => {
    const seen = [texts(item!)[at]!];
    let now = item!;
    for (let n = 0; n < 4; n++) {
      now = swapOption(terms, make, now, { at, past: seen })!.item;
      seen.push(texts(now)[at]!);
    }
    // Eight terms: the right one and two other wrong ones stand there, five take turns.
    expect(new Set(seen).size).toBe(5);
    const next = swapOption(terms, make, now, { at, past: seen })!;
    expect(seen.slice(0, -1)).toContain(texts(next.item)[at]);
    expect(texts(next.item).filter((_, place) => place !== at)).toEqual(
      texts(item!).filter((_, place) => place !== at),
    );
  });
  it('is refused for the right one, and for a term that the list no longer holds', () => {
    const right = item!.options!.findIndex((option) => option.right);
    expect(swapOption(terms, make, item!, { at: right })).toBeUndefined();
    expect(swapOption(terms.slice(1), make, item!, { at })).toBeUndefined();
  });
});

describe('a locked option', () => {
  it('stays at its place when all is made anew; right one and others are as they should be', () => {
    const before = draftFromTerms(terms, make);
    const item = before.items[2]!;
    const places = item.options!.flatMap(({ right }, at) => (right ? [] : [at])).slice(0, 2);
    const locked = { [item.id]: { item, lent: before.because[item.id]!, places } };
    for (const seed of [11, 12, 13, 14, 15]) {
      const made = draftKinds(terms, [{ ...make, seed }], { tell, locked });
      const now = made.items.find(({ id }) => id === item.id)!;
      places.forEach((place) => expect(texts(now)[place]).toBe(texts(item)[place]));
      expect(now.options!.filter(({ right }) => right)).toHaveLength(1);
      expect(new Set(texts(now)).size).toBe(4);
      // Each wrong option still says who lent it.
      const definitions = new Map(terms.map(({ term, definition }) => [term, definition]));
      made.because[item.id]!.forEach(({ option, from }) =>
        expect(definitions.get(from)).toBe(texts(now)[option]),
      );
      expect(made.because[item.id]).toHaveLength(3);
    }
  });
  it('the question stays as it was where the new one asks for something else', () => {
    const before = draftFromTerms(terms, make);
    const item = before.items[0]!;
    const locked = { [item.id]: { item, lent: before.because[item.id]!, places: [0, 1, 2, 3] } };
    const made = draftKinds([...terms].reverse(), [make], { tell, locked });
    expect(texts(made.items[0]!)).toEqual(texts(item));
  });
});
