// Options that only longer questions have, and headings that count up with others between them.
import { describe, expect, it } from 'vitest';
import { A, B, column, lines, STEMS, takenAs, view } from '../../../tests/tables';
import { MEANINGS, type ColumnView, type Meaning } from './contract';
import { SURE, understandColumns } from './columns';
import { countedSides, groupNames } from './heading-groups';
import { withLongerRows } from './longer-rows';
import { viewOf } from './view';

const EVEN = MEANINGS.map(() => 1 / MEANINGS.length);
const stems = column('', ...STEMS);
const [first, second] = [column('', ...A), column('', ...B)];

/** Whether the last of some columns leans to one more option. */
function isOneMore(columns: readonly ColumnView[], ...base: Meaning[]): boolean {
  const odds = withLongerRows(
    view(columns),
    columns.map(() => EVEN),
    takenAs(...base),
  );
  const own = odds.at(-1)!;
  return own !== EVEN && MEANINGS[own.indexOf(Math.max(...own))] === 'option';
}

describe('a column behind the options that only some rows fill', () => {
  const third = column('', '', 'a weir', '', 'a duck');
  it.each<[string, string[], boolean]>([
    ['whose places the key names', ['A', 'C', 'B', 'C'], true],
    ['whose texts the key repeats', ['a boat', 'a weir', 'a stone', 'a duck'], true],
    ['that no key needs', ['A', 'B', 'B', 'A'], false],
  ])('%s', (_, keys, isOption) => {
    const key = column('', ...keys);
    const as = ['stem', 'key', 'option', 'option', 'ignore'] as const;
    expect(isOneMore([stems, key, first, second, third], ...as)).toBe(isOption);
  });

  it('has a name of its own, or is filled where the options are not', () => {
    const key = column('', 'A', 'C', 'B', 'C');
    const as = ['stem', 'key', 'option', 'option', 'ignore'] as const;
    const named = column('Remark', ...third.texts);
    expect(isOneMore([stems, key, first, second, named], ...as)).toBe(false);
    const shorter = column('', 'a lock', '', 'a stone', 'the keeper');
    expect(isOneMore([stems, key, first, shorter, third], ...as)).toBe(false);
  });

  it('holds the sign of a right answer where the row has none', () => {
    const signed = column('', 'a lock', 'a sill', 'a stone *', 'the keeper');
    const boat = column('', 'a boat *', 'a gate', 'a hull', 'the crew');
    const as = ['stem', 'option', 'option', 'ignore'] as const;
    const more = column('', '', 'a weir *', '', 'a duck *');
    expect(isOneMore([stems, boat, signed, more], ...as)).toBe(true);
    expect(isOneMore([stems, boat, signed, third], ...as)).toBe(false);
    // A note that carries the same sign stands at a question that is answered already.
    const note = column('', 'ask Ann *', '', '', '');
    expect(isOneMore([stems, boat, signed, note], ...as)).toBe(false);
  });

  it('is made as all options of its rows are, whatever the key says', () => {
    const key = column('', 'A', 'B', 'B', 'A');
    const as = ['stem', 'key', 'option', 'option', 'ignore'] as const;
    const one = column('', '15', 'a gate', 'Rome = 3', 'the crew');
    const two = column('', '27', 'a sill', 'Oslo = 4', 'the keeper');
    const made = (...texts: string[]): boolean =>
      isOneMore([stems, key, one, two, column('', ...texts)], ...as);
    expect(made('21', '', 'Bern = 4', '')).toBe(true);
    expect(made('', '', '4 = four', 'a keeper')).toBe(true);
    expect(made('', '3', '', '2')).toBe(false);
    expect(made('', 'see page', '', 'ask Ann')).toBe(false);
  });

  it('goes one step further down where the options step down already, which is no certainty', () => {
    const key = column('', 'A', 'B', 'B', 'A');
    const as = ['stem', 'key', 'option', 'option', 'option', 'ignore'] as const;
    const shorter = column('', 'a rope', '', 'a rock', 'a duck');
    const stepping = (last: ColumnView): number => {
      const columns = [stems, key, first, second, shorter, last];
      const odds = withLongerRows(
        view(columns),
        columns.map(() => EVEN),
        takenAs(...as),
      ).at(-1)!;
      return odds === EVEN ? 0 : Math.max(...odds);
    };
    const p = stepping(column('', '', '', 'a pole', ''));
    expect(p).toBeGreaterThan(0.5);
    expect(p).toBeLessThan(SURE);
    // What repeats an option of its row is what names it.
    expect(stepping(column('', '', '', 'a rock', ''))).toBe(0);
    expect(stepping(column('', '', 'a pole', '', ''))).toBe(0);
  });

  it('stays in sight behind the last heading where it steps down, and is a note where it does not', () => {
    const rows = (last: readonly string[]) =>
      lines(
        'Question|Answers|||',
        ...[
          'one|a|b|c|',
          'two|d|e|f|',
          'three|g|h|r|',
          'four|i|j||',
          'five|k|l||',
          'six|m|n|o|',
        ].map((line, row) => `${line}${last[row] ?? ''}`),
      );
    const widthOf = (last: readonly string[]): number =>
      viewOf(rows(last), 0, 1, false).columns.length;
    expect(widthOf(['p', 'q'])).toBe(5);
    expect(widthOf(['p', '', '', 'q'])).toBe(4);
    expect(widthOf(['p'])).toBe(5);
    expect(widthOf(['', '', '', 'q'])).toBe(4);
  });
});

