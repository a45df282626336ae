// What columns show only beside one another.
import { describe, expect, it } from 'vitest';
import type { ColumnView, TableView } from './contract';
import { column, view } from '../../../tests/tables';
import { shownTogether } from './shown-together';

const table = (...columns: ColumnView[]): TableView => view(columns);
const shown = (view: TableView): (string | undefined)[] => {
  const found = shownTogether(view);
  return view.columns.map((one) => found.get(one));
};

describe('columns ticked in turn', () => {
  const stem = column('Statement', 'Ice floats.', 'Lead floats.', 'Oil floats.', 'Tin floats.');
  it('say true and false by their headings', () => {
    const view = table(stem, column('True', 'x', '', 'x', ''), column('False', '', 'x', '', 'x'));
    expect(shown(view)).toEqual([undefined, 'verdict', 'verdict']);
  });

  it('say it by nothing but their ticks, where nothing else answers', () => {
    const view = table(stem, column('Tak', '✓', '', '✓', ''), column('Nie', '', '✓', '', '✓'));
    expect(shown(view)).toEqual([undefined, 'verdict', 'verdict']);
  });

  it.each([
    ['both in one row', ['x', 'x', 'x', ''], ['x', '', '', 'x']],
    ['other texts', ['x', '', 'maybe', ''], ['', 'x', '', 'x']],
    ['one of them empty', ['x', 'x', 'x', 'x'], ['', '', '', '']],
  ])('are none with %s', (_, yes, no) => {
    const view = table(stem, column('Tak', ...yes), column('Nie', ...no));
    expect(shown(view).filter(Boolean)).toEqual([]);
  });

  it('are what questions belong to beside options with a key', () => {
    const view = table(
      stem,
      column('Option A', 'a', 'b', 'c', 'd'),
      column('Option B', 'e', 'f', 'g', 'h'),
      column('Right answer', 'A', 'B', 'A', 'B'),
      column('Morning', 'x', '', 'x', ''),
      column('Evening', '', 'x', '', 'x'),
    );
    expect(shown(view)).toEqual([undefined, undefined, undefined, 'key', 'tag', 'tag']);
  });
});

describe('verdicts behind options', () => {
  const rows = (...last: string[]): TableView =>
    table(
      column('1', 'What floats?', 'What opens?', 'Who steers?'),
      column('2', 'cork', 'a wall', 'the crew'),
      column('3', 'waar', 'onwaar', 'waar'),
      column('4', 'a stone', 'a gate', 'nobody'),
      column('5', 'onwaar', 'waar', 'onwaar'),
      column('6', '', 'a roof', ''),
      column('7', ...last),
      column('8', '', '', 'pole.png'),
    );

  it('are told by their even steps, though the last option stands in one row', () => {
    const verdict = [undefined, 'verdict'];
    expect(shown(rows('', 'onwaar', '')).slice(1)).toEqual([
      ...verdict,
      ...verdict,
      ...verdict,
      undefined,
    ]);
  });

  it.each([
    ['other words stand there', ['', 'ja', '']],
    ['nothing stands there', ['', '', '']],
  ])('are none where %s', (_, last) => {
    expect(shown(rows(...last)).filter(Boolean)).toEqual([]);
  });
});

describe('a right answer beside choices', () => {
  const choices = [
    column('Choice 2', 'a rope', 'a bowline', 'sinking'),
    column('Choice 3', 'a hull', 'a reef', 'turning'),
  ];
  const stem = column('Question', 'What is a jib?', 'Which slips?', 'What is luffing?');
  it('that hold it in no row is one more of them', () => {
    const view = table(stem, column('Correct Answer', 'a sail', 'a noose', 'flapping'), ...choices);
    expect(shown(view)).toEqual([undefined, 'right', 'wrong', 'wrong']);
  });

  it.each([
    ['names one of them', ['a rope', 'a reef', 'turning']],
    ['is a letter', ['A', 'B', 'C']],
    ['says the same again and again', ['gate', 'gate', 'gate']],
    ['is a word for true or false', ['yes', 'no', 'yes']],
  ])('is the key where it %s', (_, texts) => {
    expect(shown(table(stem, column('Correct Answer', ...texts), ...choices))[1]).toBeUndefined();
  });
});

describe('headings that are places', () => {
  const stem = column('Task', 'Order bread', 'Order size');
  const places = ['1st', '2nd', '3rd'].map((name, n) =>
    column(name, ['mix', 'knead', 'bake'][n]!, ['egg', 'chick', 'hen'][n]!),
  );
  it('are steps', () => {
    expect(shown(table(stem, ...places)).slice(1)).toEqual(['step', 'step', 'step']);
  });

  it('are options where another column tells the right one, or a sign does', () => {
    const key = column('Right answer', 'A', 'B');
    expect(shown(table(stem, ...places, key)).slice(1, 4)).toEqual([
      undefined,
      undefined,
      undefined,
    ]);
    const [first, ...others] = places;
    const starred = [{ ...first!, texts: first!.texts.map((text) => `*${text}`) }, ...others];
    expect(shown(table(stem, ...starred)).filter(Boolean)).toEqual([]);
  });
});

describe('the right one of a list in one cell', () => {
  const stem = column('', 'What opens?', 'What floats?', 'Who waits?', 'What turns?');
  const list = column('', 'a gate; a wall', 'a hull; a rock; an oar', 'he; she', 'a rack; a beam');
  it('stands in a column of its own, without a word above it', () => {
    const key = column('', 'a gate', 'An oar', 'she', 'a beam');
    expect(shown(table(key, stem, list))).toEqual(['key', undefined, 'options']);
  });
  it.each([
    [
      'is always the first, as a word with its other spellings',
      ['a gate', 'a hull', 'he', 'a rack'],
    ],
    ['is not there in each row', ['a gate', 'an oar', 'they', 'a beam']],
    [
      'comes again and again, as a category with its tags',
      ['a wall', 'a wall', 'a wall', 'a wall'],
    ],
  ])('is none where it %s', (_, texts) => {
    expect(shown(table(column('', ...texts), stem, list)).filter(Boolean)).toEqual([]);
  });
  it('is none where the headings say otherwise', () => {
    const hint = column('Hint', 'a gate', 'an oar', 'she', 'a beam');
    expect(shown(table(hint, stem, list)).filter(Boolean)).toEqual([]);
  });
});
