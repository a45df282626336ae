// What is said of fits, files and the places of right answers.
import { describe, expect, it } from 'vitest';
import { rowsLayout } from '../../../tests/make';
import type { Change, KeptLayout } from '../../core/model';
import type { FitColumn } from '../../workers/protocol';
import type { FilledFile } from '../state/hand-over';
import { isAsMeant, proofOf, takeWords } from './files/proof';
import { showsOrder, unevenness } from './key-places/places';
import { behindWords, countWords, wordsOf } from './matrix/words';
import { fieldOf, isText, otherSeconds, partOf, sentenceOf } from './open-seam/change-of';

const column: FitColumn = {
  layout: 'a',
  rows: new Uint32Array([0, 1, 2, 2]),
  states: new Uint8Array([0, 1, 2, 3]),
  behind: [],
  changes: new Uint8Array([0, 2, 0, 1]),
  reasons: new Uint16Array([0, 0, 1, 0]),
  words: ['', 'it takes no pairs'],
  codes: ['', 'kind-not-taken'],
  counts: [1, 1, 1, 1],
  total: 5,
} as unknown as FitColumn;

describe('a cell of the matrix', () => {
  it.each([
    [0, 'fits', '✓', 'fits', 'fits as it is'],
    [1, 'changes', '!', '2 changes', 'fits with 2 changes'],
    [2, 'refused', '✕', 'kind', 'it takes no pairs'],
    [3, 'written', '≈', 'written so', 'fits; 1 thing written differently, nothing lost'],
  ])('in row %i is %s', (row, tone, sign, text, title) => {
    expect(wordsOf(column, row)).toEqual({ tone, sign, text, title });
  });
  it('the head of its column says how the questions stand, and how many they become', () => {
    expect(countWords(column)).toBe('2 fit, 1 change, 1 out; 3 become 5');
    expect(countWords({ ...column, counts: [4, 0, 0, 0], total: 4 })).toBe(
      '4 fit, 0 change, 0 out',
    );
  });
  it('the head says what the receiver has no place for, two things by name and all in a sentence', () => {
    const behind = [
      { n: 1, many: 'pictures', counted: '{n, plural, one {# picture} other {# pictures}}' },
      { n: 5, many: 'hints', counted: '{n, plural, one {# hint} other {# hints}}' },
      {
        n: 9,
        many: 'tags',
        counted: '{n, plural, one {# question’s tags} other {# questions’ tags}}',
      },
    ];
    expect(behindWords({ ...column, behind })).toEqual({
      brief: 'no place for pictures, hints …',
      whole:
        'This receiver has no place for 1 picture, 5 hints and 9 questions’ tags. They stay in the bank.',
    });
    expect(behindWords(column)).toBeUndefined();
  });
  it('of a refusal without a word of its own says that it does not fit', () => {
    expect(wordsOf({ ...column, codes: ['', 'some-new-code'] }, 2).text).toBe('does not fit');
  });
});

const file = (change: Partial<FilledFile>): FilledFile =>
  ({
    receipt: { questions: 8 },
    differences: [],
    isStale: false,
    isTaken: false,
    ...change,
  }) as never;
const differences = [{ n: 1, field: 'stem', meant: 'a', found: 'b' }];

describe('a filled file', () => {
  it('is said to be as meant only where it came back so and nothing has changed since', () => {
    expect(proofOf(file({}))).toEqual({
      state: 'fine',
      words: 'Read back by other code: all 8 as meant.',
    });
    expect(proofOf(file({ isTaken: true })).words).toMatch(/Taken\.$/);
    expect(proofOf(file({ differences }))).toEqual({
      state: 'block',
      words: 'Read back: 1 difference.',
    });
    expect(proofOf(file({ isStale: true })).state).toBe('warn');
    expect([file({}), file({ differences }), file({ isStale: true })].map(isAsMeant)).toEqual([
      true,
      false,
      false,
    ]);
  });
  it('is taken under a word that says what it is', () => {
    expect(takeWords(file({}))).toBe('Take the file');
    expect(takeWords(file({ isStale: true }))).toBe('Take it as it was');
    expect(takeWords(file({ isStale: true, differences }))).toBe('Take it with its differences');
  });
});

const kept = (change: Partial<KeptLayout['layout']>): KeptLayout =>
  ({ layout: { ...rowsLayout(['stem', 'option', 'option', 'key']), ...change } }) as KeptLayout;

describe('where right answers lie', () => {
  it('is told where one place has half as much again as an even share', () => {
    expect(unevenness({ before: [6, 2, 2], after: [], questions: 10 })).toBe(
      '6 of 10 right answers lie at A',
    );
    expect(unevenness({ before: [4, 3, 3], after: [], questions: 10 })).toBeUndefined();
    expect(unevenness({ before: [4, 0, 0], after: [], questions: 4 })).toBeUndefined();
  });
  it('says nothing to a receiver that shuffles, or whose key has a place of its own', () => {
    expect(showsOrder(kept({}))).toBe(true);
    expect(showsOrder(kept({ shuffles: true }))).toBe(false);
    expect(showsOrder(kept({ key: { style: 'first' } }))).toBe(false);
    expect(showsOrder(kept({ shape: 'grid' }))).toBe(false);
  });
});

describe('a change', () => {
  const change = (field: string, from = '30', to = '25'): Change => ({
    field,
    from,
    to,
    why: 'it is not on the list',
  });
  it('is known by its field, in the first or a further question', () => {
    expect([fieldOf(change('parts.2.options.1')), partOf(change('parts.2.options.1'))]).toEqual([
      'options.1',
      2,
    ]);
    expect([fieldOf(change('stem')), partOf(change('stem'))]).toEqual(['stem', 0]);
  });
  it('of a text can be written by hand; of a time limit the nearest others are offered', () => {
    expect(['stem', 'options.2', 'seconds', 'kind'].map((field) => isText(change(field)))).toEqual([
      true,
      true,
      false,
      false,
    ]);
    const layout = {
      ...rowsLayout(['stem', 'option', 'option', 'key']),
      limits: { seconds: [15, 25, 40, 75] },
    };
    expect(otherSeconds(change('seconds'), layout)).toEqual([40, 15]);
    expect(otherSeconds(change('stem'), layout)).toEqual([]);
  });
  it('says what becomes of it where no cell beside it does', () => {
    expect(sentenceOf(change('points'))).toBe('it is not on the list. Becomes 25.');
    expect(sentenceOf(change('stem'))).toBe('it is not on the list.');
  });
});
