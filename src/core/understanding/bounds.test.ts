import { describe, expect, it } from 'vitest';
import { column, meaningsOf, takenAs, view } from '../../../tests/tables';
import { withBounds } from './bounds';

const stem = column('Question', 'How long is it?', 'How deep?', 'How wide?');
const value = column('Answer', '10', '2', '5');
const read = (columns: ReturnType<typeof column>[], ...taken: Parameters<typeof takenAs>) =>
  withBounds(view(columns), takenAs(...taken), new Map());

describe('the lowest and the highest number that count', () => {
  it.each([
    ['English', 'Min', 'Max'],
    ['German', 'Untere Grenze', 'Obere Grenze'],
    ['French', 'Borne inférieure', 'Borne supérieure'],
    ['more words', 'Accepted from', 'Accepted to'],
  ])('are told by a pair of words: %s', (_, low, high) => {
    const ends = [column(low, '9', '', '4'), column(high, '11', '', '6')];
    const found = read([stem, ...ends], 'stem', 'points', 'ignore');
    expect(meaningsOf(found)).toEqual(['stem', 'tolerance', 'tolerance']);
    expect(found[1]!.p).toBe(0.95);
    expect(found[1]!.others[0]).toEqual({ meaning: 'points', p: 0.9 });
  });

  it('are told by the numbers of each row around the answer, the surer the more rows there are', () => {
    const ends = [column('Von hier', '9', '1', '4'), column('Vrigl', '11', '3', '6')];
    const three = read([stem, value, ...ends], 'stem', 'value', 'points', 'tag');
    expect(three.map(({ meaning, p }) => [meaning, p])).toEqual([
      ['stem', 0.9],
      ['value', 0.9],
      ['tolerance', 0.95],
      ['tolerance', 0.95],
    ]);
    const two = [column('Snok', '9', '', '4'), column('Vrigl', '11', '', '6')];
    expect(read([stem, value, ...two], 'stem', 'value', 'points', 'tag')[2]).toMatchObject({
      meaning: 'tolerance',
      p: 0.7,
    });
  });

  it.each([
    ['the answer lies outside once', ['9', '3', '4'], ['11', '5', '6']],
    ['the two are the same', ['10', '2', '5'], ['10', '2', '5']],
    ['one end is missing', ['9', '1', '4'], ['11', '', '6']],
    ['they hold words', ['low', 'low', 'low'], ['high', 'high', 'high']],
  ])('are none where %s', (_, low, high) => {
    const ends = [column('Snok', ...low), column('Vrigl', ...high)];
    const found = read([stem, value, ...ends], 'stem', 'value', 'points', 'tag');
    expect(meaningsOf(found)).toEqual(['stem', 'value', 'points', 'tag']);
  });

  it.each([
    ['the higher stands first', ['11', '3', '6'], ['9', '1', '4']],
    ['one of them is empty alone', ['9', '', '4'], ['11', '3', '6']],
  ])('are none though named where %s', (_, low, high) => {
    const ends = [column('Min', ...low), column('Max', ...high)];
    expect(meaningsOf(read([stem, ...ends], 'stem', 'points', 'ignore'))).toEqual([
      'stem',
      'points',
      'ignore',
    ]);
  });

  it('are none where the words differ in more, or stand the other way round', () => {
    const numbers = [['9', '1', '4'] as const, ['11', '3', '6'] as const] as const;
    for (const [low, high] of [
      ['Max', 'Min'],
      ['Min points', 'Max seconds'],
      ['Min', 'Max points'],
    ] as const) {
      const ends = [column(low, ...numbers[0]), column(high, ...numbers[1])];
      expect(meaningsOf(read([stem, ...ends], 'stem', 'points', 'ignore'))).toEqual([
        'stem',
        'points',
        'ignore',
      ]);
    }
  });

  it('need a column that asks, columns that nobody spoke for, and no options to choose from', () => {
    const ends = [column('Min', '9', '1', '4'), column('Max', '11', '3', '6')];
    expect(meaningsOf(read([stem, ...ends], 'title', 'points', 'ignore'))).toEqual([
      'title',
      'points',
      'ignore',
    ]);
    const said = withBounds(
      view([stem, ...ends]),
      takenAs('stem', 'points', 'ignore'),
      new Map([[2, 'ignore' as const]]),
    );
    expect(meaningsOf(said)).toEqual(['stem', 'points', 'ignore']);
    const options = [column('A', 'x', 'y', 'z'), ...ends];
    expect(meaningsOf(read([stem, ...options], 'stem', 'option', 'points', 'ignore'))).toEqual([
      'stem',
      'option',
      'points',
      'ignore',
    ]);
    expect(meaningsOf(read([stem, ...ends], 'stem', 'hint', 'ignore'))).toEqual([
      'stem',
      'hint',
      'ignore',
    ]);
  });
});
