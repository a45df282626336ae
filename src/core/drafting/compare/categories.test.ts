// Categories first: the request for them, and what its reply names.
import { describe, expect, it } from 'vitest';
import { FAULTS, reply } from '../../../stand-ins/assistant';
import { writeRequests } from '../requests';
import { categoriesOfReply } from './categories';

const wish = { about: { topic: 'canal locks', categoriesFirst: 6 }, kinds: ['card' as const] };
const [first] = writeRequests(wish);

describe('categories first', () => {
  it('one request asks for nothing but them; with categories or words given it is left out', () => {
    expect(writeRequests(wish)).toHaveLength(1);
    expect(first!.text).toMatch(/^Name 6 categories of canal locks:/);
    expect(first!.asked).toMatchObject({ isForCategories: true, count: 6, kinds: [] });
    const given = { ...wish, about: { ...wish.about, categories: ['Water', 'Gear'] }, count: 8 };
    expect(writeRequests(given).map(({ asked }) => [asked.category, asked.count])).toEqual([
      ['Water', 8],
      ['Gear', 8],
    ]);
    const words = { ...wish, about: { ...wish.about, terms: ['pound'] } };
    expect(writeRequests(words)[0]!.asked.isForCategories).toBeUndefined();
  });
  it('are read through whatever stands around them', () => {
    const texts = [
      'Here are six categories for you:\n\n1. **Water**\n2. Locks and gates\n3. Gear\n4. Boats\n5. People\n6. Rules\n\nShall I go on?',
      '```\n- Water\n- Locks and gates\n- Gear\n- Boats\n- People\n- Rules\n```\nI hope that this helps.',
      'Water; Locks and gates; Gear; Boats; People; Rules',
    ];
    for (const text of texts) {
      expect(categoriesOfReply(text, first!.asked).categories).toEqual([
        'Water',
        'Locks and gates',
        'Gear',
        'Boats',
        'People',
        'Rules',
      ]);
    }
  });
  it('one that begins with a number keeps it', () => {
    const { categories } = categoriesOfReply('18th century\n1. 19th century', first!.asked);
    expect(categories).toEqual(['18th century', '19th century']);
  });
  it('too few, doubled ones and an empty reply are told', () => {
    const rules = (text: string) =>
      categoriesOfReply(text, first!.asked).findings.map(({ rule, level }) => [rule, level]);
    expect(rules('Water\nGear\nwater')).toEqual([
      ['reply-categories-left', 'note'],
      ['reply-count', 'warn'],
    ]);
    expect(rules('\n')).toEqual([['reply-form', 'block']]);
  });
  it('the simulated assistant is understood with each of its faults', () => {
    for (const fault of FAULTS) {
      const { categories } = categoriesOfReply(
        reply(first!.text, { faults: [fault] }),
        first!.asked,
      );
      expect(categories.slice(0, 4)).toEqual(['Water', 'Locks', 'Gear', 'Ways']);
    }
  });
});
