// Questions from terms: what is right, what may be wrong, and how it is spread.
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Item, Make, Term } from '../../model';
import { draftFromTerms } from './index';
import { isNearlySame } from './also-right';
import { formOf, leadsOf, sameForm } from './form';

const CANAL = `pound	the level stretch of water between two locks
paddle	a small gate that lets water through a lock gate
windlass	a handle that turns the paddle gear
cill	a ledge below the top gate
by-wash	a channel that leads surplus water round a lock
balance beam	a long arm by which a gate is swung
mitre gate	a pair of gates that close to a point
staircase	a row of locks that share their gates
winding hole	a wide place where a boat can be turned
towpath	a path beside the canal for horses
to lock	to go through a lock
to wind	to turn a boat round
to moor	to make a boat fast`;
const terms: Term[] = CANAL.split('\n').map((line) => {
  const [term, definition] = line.split('\t') as [string, string];
  return { term, definition };
});
const make = (more: Partial<Make> = {}, from = terms) =>
  draftFromTerms(from, { kind: 'choice-one', seed: 3, ...more });
const right = ({ options }: Item): string[] =>
  options!.filter((one) => one.right).map(({ text }) => text.plain);
const anyTerms = fc.array(
  fc.record({
    term: fc.string({ maxLength: 12 }),
    definition: fc.string({ maxLength: 30 }),
    category: fc.constantFrom('A', 'A > B', ''),
  }),
  { maxLength: 25 },
);

describe('one right option from terms', () => {
  it('asks with the term and offers definitions, or the other way round', () => {
    const { items } = make();
    expect(items).toHaveLength(terms.length);
    items.forEach((item, at) => expect(right(item)).toEqual([terms[at]!.definition]));
    const turned = make({ direction: 'to-term', options: 3 }).items;
    turned.forEach((item, at) => {
      expect(item.stem.plain).toBe(terms[at]!.definition);
      expect(right(item)).toEqual([terms[at]!.term]);
      expect(item.options).toHaveLength(3);
    });
  });
  it('says of each wrong option who lent it, and why', () => {
    const { items, because } = make();
    for (const item of items) {
      for (const { option, from, why } of because[item.id]!) {
        const lender = terms.find(({ term }) => term === from)!;
        expect(item.options![option]).toEqual({ text: { plain: lender.definition }, right: false });
        expect(why).toMatch(/form$/);
      }
    }
  });
  it('spreads the right places and the lenders evenly, and repeats no pair of wrong options', () => {
    const many: Term[] = Array.from({ length: 60 }, (_, n) => ({
      term: `part ${String.fromCharCode(97 + (n % 26))}${n}`,
      definition: `a piece of gear kept in shed ${String.fromCharCode(65 + (n % 26))} on shelf ${n}`,
    }));
    const { items, because } = make({}, many);
    const places = items.map(({ options }) => options!.findIndex((one) => one.right));
    for (const place of [0, 1, 2, 3]) {
      expect(places.filter((one) => one === place)).toHaveLength(15);
    }
    const lent = Object.values(because).map((list) => list.map(({ from }) => from).sort());
    const uses = many.map(({ term }) => lent.flat().filter((from) => from === term).length);
    expect(Math.max(...uses)).toBeLessThanOrEqual(8);
    const pairs = lent.flatMap(([a, b, c]) => [`${a} ${b}`, `${a} ${c}`, `${b} ${c}`]);
    expect(new Set(pairs).size).toBe(pairs.length);
  });
  it('puts verbs with verbs where there are enough of them', () => {
    const { items, because } = make({ options: 3 });
    const verb = items.find(({ stem }) => stem.plain === 'to moor')!;
    expect(because[verb.id]!.map(({ from }) => from).sort()).toEqual(['to lock', 'to wind']);
  });
  it('makes several of a term, each with other wrong options', () => {
    const { items } = make({ perQuestion: 2, options: 3 });
    expect(items).toHaveLength(2 * terms.length);
    const texts = items.map(({ stem, options }) =>
      [stem.plain, ...options!.map(({ text }) => text.plain).sort()].join(),
    );
    expect(new Set(texts).size).toBe(texts.length);
  });
  it('never offers what would be right as well', () => {
    const tricky: Term[] = [
      { term: 'sluice', definition: 'a gate for water' },
      { term: 'sluice gate', definition: 'a board that is raised' },
      { term: 'penstock', definition: 'A gate for  water' },
      { term: 'clough', definition: 'a small sluice', tags: [{ name: 'synonym', value: 'Weir' }] },
      { term: 'weir', definition: 'a wall across a river' },
      { term: 'sluice', definition: 'a channel with a gate' },
      ...terms,
    ];
    const { items, because } = make({ options: 5 }, tricky);
    const lenders = (term: string, at = 0): string[] =>
      because[items.filter(({ stem }) => stem.plain === term)[at]!.id]!.map(({ from }) => from);
    for (const at of [0, 1]) {
      expect(lenders('sluice', at)).not.toEqual(
        expect.arrayContaining([expect.stringMatching(/^(?:sluice|sluice gate)$/)]),
      );
    }
    expect(lenders('sluice')).not.toContain('penstock');
    expect(lenders('clough')).not.toContain('weir');
    expect(lenders('weir')).not.toContain('clough');
  });
  it('holds for any list: one right, no two alike, the same seed gives the same', () => {
    fc.assert(
      fc.property(anyTerms, fc.integer({ min: 0, max: 99 }), (list, seed) => {
        const { items } = make({ seed }, list);
        for (const item of items) {
          expect(right(item)).toHaveLength(1);
          const texts = item.options!.map(({ text }) => text.plain.trim().toLowerCase());
          expect(new Set(texts).size).toBe(texts.length);
        }
        expect(make({ seed }, list).items).toEqual(items);
      }),
      { numRuns: 60 },
    );
  });
});

