// Columns without headings that another one names, or that stand behind questions, are options.
import { describe, expect, it } from 'vitest';
import { A, B, column, STEMS, taken, takenAs, view } from '../../../tests/tables';
import type { Assigned } from './assign';
import { MEANINGS, type ColumnView, type Meaning } from './contract';
import { withNamedRuns } from './unheaded';

const EVEN = MEANINGS.map(() => 1 / MEANINGS.length);

/** What the columns lean to, and how far; 'as before' where nothing is changed. */
function leaning(columns: readonly ColumnView[], base: readonly Assigned[]): string[] {
  const odds = columns.map(() => EVEN);
  return withNamedRuns(view(columns), odds, base).map((own) => {
    const most = Math.max(...own);
    return own === EVEN ? 'as before' : `${MEANINGS[own.indexOf(most)]!} ${most.toFixed(1)}`;
  });
}
const as = (...meanings: Meaning[]): Assigned[] => takenAs(...meanings);

const stems = column('', ...STEMS);
const [first, second] = [column('', ...A), column('', ...B)];
const third = column('', 'a rope', 'a pole', 'a rock', 'a duck');

describe('columns without headings', () => {
  it.each<[string, ColumnView, string]>([
    ['by their letters', column('', 'A', 'B', 'A', 'A'), 'key 0.9'],
    ['by their texts', column('', 'a boat', 'a sill', 'a hull', 'the crew'), 'key 0.9'],
    ['by their numbers', column('', '1', '2', '1', '1'), 'key 0.9'],
  ])('are options where another one names them %s', (_, key, leans) => {
    const base = as('stem', 'hint', 'hint', 'ignore');
    expect(leaning([stems, first, second, key], base)).toEqual([
      'as before',
      'option 0.9',
      'option 0.9',
      leans,
    ]);
  });

  it('may be named by the column in front of them, or by the last of them', () => {
    const key = column('', 'A', 'B', 'A', 'A');
    expect(leaning([stems, key, first, second], as('stem', 'ignore', 'hint', 'hint'))[1]).toBe(
      'key 0.9',
    );
    const word = column('', 'a boat', 'a sill', 'a hull', 'the crew');
    expect(leaning([stems, first, second, word], as('stem', 'hint', 'hint', 'hint'))[3]).toBe(
      'key 0.9',
    );
  });

  it.each<[string, ColumnView[], Meaning[]]>([
    [
      'the key is the same in each row',
      [stems, first, second, column('', 'A', 'A', 'A', 'A')],
      ['stem', 'hint', 'hint', 'ignore'],
    ],
    [
      'a number names one of them nearly always and not always',
      [stems, first, second, column('', '1', '2', '1', '7')],
      ['stem', 'hint', 'hint', 'ignore'],
    ],
    [
      'options and what tells the right one are found already',
      [stems, first, second, column('', 'A', 'B', 'A', 'A'), column('', 'a', 'b', 'a', 'b')],
      ['stem', 'option', 'option', 'ignore', 'key'],
    ],
    [
      'they have headings',
      [stems, column('Hint', ...A), column('Why', ...B), column('', 'A', 'B', 'A', 'A')],
      ['stem', 'hint', 'explanation', 'ignore'],
    ],
    [
      'what may name them has one',
      [stems, first, second, column('Room', 'A', 'B', 'A', 'A')],
      ['stem', 'hint', 'hint', 'ignore'],
    ],
    [
      'they hold links',
      [
        stems,
        ...['a', 'b', 'c'].map((name) =>
          column('', ...STEMS.map((_, n) => `https://pictures.example/${name}${n}`)),
        ),
      ],
      ['stem', 'image', 'image', 'image'],
    ],
    [
      'most of their cells are empty',
      [stems, first, column('', 'a lock', '', '', ''), column('', 'A', '', '', '')],
      ['stem', 'hint', 'hint', 'ignore'],
    ],
    [
      'there are two rows',
      [
        column('', ...STEMS.slice(0, 2)),
        column('', ...A.slice(0, 2)),
        column('', ...B.slice(0, 2)),
        column('', 'A', 'B'),
      ],
      ['stem', 'hint', 'hint', 'ignore'],
    ],
  ])('are none where %s', (_, columns, meanings) => {
    expect(new Set(leaning(columns, as(...meanings)))).toEqual(new Set(['as before']));
  });

  it('are likely options where three of them follow questions, though nothing names one', () => {
    const base = as('stem', 'hint', 'hint', 'hint');
    expect(leaning([stems, first, second, third], base)).toEqual([
      'as before',
      'option 0.6',
      'option 0.6',
      'option 0.6',
    ]);
    expect(leaning([stems, first, second], base.slice(0, 3))[1]).toBe('as before');
    const told = column('', ...STEMS.map((text) => text.replace('?', '.')));
    expect(leaning([told, first, second, third], base)[1]).toBe('as before');
    // Behind something else than the question they may be anything.
    const apart = [stems, column('Ref', 'R1', 'R2', 'R3', 'R4'), first, second, third];
    expect(leaning(apart, [taken('stem'), taken('ref'), ...base.slice(1)])[2]).toBe('as before');
  });
});

describe('a lone column that names options', () => {
  const numbers = (...texts: string[]): ColumnView => column('', ...texts);
  const as1 = as('points', 'stem', 'option', 'option', 'option');
  const table = (key: ColumnView): ColumnView[] => [key, stems, first, second, third];
  it('is the key where nothing else tells the right ones, though it may be points', () => {
    expect(leaning(table(numbers('3', '1', '2', '3')), as1)[0]).toBe('key 0.8');
    const letters = column('', 'A', 'B', 'A', 'A');
    const base = as('stem', 'option', 'option', 'ignore');
    expect(leaning([stems, first, second, letters], base)[3]).toBe('key 0.8');
  });
  it('is none where it names none of them in a row, or always the same', () => {
    expect(leaning(table(numbers('3', '1', '2', '4')), as1)[0]).toBe('as before');
    expect(leaning(table(numbers('1', '1', '1', '1')), as1)[0]).toBe('as before');
  });
  it('is none beside a key, a right answer or signs at the options', () => {
    const key = numbers('3', '1', '2', '3');
    const told = as('points', 'stem', 'option', 'option', 'option', 'key');
    expect(leaning([...table(key), column('', 'A', 'B', 'A', 'C')], told)[0]).toBe('as before');
    const signed = column('', '*a boat', 'a gate', '*a hull', '*the crew');
    expect(leaning([key, stems, signed, second, third], as1)[0]).toBe('as before');
  });
});