describe('headings that count', () => {
  const names = (...headings: string[]): string[] =>
    groupNames(view(headings.map((heading) => column(heading))));

  it('are of one kind side by side, and with as many others between each two of them', () => {
    expect(new Set(names('A', 'B', 'C')).size).toBe(1);
    const [, a, , b, , c] = names(
      'Question',
      'A',
      'Right or wrong? A',
      'B',
      'Right or wrong? B',
      'C',
    );
    expect(a).toMatch(/^counting/);
    expect([b, c]).toEqual([a, a]);
    expect(new Set(names('Qn', 'AA', 'AB', 'AC', 'AD', 'AE')).size).toBe(2);
    expect(names('A', 'Why', 'B', 'C', 'D')[0]).not.toMatch(/^counting/);
    expect(names('A', 'Why', 'What', 'Who', 'B', 'Why', 'What', 'Who', 'C')[0]).not.toMatch(
      /^counting/,
    );
  });

  it('with letters that begin a word are of a kind with their likes alone', () => {
    const [, right, wrong, again] = names('Vr.', 'J. antw.', 'F. antw.', 'F. antw.');
    expect(again).toBe(wrong);
    expect(right).not.toBe(wrong);
    const [one, two, good] = names('Rép. 1', 'Rép. 2', 'B. rép.');
    expect(two).toBe(one);
    expect(good).not.toBe(one);
  });

  it('and one letter each for left and right are the sides of pairs', () => {
    const sides = (...headings: string[]) =>
      countedSides(view(headings.map((heading) => column(heading))));
    expect(sides('Qn', 'LA', 'RA', 'LB', 'RB', 'LC', 'RC')).toEqual({
      left: [1, 3, 5],
      right: [2, 4, 6],
    });
    expect(sides('Qn', 'G1', 'D1', 'G2', 'D2', 'G3', 'D3')?.left).toEqual([1, 3, 5]);
    expect(sides('Qn', 'XA', 'YA', 'XB', 'YB', 'XC', 'YC')).toBeUndefined();
    expect(sides('Qn', 'LA', 'LB', 'LC', 'RA', 'RB', 'RC')).toBeUndefined();
  });

  it('keep columns in line that one of them alone would leave', () => {
    const region = lines(
      'Qn|AA|AB|AC|AD|AE',
      'What is 15 % of 200?|30|25|34|35|15',
      'Which fraction is a half?|3/6|2/3|4/6||',
      'Which solid has six faces?|Cube|Sphere|Pyramid|Cylinder|Prism with a triangle as base',
      'What is 7 times 8?|56|48|54|63|',
      'How many sides has a hexagon?|6|8|10|7|5',
    );
    expect(understandColumns(region, 0, 1).map(({ meaning }) => meaning)).toEqual([
      'stem',
      ...Array.from({ length: 5 }, () => 'option'),
    ]);
  });

  it('of columns without a cell tell nothing beside an empty column of another block', () => {
    const region = lines(
      '|Column 1|Column 2|Column 3',
      '|tendon||a cord that joins a muscle to a bone',
      '|retina||the layer of the eye that takes the light',
      '|artery||a vessel that leaves the heart',
    );
    expect(understandColumns(region, 0, 1).map(({ meaning }) => meaning)).toEqual([
      'term',
      'ignore',
      'definition',
    ]);
  });
});
