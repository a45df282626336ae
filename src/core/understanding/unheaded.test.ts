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
      'options are found already',
      [stems, first, second, column('', 'A', 'B', 'A', 'A')],
      ['stem', 'option', 'option', 'ignore'],
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
