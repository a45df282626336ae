// A cell that says something which the layout has no meaning for is told, though the rest of its row says what was meant.
import { describe, expect, it } from 'vitest';
import { item, options, rowsLayout } from '../../../tests/make';
import type { Item, Layout } from '../model';
import { sheetWith } from '../shared/sheet';
import { compare, readBack } from '.';

/** What a sheet of these rows says against one question. */
function told(layout: Layout, rows: string[][], meant: Item) {
  const sheet = sheetWith({ name: 'Form', rows: [[], ...rows] });
  const table = { file: 'a.csv', format: 'csv' as const, sheets: [sheet], findings: [] };
  return compare([meant], readBack(table, layout), layout).map(({ field, found }) => [
    field,
    found,
  ]);
}
const asked = item({ stem: { plain: 'What?' }, options: options('a', '*b', 'c') });

describe('what a file says besides what was meant', () => {
  const lettered = rowsLayout(['stem', 'option', 'option', 'option', 'key']);
  it('a right key is right', () => {
    expect(told(lettered, [['What?', 'a', 'b', 'c', 'B']], asked)).toEqual([]);
  });

  it.each(['B,D', 'B,?', 'D'])('a key of %s names an option that is not there', (key) => {
    const layout: Layout = { ...lettered, key: { style: 'letter', separator: ',' } };
    const fields = told(layout, [['What?', 'a', 'b', 'c', key]], asked).map(([field]) => field);
    expect(fields).toContain('key, not understood');
  });

  it.each([
    ['number', '2,9'],
    ['number-from-0', '1,3'],
    ['text', 'b; d'],
  ] as const)('and so in the notation %s', (style, key) => {
    const layout: Layout = {
      ...lettered,
      key: { style, separator: style === 'text' ? '; ' : ',' },
    };
    const fields = told(layout, [['What?', 'a', 'b', 'c', key]], asked).map(([field]) => field);
    expect(fields).toContain('key, not understood');
  });

  it('a verdict that says neither right nor wrong', () => {
    const layout = rowsLayout(
      ['stem', 'option', 'verdict', 'option', 'verdict', 'option', 'verdict'],
      {
        key: { style: 'verdict', right: 'ok', wrong: 'no' },
      },
    );
    const row = ['What?', 'a', 'perhaps', 'b', 'ok', 'c', 'no'];
    expect(told(layout, [row], asked)).toEqual([['verdict.0, not understood', 'perhaps']]);
    // Prepared verdicts behind empty places are nobody's.
    const two = item({ stem: { plain: 'What?' }, options: options('a', '*b') });
    expect(told(layout, [['What?', 'a', 'no', 'b', 'ok', '', '–']], two)).toEqual([]);
  });

  it('a word for the kind that the receiver has not', () => {
    const layout = rowsLayout(['kind', 'stem', 'option', 'option', 'option', 'key'], {
      kinds: [{ kind: 'choice-one', code: 'MC' }],
    });
    const row = (kind: string): string[] => [kind, 'What?', 'a', 'b', 'c', 'B'];
    expect(told(layout, [row('MC')], asked)).toEqual([]);
    expect(told(layout, [row('XX')], asked)).toEqual([['kind, not understood', 'XX']]);
  });

  it('text where a number is to stand', () => {
    const layout = rowsLayout(['stem', 'option', 'option', 'option', 'key', 'points', 'seconds']);
    const row = (points: string, seconds: string): string[] => [
      'What?',
      'a',
      'b',
      'c',
      'B',
      points,
      seconds,
    ];
    const meant = { ...asked, points: 2, seconds: 30 };
    expect(told(layout, [row('2', '30')], meant)).toEqual([]);
    const fields = told(layout, [row('two', 'soon')], meant).map(([field]) => field);
    expect(fields).toEqual(
      expect.arrayContaining(['points.0, not understood', 'seconds, not understood']),
    );
  });

  it('another text in a column that is always the same', () => {
    const layout: Layout = {
      ...lettered,
      columns: [
        ...lettered.columns,
        { column: 'F', role: 'constant', heading: 'Shelf', default: 'Autumn' },
      ],
    };
    const row = (constant: string): string[] => ['What?', 'a', 'b', 'c', 'B', constant];
    expect(told(layout, [row('Autumn')], asked)).toEqual([]);
    expect(told(layout, [row('Spring')], asked)).toEqual([['column F, not understood', 'Spring']]);
  });

  it('a question that is not there, and one too many', () => {
    const row = ['What?', 'a', 'b', 'c', 'B'];
    expect(told(lettered, [], asked)).toEqual([['question', '']]);
    expect(told(lettered, [row, ['Who?', 'a', 'b', 'c', 'A']], asked)).toEqual([
      ['question', 'Who?'],
    ]);
  });
});
