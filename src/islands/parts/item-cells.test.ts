import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cellText, setCell, withFields, type CellField } from './item-cells';
import { anyItem, item, options } from '../../../tests/make';

const FIELDS: CellField[] = [
  'ref',
  'kind',
  'stem',
  'options.0',
  'options.1',
  'options.2',
  'key',
  'points',
  'seconds',
  'category',
  'tags',
  'hint',
  'explanation',
];
const put = (one: ReturnType<typeof item>, field: CellField, text: string) => {
  const fields = setCell(one, field, text);
  return 'refused' in fields ? fields : withFields(one, fields);
};

describe('a question as a row of cells', () => {
  it('shows and sets the key as letters, several with any sign between', () => {
    expect(cellText(item(), 'key')).toBe('B');
    expect(put(item({ kind: 'choice-many' }), 'key', 'ac')).toMatchObject({
      options: options('*Boats', 'Water', '*Walkers'),
    });
    expect(put(item(), 'key', '3')).toMatchObject({
      options: options('Boats', 'Water', '*Walkers'),
    });
    expect(put(item(), 'key', 'E')).toEqual({
      refused: expect.stringContaining('there are 3 (A to C)'),
    });
  });
  it('adds options at the end, keeps holes in the middle, and drops them from the end', () => {
    expect(put(item(), 'options.3', 'Ducks')).toMatchObject({
      options: options('Boats', '*Water', 'Walkers', 'Ducks'),
    });
    expect(put(item(), 'options.2', '')).toMatchObject({ options: options('Boats', '*Water') });
    expect(put(item(), 'options.0', '')).toMatchObject({
      options: options('', '*Water', 'Walkers'),
    });
  });
  it('takes a kind by any of its words and keeps what the other kind can hold', () => {
    expect(put(item(), 'kind', 'short answer')).toMatchObject({
      kind: 'short',
      accepted: ['Water'],
    });
    expect(put(item(), 'kind', 'several right')).toMatchObject({
      kind: 'choice-many',
      options: options('Boats', '*Water', 'Walkers'),
    });
    expect(put(item(), 'kind', 'riddle')).toHaveProperty('refused');
  });
  it('reads tags, paths, points and times, and refuses what is none with a sentence', () => {
    expect(put(item(), 'tags', 'locks, level: beginner')).toMatchObject({
      tags: [{ value: 'locks' }, { name: 'level', value: 'beginner' }],
    });
    expect(put(item(), 'category', 'Locks > Parts')).toMatchObject({
      category: ['Locks', 'Parts'],
    });
    expect(put(item(), 'seconds', '1:30')).toMatchObject({ seconds: 90 });
    expect(put(item(), 'points', 'many')).toEqual({ refused: '“many” is no number of points.' });
    expect(put(item({ points: 2 }), 'points', '')).not.toHaveProperty('points');
    expect(put(item(), 'ref', ' ')).toHaveProperty('refused');
  });
  it('changes nothing when a cell is given its own text again', () => {
    fc.assert(
      fc.property(anyItem, fc.constantFrom(...FIELDS), (one, field) => {
        expect(setCell(one, field, cellText(one, field))).toEqual({});
      }),
    );
  });
});
