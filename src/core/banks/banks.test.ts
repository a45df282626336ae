// The search of a bank.
import { describe, expect, it } from 'vitest';
import type { Item } from '../model';
import { queryWith, searchFor, termsOf, valueAsked } from './index';

const ITEM: Item = {
  id: '1',
  ref: 'LOCK-7',
  kind: 'choice-one',
  stem: { plain: 'Which gate: the upper or the lower?' },
  options: ['upper', 'lower', 'neither'].map((plain, n) => ({ text: { plain }, right: n === 1 })),
  points: 2,
  category: ['Safety', 'Gates'],
  tags: [{ name: 'level', value: 'beginner' }, { value: 'autumn' }],
  explanation: { plain: 'The lower one holds.' },
  origin: { file: 'evening 2.xlsx', by: 'Group A' },
};
const holds = (query: string): boolean =>
  searchFor(query, () => ({
    sets: ['Tonight'],
    isUsed: true,
    levels: new Set(['warn']),
    broughtIn: '2026-11-02',
    changedFor: ['Evening host'],
  }))(ITEM);

describe('a query put together by choosing', () => {
  it.each([
    ['', 'source', 'evening 2.xlsx', 'source:"evening 2.xlsx"'],
    ['gate source:old.csv -paddle', 'source', 'new.csv', 'gate -paddle source:new.csv'],
    ['gate source:"old one.csv"', 'source', '', 'gate'],
    ['resource:x', 'source', 'new.csv', 'resource:x source:new.csv'],
    ['-source:old.csv', 'source', 'new.csv', '-source:old.csv source:new.csv'],
  ])('%s, %s %s', (query, field, value, whole) => {
    expect(queryWith(query, field, value)).toBe(whole);
    expect(valueAsked(whole, field)).toBe(value.toLowerCase());
  });
});

describe('the search', () => {
  it.each([
    ['', true],
    ['gate LOWER', true],
    ['gate paddle', false],
    ['"upper or the lower"', true],
    ['"lower or the upper"', false],
    ['-paddle', true],
    ['gate -upper', false],
    ['neither', true],
    ['holds', true],
    ['gate:', true],
    ['kind:"one right"', true],
    ['kind:short', false],
    ['tag:autumn', true],
    ['date:2026-11', true],
    ['date:2026-10', false],
    ['changed:yes', true],
    ['changed:"evening host"', true],
    ['changed:no', false],
    ['level:beginner', true],
    ['level:expert', false],
    ['-level:expert', true],
    ['category:"safety > gates"', true],
    ['category:gates', true],
    ['source:"evening 2"', true],
    ['by:"group a"', true],
    ['ref:lock', true],
    ['points:2', true],
    ['points:>2', false],
    ['points:<3', true],
    ['options:3-5', true],
    ['options:4-5', false],
    ['options:many', false],
    ['right:1', true],
    ['seconds:>0', false],
    ['set:tonight', true],
    ['used:yes', true],
    ['used:never', false],
    ['picture:none', true],
    ['findings:warn', true],
    ['findings:none', false],
    ['set:tonight -used:never gate points:2', true],
  ])('%s', (query, expected) => {
    expect(holds(query)).toBe(expected);
  });

  it('takes a word with a colon that names no field for a word', () => {
    expect(termsOf('gate: x')).toEqual([
      { field: undefined, value: 'gate:', isNot: false },
      { field: undefined, value: 'x', isNot: false },
    ]);
    expect(holds('upper:lower')).toBe(false);
  });

  it('takes a quote that is not closed yet for a phrase that is being typed', () => {
    expect(holds('"upper or')).toBe(true);
  });

  it('never stops at any text', () => {
    for (const query of ['"', '-', ':', 'tag:', '-"', 'points:', '((', '\\', 'a:b:c', '"" -""']) {
      expect(() => holds(query)).not.toThrow();
    }
  });
});