describe('other kinds from terms', () => {
  it('about half of the statements are true, and the false ones define another term', () => {
    const { items, because } = make({ kind: 'true-false' });
    const isTrue = items.filter(({ options }) => options![0]!.right);
    expect(Math.abs(isTrue.length - items.length / 2)).toBeLessThanOrEqual(1);
    items.forEach((item, at) => {
      const [lender] = because[item.id]!;
      const shown = lender ? terms.find(({ term }) => term === lender.from)! : terms[at]!;
      expect(item.stem.plain).toBe(`${terms[at]!.term}: ${shown.definition}`);
      expect(item.options!.map(({ text }) => text.plain)).toEqual(['True', 'False']);
    });
  });
  it('pairs use each term once', () => {
    const { items } = make({ kind: 'match', options: 4 });
    const lefts = items.flatMap(({ pairs }) => pairs!.map(({ left }) => left.plain));
    expect(new Set(lefts).size).toBe(lefts.length);
    expect(lefts.length).toBeGreaterThanOrEqual(terms.length - 1);
  });
  it.each([
    ['sluice', 'Sluices hold back the water', '{{1}} hold back the water', ['Sluices', 'sluice']],
    ['cill', 'a ledge; boats catch on the cill', 'a ledge; boats catch on the {{1}}', ['cill']],
    ['tow', 'the towpath is for towing', 'tow: the {{1}} is for towing', ['towpath']],
  ])('a gap for %s in “%s”', (term, definition, stem, accepted) => {
    const list = [{ term, definition }, { term: 'towpath', definition: 'a path' }, ...terms];
    const [item] = make({ kind: 'gap' }, list).items;
    expect(item).toMatchObject({ stem: { plain: stem }, gaps: [{ accepted }] });
  });
  it('a short answer takes every term of the same definition', () => {
    const { items } = make({ kind: 'short' }, [
      { term: 'sluice', definition: 'a gate' },
      { term: 'clough', definition: 'A gate' },
    ]);
    expect(items[0]).toMatchObject({ stem: { plain: 'a gate' }, accepted: ['sluice', 'clough'] });
  });
  it('cards are turned round; a pattern words the question', () => {
    expect(make({ kind: 'card', direction: 'to-term' }).items[0]).toMatchObject({
      kind: 'card',
      stem: { plain: terms[0]!.definition },
      accepted: ['pound'],
    });
    expect(make({ ask: 'What is meant by “{term}”?' }).items[1]!.stem.plain).toBe(
      'What is meant by “paddle”?',
    );
  });
  it('category and tags go along', () => {
    const tags = [{ name: 'level', value: 'beginner' }];
    const list = [{ ...terms[0]!, category: 'Water > Pounds', tags }, ...terms.slice(1)];
    expect(make({}, list).items[0]).toMatchObject({ category: ['Water', 'Pounds'], tags });
  });
});

describe('a list that can’t serve', () => {
  const rules = (list: Term[], more: Partial<Make> = {}): string[] =>
    make(more, list).findings.map(({ rule }) => rule);
  it.each<[string, Term[], string[]]>([
    ['nothing', [], ['terms-missing']],
    ['empty definitions', [{ term: 'a', definition: ' ' }], ['term-incomplete', 'terms-missing']],
    ['one term', terms.slice(0, 1), ['terms-too-few', 'term-unused']],
    ['two terms', terms.slice(0, 2), ['terms-too-few', 'wrong-options-poor']],
    [
      'a thousand equal ones',
      Array.from({ length: 1000 }, () => terms[0]!),
      ['term-doubled', 'terms-too-few', 'term-unused'],
    ],
  ])('of %s is told', (_, list, expected) => {
    expect(rules(list)).toEqual(expected);
  });
});

describe('forms', () => {
  it('tell numbers, signs, verbs and sentences apart', () => {
    const leads = leadsOf(['to go', 'to come', 'a boat', 'a gate', 'an arm']);
    const form = (text: string) => formOf(text, leads);
    expect(sameForm(form('a boat'), form('an arm'))).toBeCloseTo(1);
    expect(sameForm(form('12 m'), form('15 m'))).toBeCloseTo(1);
    expect(sameForm(form('12 m'), form('a boat'))).toBe(0);
    expect(sameForm(form('Fe'), form('iron'))).toBe(0);
    expect(sameForm(form('to go'), form('a boat'))).toBeLessThan(1);
  });
  it('nearly the same are texts that hold one another, or differ by a slip', () => {
    expect(isNearlySame('sluice', 'sluice gate')).toBe(true);
    expect(isNearlySame('windlass', 'windlas')).toBe(true);
    expect(isNearlySame('1914', '1915')).toBe(false);
    expect(isNearlySame('lock', 'dock')).toBe(false);
  });
});
