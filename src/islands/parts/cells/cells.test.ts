import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cellText, setCell, withFields, type CellField } from '.';
import { EVERY_KIND } from '../../../../tests/kinds';
import { anyItem, item, options } from '../../../../tests/make';
import type { Item } from '../../../core/model';

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

const shown = (question: Item): string[] => FIELDS.map((field) => cellText(question, field));

describe('each kind as cells, and back: what is shown can be typed again', () => {
  it.each(EVERY_KIND.map((question) => [question.ref, question] as const))(
    '%s shows the same after each cell is typed again',
    (_ref, question) => {
      for (const field of FIELDS) {
        const text = cellText(question, field);
        const set = setCell(question, field, text);
        if ('refused' in set) {
          expect(set.refused.length).toBeGreaterThan(10);
        } else {
          expect(shown(withFields(question, set)), field).toEqual(shown(question));
        }
      }
    },
  );

  it.each<[CellField, string, Partial<Item>]>([
    ['points', '2,5', { points: 2.5 }],
    ['seconds', '1 min', { seconds: 60 }],
    ['category', 'Locks > Parts', { category: ['Locks', 'Parts'] }],
    ['hint', 'Think of wood', { hint: { plain: 'Think of wood' } }],
    ['stem', 'Who?', { stem: { plain: 'Who?' } }],
  ])('takes “%s” of %s', (field, text, fields) => {
    expect(setCell(item(), field, text)).toMatchObject(fields);
  });

  it('sets pairs, steps, gaps and numbers by the letters they stand under', () => {
    const pairs = EVERY_KIND.find(({ kind }) => kind === 'match')!;
    expect(put(pairs, 'options.1', 'gate | beam')).toMatchObject({
      pairs: { 1: { left: { plain: 'gate' }, right: { plain: 'beam' } } },
    });
    expect(put(pairs, 'options.0', 'gate')).toEqual({
      refused: '“gate” is no pair; write its halves with a bar between: gate | beam.',
    });
    const steps = EVERY_KIND.find(({ kind }) => kind === 'order')!;
    const last = steps.steps!.length;
    expect(put(steps, `options.${last}`, 'Moor')).toMatchObject({
      steps: [...steps.steps!, { plain: 'Moor' }],
    });
    expect(put(steps, `options.${last - 1}`, '')).toMatchObject({
      steps: steps.steps!.slice(0, -1),
    });
    const gaps = item({ kind: 'gap', stem: { plain: 'A {{1}} and a {{2}}' } });
    expect(put(gaps, 'options.1', 'lock / pound lock')).toMatchObject({
      gaps: [{ accepted: [] }, { accepted: ['lock', 'pound lock'] }],
    });
    expect(put(gaps, 'options.2', 'weir')).toEqual({ refused: 'The sentence has 2 gaps.' });
    const number = item({ kind: 'number' });
    expect(put(number, 'options.0', '12,5 ± 0.2 m')).toMatchObject({
      number: { value: 12.5, tolerance: 0.2, unit: 'm' },
    });
    expect(put(number, 'options.0', 'twelve')).toHaveProperty('refused');
  });

  it.each([
    ['order', { steps: [{ plain: 'Boats' }, { plain: 'Water' }, { plain: 'Walkers' }] }],
    ['card', { accepted: ['Water'] }],
    ['true / false', { kind: 'true-false' }],
  ])('of another kind, %s, takes along what that can hold', (kind, fields) => {
    expect(put(item(), 'kind', kind === 'order' ? 'steps' : kind)).toMatchObject(fields);
  });

  it('empties a field, and refuses what it can’t hold in a sentence', () => {
    const question = item({ points: 2, hint: { plain: 'x' } });
    expect(cellText(withFields(question, setCell(question, 'points', '') as never), 'points')).toBe(
      '',
    );
    expect(cellText(withFields(question, setCell(question, 'hint', '') as never), 'hint')).toBe('');
    for (const [field, text] of [
      ['points', 'many'],
      ['seconds', 'soon'],
      ['key', 'Z'],
      ['kind', 'riddle'],
    ] as const) {
      expect(setCell(question, field, text)).toHaveProperty('refused');
    }
  });

  it('sets several right ones by their letters', () => {
    const question = item({ kind: 'choice-many', options: options('*a', 'b', 'c') });
    const set = setCell(question, 'key', 'b, C');
    expect(set).toMatchObject({ options: [{ right: false }, { right: true }, { right: true }] });
  });
});

describe('what a question says of its play', () => {
  it.each([
    ['shuffle', 'Yes', { shuffle: true }],
    ['across', '0', { across: false }],
    ['across', '', {}],
    ['use', 'prac', { use: 'practice' }],
    ['by', ' Ann ', { origin: { by: 'Ann' } }],
  ] as const)('%s takes “%s”', (field, text, fields) => {
    expect(setCell(item(), field, text)).toEqual(fields);
  });
  it.each([
    ['shuffle', 'perhaps', 'neither yes nor no'],
    ['use', 'both', 'neither practice nor scored'],
    ['source', 'x.csv', 'not changed by typing'],
    ['difficulty', '50 %', 'comes from results'],
  ] as const)('%s refuses “%s” with its reason', (field, text, reason) => {
    expect(setCell(item(), field, text)).toEqual({ refused: expect.stringContaining(reason) });
  });
});
