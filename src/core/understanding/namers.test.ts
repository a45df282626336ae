// Columns that name the options of their rows, with headings and without.
import { describe, expect, it } from 'vitest';
import { column, taken, takenAs, view } from '../../../tests/tables';
import { MEANINGS, type Meaning } from './contract';
import { withNamers } from './namers';
import { scaled } from './scaled';
import { withNamedRuns } from './unheaded';

/** Odds that lean to one meaning, and to others as far as they are given. */
const leaning = (meaning: Meaning, others: Partial<Record<Meaning, number>> = {}): number[] =>
  scaled(MEANINGS.map((one) => (one === meaning ? 1 : (others[one] ?? 0.001))));
const likeliest = (odds: readonly number[]): Meaning => MEANINGS[odds.indexOf(Math.max(...odds))]!;
const oddsOf = (odds: readonly number[], meaning: Meaning): number =>
  odds[MEANINGS.indexOf(meaning)]!;

const stem = column('', 'Who waits?', 'What opens?', 'What floats?', 'Who steers?');
const first = column('', 'a boat', 'a gate', 'a hull', 'the crew');
const second = column('', 'a lock', 'a sill', 'a stone', 'the keeper');
const third = column('', 'a weir', 'a beam', 'a rope', 'nobody');
const letters = column('', 'A', 'C', 'B', 'A');

describe('columns without headings that one of the others names', () => {
  const runs = (columns: ReturnType<typeof column>[], ...meanings: Meaning[]) =>
    withNamedRuns(
      view(columns),
      meanings.map((one) => leaning(one)),
      takenAs(...meanings),
    ).map(likeliest);

  it.each([
    [
      'behind them',
      [stem, first, second, third, letters],
      ['stem', 'option', 'option', 'option', 'key'],
    ],
    [
      'before them',
      [stem, letters, first, second, third],
      ['stem', 'key', 'option', 'option', 'option'],
    ],
    [
      'by its text, as the last of their run',
      [stem, first, second, third, column('', 'a lock', 'a gate', 'a rope', 'nobody')],
      ['stem', 'option', 'option', 'option', 'key'],
    ],
    [
      'by numbers',
      [stem, first, second, third, column('', '1', '3', '2', '2')],
      ['stem', 'option', 'option', 'option', 'key'],
    ],
  ])('are options: %s', (_, columns, meant) => {
    const untold = columns.map((_column, at): Meaning => (at ? 'tag' : 'stem'));
    expect(runs(columns, ...untold)).toEqual(meant);
  });

  it('are options as well where they follow questions, though nothing tells the right one', () => {
    expect(runs([stem, first, second, third], 'stem', 'tag', 'hint', 'tag')).toEqual([
      'stem',
      'option',
      'option',
      'option',
    ]);
    // Two may be an answer and a remark, and what does not ask offers nothing.
    expect(runs([stem, first, second], 'stem', 'tag', 'hint')).toEqual(['stem', 'tag', 'hint']);
    const told = column('', 'It waits.', 'It opens.', 'It floats.', 'It steers.');
    expect(runs([told, first, second, third], 'stem', 'tag', 'hint', 'tag')).toEqual([
      'stem',
      'tag',
      'hint',
      'tag',
    ]);
  });

  it.each([
    ['always the same one', column('', 'A', 'A', 'A', 'A')],
    ['none', column('', 'Q', 'R', 'S', 'T')],
    ['places that are not there', column('', 'A', 'F', 'G', 'H')],
    ['numbers past the last option now and then', column('', '1', '4', '2', '3')],
    ['one in two rows alone', column('', 'A', 'B', '', '')],
  ])('are none where what stands beside them names %s', (_, key) => {
    const told = column('', 'It waits.', 'It opens.', 'It floats.', 'It steers.');
    const odds = runs([told, first, second, third, key], 'stem', 'tag', 'tag', 'tag', 'points');
    expect(odds).toEqual(['stem', 'tag', 'tag', 'tag', 'points']);
  });

  it('stay what they are where they have headings, are lists or links, or where options are known already', () => {
    const named = { ...first, heading: 'Remark' };
    const told = column('', 'It waits.', 'It opens.', 'It floats.', 'It steers.');
    expect(runs([told, named, second, letters], 'stem', 'tag', 'tag', 'points')[1]).toBe('tag');
    const links = column(
      '',
      'https://a.example/1',
      'https://a.example/2',
      'www.b.example',
      'https://c.example',
    );
    expect(runs([told, links, links, letters], 'stem', 'tag', 'tag', 'points')).toEqual([
      'stem',
      'tag',
      'tag',
      'points',
    ]);
    expect(
      runs([stem, first, second, third, letters], 'stem', 'option', 'option', 'tag', 'points'),
    ).toEqual(['stem', 'option', 'option', 'tag', 'points']);
  });
});

describe('columns that name options whatever else they hold', () => {
  const base = takenAs('stem', 'option', 'option', 'option', 'accepted');
  const odds = [
    leaning('stem'),
    leaning('option'),
    leaning('option'),
    leaning('option'),
    leaning('accepted'),
  ];

  it('may be the key, at least a little', () => {
    const named = withNamers(view([stem, first, second, third, letters]), odds, base);
    expect(oddsOf(named[4]!, 'key')).toBeCloseTo(0.05, 6);
    const likelier = [...odds.slice(0, 4), leaning('accepted', { key: 0.5 })];
    const kept = withNamers(view([stem, first, second, third, letters]), likelier, base);
    expect(kept[4]).toEqual(likelier[4]);
  });
  it('may not where they name none, or are taken for what is no answer', () => {
    const words = column('', 'p', 'q', 'r', 's');
    expect(withNamers(view([stem, first, second, third, words]), odds, base)[4]).toEqual(odds[4]);
    const hint = [...base.slice(0, 4), taken('hint')];
    expect(withNamers(view([stem, first, second, third, letters]), odds, hint)[4]).toEqual(odds[4]);
  });
  it('are the key where they say another option’s text in each row, though they look like one', () => {
    const again = column('', 'a lock', 'a gate', 'a stone', 'the crew');
    const options = takenAs('stem', 'option', 'option', 'option');
    const own = odds.slice(0, 4);
    const named = withNamers(view([stem, first, second, again]), own, options);
    expect(likeliest(named[3]!)).toBe('key');
    expect(oddsOf(named[3]!, 'key')).toBeCloseTo(0.9, 6);
    expect(likeliest(named[1]!)).toBe('option');
    const short = [stem, first, second, again].map((one) => ({
      ...one,
      texts: one.texts.slice(0, 2),
    }));
    expect(withNamers(view(short), own, options)).toEqual(own);
  });
  it('are left alone where the right option is told already, or there are no two options', () => {
    const told = takenAs('stem', 'option', 'option', 'verdict', 'accepted');
    expect(withNamers(view([stem, first, second, third, letters]), odds, told)).toEqual(odds);
    const lone = takenAs('stem', 'option', 'tag', 'tag', 'accepted');
    expect(withNamers(view([stem, first, second, third, letters]), odds, lone)).toEqual(odds);
  });
});
