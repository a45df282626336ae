// What rows become under a reading, and which reading a table's rules allow.
import { describe, expect, it } from 'vitest';
import { column, taken, view } from '../../../tests/tables';
import { assign, placesOf, takenFor } from './assign';
import { MEANINGS, type Meaning } from './contract';
import { grammar } from './grammar';
import { witness } from './witness';

const stem = column('Question', 'Who waits?', 'What opens?', 'What floats?');
const a = column('A', 'a boat', 'a gate', 'a stone');
const b = column('B', 'a lock', 'a sill', 'a hull');
const key = column('Key', 'A', 'A', 'B');
const worth = (columns: ReturnType<typeof column>[], ...meanings: Meaning[]): number =>
  witness(view(columns), meanings);

describe('rows', () => {
  it('are whole with a key that names an option, broken with one that names none', () => {
    expect(worth([stem, a, b, key], 'stem', 'option', 'option', 'key')).toBe(2.5);
    expect(
      worth([stem, a, b, column('Key', 'X', 'Y', 'Z')], 'stem', 'option', 'option', 'key'),
    ).toBe(-2);
    const half = worth(
      [stem, a, b, column('Key', 'A', 'Y', 'B')],
      'stem',
      'option',
      'option',
      'key',
    );
    expect(half).toBeCloseTo(-2 + 4.5 * (2 / 3), 10);
    // Rows without options tell nothing of their key.
    const open = column('A', 'a boat', '', '');
    const empty = column('B', 'a lock', '', '');
    expect(
      worth([stem, open, empty, column('Key', 'A', 'Y', 'Z')], 'stem', 'option', 'option', 'key'),
    ).toBe(2.5);
    expect(
      worth([stem, column('A', '', '', ''), empty, key], 'stem', 'option', 'option', 'key'),
    ).toBe(-0.7);
  });
  it('are whole with verdicts beside the options, broken with words that are none', () => {
    const right = column('', 'yes', 'yes', 'no');
    const wrong = column('', 'no', 'no', 'yes');
    const meanings: Meaning[] = ['stem', 'option', 'verdict', 'option', 'verdict'];
    expect(worth([stem, a, right, b, wrong], ...meanings)).toBe(2.5);
    const none = column('', 'oak', 'elm', 'ash');
    const neither = column('', 'fir', 'yew', 'box');
    expect(worth([stem, a, none, b, neither], ...meanings)).toBe(-2);
    const empty = column('', '', '', '');
    expect(worth([stem, a, empty, b, empty], ...meanings)).toBe(-0.7);
  });
  it('are whole with a sign at one option, and say little with weights or nothing', () => {
    const signed = [
      column('A', '* a boat', '* a gate', 'a stone'),
      column('B', 'a lock', 'a sill', '* a hull'),
    ];
    expect(worth([stem, ...signed], 'stem', 'option', 'option')).toBe(2.5);
    expect(worth([stem, a, b], 'stem', 'option', 'option')).toBe(-0.7);
    expect(worth([stem, a, b, key], 'stem', 'option', 'option', 'weight')).toBe(0.5);
  });
  it('are whole with true and false for a key, and broken with them for an answer', () => {
    const verdict = column('', 'true', 'false', 'true');
    expect(worth([stem, verdict], 'stem', 'key')).toBe(2.5);
    expect(worth([stem, verdict], 'stem', 'accepted')).toBe(-2);
    expect(worth([stem, a], 'stem', 'accepted')).toBe(0);
    expect(worth([stem, a], 'stem', 'key')).toBe(0);
  });
  it('say nothing where there is one', () => {
    expect(witness(view([stem, a, b, key], { rows: 1 }), ['stem', 'option', 'option', 'key'])).toBe(
      0,
    );
  });
});

