// A block of a sheet as columns: which headings, groups, lists and cells each of them is seen with.
import { describe, expect, it } from 'vitest';
import type { Sheet } from '../model';
import { sheetWith } from '../shared/sheet';
import { regionOf } from '../shared/table/region';
import { headingAt } from './headings-at';
import { viewOf } from './view';

const regionWith = (rows: readonly string[], change: Partial<Sheet> = {}) =>
  regionOf({
    ...sheetWith({ name: 'Sheet1', rows: rows.map((line) => line.split('|')) }),
    ...change,
  });
const over = (row: number, left: number, right: number) => ({
  top: row,
  bottom: row,
  left,
  right,
});
const headings = (...given: Parameters<typeof viewOf>): string[] =>
  viewOf(...given).columns.map(({ heading }) => heading);
const groups = (...given: Parameters<typeof viewOf>): string[] =>
  viewOf(...given).columns.map(({ group }) => group);

const ROWS = [
  'Who waits?|a boat|a lock|A',
  'What opens?|a gate|a sill|A',
  'Who steers?|a hull|the crew|B',
];

describe('the columns of a table', () => {
  it('are headed by nothing where the headings only count all of them, and by a counted part of them as they stand', () => {
    const counted = regionWith(['Field 1|Field 2|Field 3|Field 4', ...ROWS]);
    expect(headings(counted, 0, 1, false)).toEqual(['', '', '', '']);
    expect(headings(counted, 0, 1, true)).toEqual(['Field 1', 'Field 2', 'Field 3', 'Field 4']);
    const partly = regionWith(['|Answer 1|Answer 2|Answer 3', ...ROWS]);
    expect(headings(partly, 0, 1, false)).toEqual(['', 'Answer 1', 'Answer 2', 'Answer 3']);
  });
  it('have their headings and the cells below them', () => {
    const found = viewOf(regionWith(['Stem|A|B|Right', ...ROWS]), 0, 1, false);
    expect(found).toMatchObject({ rows: 3, blank: false });
    expect(found.columns[3]).toEqual({
      at: 3,
      heading: 'Right',
      group: '',
      texts: ['A', 'A', 'B'],
    });
  });

  it('have none where no row holds headings, and begin where the region does', () => {
    const region = regionWith(['|' + ROWS[0]!, '|' + ROWS[1]!]);
    const { columns } = viewOf(region, null, 0, false);
    expect(columns.map(({ at, heading, group }) => [at, heading, group])).toEqual([
      [1, '', ''],
      [2, '', ''],
      [3, '', ''],
      [4, '', ''],
    ]);
  });

  it('are shown without rows that say the headings again, title a part or are empty, and cut after four hundred signs', () => {
    const region = regionWith([
      'Stem|A|B|Right',
      ROWS[0]!,
      'stem|a|B|right',
      '|||',
      'Round 1: Gates|||',
      ROWS[1]!,
      'Round 2: Boats|||',
      `${'x'.repeat(500)}|a|b|A`,
    ]);
    const { columns, rows } = viewOf(region, 0, 1, false);
    expect(rows).toBe(3);
    expect(columns[0]!.texts.map((text) => text.length)).toEqual([10, 11, 400]);
  });

  it('show sixty rows at most', () => {
    const many = Array.from({ length: 80 }, (_, n) => `Who ${n}?|a|b|A`);
    expect(viewOf(regionWith(['Stem|A|B|Right', ...many]), 0, 1, false).rows).toBe(60);
  });

  it('have the drop-down list that reaches their first row or stands below it', () => {
    const rule = (left: number, top: number, bottom: number, list?: string[]) => ({
      ranges: [{ top, bottom, left, right: left }],
      ...(list ? { list } : {}),
    });
    const validations = [
      rule(1, 0, 0, ['of the headings']),
      rule(2, 1, 9, ['yes', 'no']),
      rule(3, 1, 9),
    ] as unknown as Sheet['validations'];
    const { columns } = viewOf(
      regionWith(['Stem|A|B|Right', ...ROWS], { validations }),
      0,
      1,
      false,
    );
    expect(columns.map(({ list }) => list)).toEqual([
      undefined,
      undefined,
      ['yes', 'no'],
      undefined,
    ]);
  });
});