describe('what a table has', () => {
  const has = (...meanings: Meaning[]): number => grammar(meanings);
  it.each<[number, Meaning[]]>([
    [0, ['stem', 'accepted']],
    [-2, ['accepted']],
    [-2.5, ['stem', 'wrong', 'wrong']],
    [-1.5, ['stem', 'right']],
    [0, ['stem', 'right', 'wrong']],
    [-4, ['stem', 'option']],
    [0, ['stem', 'option', 'option']],
    [-2, ['stem', 'verdict']],
    [0, ['stem', 'verdict', 'verdict']],
    [-1.5, ['stem', 'option', 'option', 'verdict']],
    [0, ['stem', 'option', 'option', 'weight', 'weight']],
    [-1.5, ['stem', 'option', 'option', 'weight']],
    [-2, ['stem', 'left']],
    [0, ['stem', 'left', 'right-side']],
    [-2, ['stem', 'step', 'key']],
    [0, ['stem', 'step', 'step']],
    [-1, ['stem', 'feedback', 'feedback']],
    [-1, ['stem', 'unit']],
    [0, ['stem', 'unit', 'value']],
    [-4, ['stem', 'image-alt']],
    [-1.5, ['stem', 'key', 'right', 'wrong']],
    [-1.5, ['stem', 'options', 'option', 'option']],
    [-3, ['term', 'definition', 'option', 'option']],
    [0, ['term', 'definition']],
  ])('costs %d: %j', (cost, meanings) => {
    expect(has(...meanings)).toBe(cost);
  });
  it('of more than twelve options it is somewhat doubted', () => {
    const options = (n: number): Meaning[] => Array.from({ length: n }, () => 'option');
    expect(has('stem', ...options(12))).toBe(0);
    expect(has('stem', ...options(13))).toBe(-1);
  });
});

describe('what each column is', () => {
  const odds = (likely: Partial<Record<Meaning, number>>): number[] =>
    MEANINGS.map((meaning) => likely[meaning] ?? 0);
  const assigned = (list: Partial<Record<Meaning, number>>[], said = new Map<number, Meaning>()) =>
    assign(list.map(odds), said).map(({ meaning, p }) => `${meaning} ${p}`);

  it('is its likeliest meaning, but for what only one can be: the surer has it', () => {
    expect(
      assigned([
        { stem: 0.6, hint: 0.3 },
        { stem: 0.9, hint: 0.1 },
      ]),
    ).toEqual(['hint 0.3', 'stem 0.9']);
    expect(assigned([{ option: 0.6 }, { option: 0.9 }])).toEqual(['option 0.6', 'option 0.9']);
    // The two sides of a card ask and answer as a question does.
    expect(assigned([{ stem: 0.6, hint: 0.3 }, { term: 0.9 }])).toEqual(['hint 0.3', 'term 0.9']);
  });
  it('is what a person said, whatever else claims it', () => {
    const said = new Map<number, Meaning>([[0, 'stem']]);
    expect(assigned([{ hint: 0.9 }, { stem: 0.9, title: 0.05 }], said)).toEqual([
      'stem 1',
      'title 0.05',
    ]);
  });
  it('keeps three others at hand, the likeliest first', () => {
    const [one] = assign(
      [odds({ stem: 0.5, hint: 0.2, title: 0.15, tag: 0.1, ref: 0.05 })],
      new Map(),
    );
    expect(one!.others).toEqual([
      { meaning: 'hint', p: 0.2 },
      { meaning: 'title', p: 0.15 },
      { meaning: 'tag', p: 0.1 },
    ]);
    expect(takenFor(taken('stem', 0.4, one!.others), 'tag', 0.7)).toEqual({
      meaning: 'tag',
      p: 0.7,
      others: [{ meaning: 'stem', p: 0.4 }, ...one!.others],
    });
  });
  it.each<[string, string[], number[]]>([
    ['the numbers of headings', ['Option 2', 'Option 1', 'Option 3'], [2, 1, 3]],
    ['numbers from nought', ['o0', 'o1', 'o2'], [1, 2, 3]],
    ['numbers that begin further up', ['c4', 'c5', 'c6'], [4, 5, 6]],
    ['their order, where numbers are said twice', ['Option 1', 'Option 1', 'Option 2'], [1, 2, 3]],
    ['their order, where numbers reach too far', ['Option 9', 'Option 1', 'Option 2'], [1, 2, 3]],
    ['their order, where one has none', ['Option 2', 'Option', 'Option 1'], [1, 2, 3]],
  ])('has its place by %s', (_, headings, places) => {
    const table = view(headings.map((heading) => column(heading, 'x')));
    expect(
      placesOf(
        table,
        headings.map(() => 'option'),
      ),
    ).toEqual(places);
  });
  it('has no place where there is one of it', () => {
    expect(placesOf(view([stem, key]), ['stem', 'key'])).toEqual([undefined, undefined]);
  });
});