describe('columns that are left out', () => {
  const gap = ['Stem|Note|A|B', 'Who waits?||a boat|a lock', 'What opens?||a gate|a sill'];
  it('are empty ones of a source, whatever their heading', () => {
    expect(headings(regionWith(gap), 0, 1, false)).toEqual(['Stem', 'A', 'B']);
    expect(headings(regionWith(gap), 0, 1, true)).toEqual(['Stem', 'Note', 'A', 'B']);
    expect(headings(regionWith(gap.slice(0, 2)), 0, 1, false)).toContain('Note');
  });

  it('but not those that count on from filled ones', () => {
    const options = ['Stem|Option 1|Option 2|Option 3|Right', 'Who?|a|b||A', 'What?|c|d||B'];
    expect(headings(regionWith(options), 0, 1, false)).toContain('Option 3');
  });

  it('are notes in front of the first heading and behind the last, unless most rows fill them', () => {
    const notes = ['|Stem|Right|', 'x|Who?|A|', '|What?|B|see above', '|Why?|A|', '|When?|B|'];
    expect(headings(regionWith(notes), 0, 1, false)).toEqual(['Stem', 'Right']);
    const filled = ['|Stem|Right|', '1|Who?|A|a', '2|What?|B|b', '3|Why?|A|c'];
    expect(headings(regionWith(filled), 0, 1, false)).toEqual(['', 'Stem', 'Right', '']);
  });
});

describe('the group of a column', () => {
  it('is what is merged over it in the row above, or in its own', () => {
    const rows = ['Question|Answers||Right', '|first|second|', ...ROWS];
    const merged = regionWith(rows, { merges: [over(0, 1, 2)] });
    expect(groups(merged, 1, 2, false)).toEqual(['Question', 'Answers', 'Answers', 'Right']);
    const own = regionWith(['Stem|Answers||Right', ...ROWS], { merges: [over(0, 1, 2)] });
    expect(groups(own, 0, 1, false)).toEqual(['', 'Answers', 'Answers', '']);
    // What is merged downwards reaches over nothing.
    const down = { top: 0, bottom: 1, left: 0, right: 0 };
    expect(
      groups(regionWith(['Stem|A|B|Right', ...ROWS], { merges: [down] }), 0, 1, false),
    ).toEqual(['', '', '', '']);
  });

  it('is what stands above it in a row of several, and not in a title', () => {
    expect(groups(regionWith(['Stem|Choice|Choice|', 's|1|2|k', ...ROWS]), 1, 2, false)).toEqual([
      'Stem',
      'Choice',
      'Choice',
      '',
    ]);
    expect(groups(regionWith(['The evening|||', 's|1|2|k', ...ROWS]), 1, 2, false)).toEqual([
      '',
      '',
      '',
      '',
    ]);
  });

  it('is the heading that reaches over two columns and more without one, where their texts are of its kind', () => {
    const rows = ROWS.map((row, n) =>
      row.replace(/\|[AB]$/u, `|a ${['rope', 'pole', 'duck'][n]}|A`),
    );
    const reaching = regionWith(['Stem|Answers|||Right', ...rows]);
    expect(groups(reaching, 0, 1, false)).toEqual(['', 'Answers', 'Answers', 'Answers', '']);
    const lone = regionWith(['Stem|Answers||Right', ...ROWS]);
    expect(groups(lone, 0, 1, false)).toEqual(['', '', '', '']);
    const signs = regionWith([
      'Stem|Answers|||Right',
      'Who?|a boat|1|2|A',
      'What?|a gate|3|4|B',
      'Why?|a hull|5|6|A',
    ]);
    expect(groups(signs, 0, 1, false)[1]).toBe('');
  });
});

describe('a heading', () => {
  const rows = ['Question|Answers|||Solution', '|A|B|C|', 'Who?|a|b|c|A', 'What?|d|e|f|B'];
  it('reaches down from the row above where that one holds headings over letters', () => {
    const region = regionWith(rows);
    expect([0, 1, 4].map((column) => headingAt(region, 1, column))).toEqual([
      'Question',
      'A',
      'Solution',
    ]);
    expect(headingAt(region, 0, 4)).toBe('Solution');
  });

  it('does not where that one is a question, a sentence or merged over several', () => {
    const words = regionWith([
      'Question|Answers|||Solution',
      '|first|second|third|',
      ...rows.slice(2),
    ]);
    expect(headingAt(words, 1, 0)).toBe('');
    const long = regionWith([
      `${'Say which of them is right '.repeat(2)}|Answers|||Key`,
      ...rows.slice(1),
    ]);
    expect(headingAt(long, 1, 4)).toBe('');
    expect(headingAt(regionWith(['|Answers|||', ...rows.slice(1)]), 1, 0)).toBe('');
    const merged = regionWith(rows, { merges: [over(0, 3, 4)] });
    expect(headingAt(merged, 1, 4)).toBe('');
  });
});
