// What a table as a whole is not without: a column that asks, more than one option, two sides of cards.
import { describe, expect, it } from 'vitest';
import { column, meaningsOf, taken, takenAs, view } from '../../../tests/tables';
import type { Meaning } from './contract';
import { withoutLoneOption, withoutLoneStep, withPair, withStem } from './whole-tables';

const NONE = new Map<number, Meaning>();
const clue = column('Clue', 'It keeps the water back', 'It lets the water through');
const word = column('Word', 'gate', 'paddle');

describe('a table in which no column asks', () => {
  it('asks by the longest of those that may', () => {
    const notes = column('Note', 'hard', 'easy');
    const found = withStem(view([notes, clue, word]), takenAs('tag', 'hint', 'accepted'), NONE);
    expect(found.map(({ meaning, p }) => [meaning, p])).toEqual([
      ['tag', 0.9],
      ['stem', 0.6],
      ['accepted', 0.9],
    ]);
    expect(found[1]!.others[0]).toEqual({ meaning: 'hint', p: 0.9 });
  });

  it('asks by its categories where each row has one of its own, and nothing else may ask', () => {
    const steps = column('1st', 'Moor', 'Stop', 'Wait', 'Call');
    const own = column('Procedure', 'Going up', 'Going down', 'Winding', 'Casting off');
    const again = column('Procedure', 'Going up', 'Going up', 'Going up', 'Going down');
    const ask = (first: typeof own) =>
      meaningsOf(withStem(view([first, steps]), takenAs('category', 'step'), NONE))[0];
    expect([ask(own), ask(again)]).toEqual(['stem', 'category']);
  });

  it.each<[string, ReturnType<typeof column>[], Meaning[]]>([
    ['another one asks', [clue, word], ['hint', 'stem']],
    ['another one is the term of a card', [clue, word], ['hint', 'term']],
    ['its texts are a word each', [column('Clue', 'water', 'gate'), word], ['hint', 'accepted']],
    ['it can be nothing that asks', [clue, word], ['points', 'accepted']],
    [
      'it is one row',
      [column('Clue', 'It keeps the water back'), column('Word', 'gate')],
      ['hint', 'accepted'],
    ],
  ])('stays as it is where %s', (_, columns, meanings) => {
    expect(meaningsOf(withStem(view(columns), takenAs(...meanings), NONE))).toEqual(meanings);
  });

  it('stays as it is in a receiver’s form, and where a person spoke', () => {
    const own = takenAs('hint', 'accepted');
    expect(withStem(view([clue, word], { blank: true }), own, NONE)).toEqual(own);
    expect(withStem(view([clue, word]), own, new Map([[0, 'hint' as const]]))).toEqual(own);
  });
});

describe('one option alone', () => {
  it('is the answer, at least as likely as it was thought to be', () => {
    const likely = [taken('stem'), taken('option', 0.8, [{ meaning: 'accepted', p: 0.75 }])];
    expect(withoutLoneOption(likely, NONE)[1]).toMatchObject({ meaning: 'accepted', p: 0.75 });
    const hardly = [taken('stem'), taken('option', 0.8, [{ meaning: 'accepted', p: 0.1 }])];
    expect(withoutLoneOption(hardly, NONE)[1]).toMatchObject({ meaning: 'accepted', p: 0.7 });
    expect(withoutLoneOption(takenAs('stem', 'option'), NONE)[1]).toMatchObject({ p: 0.7 });
  });
  it.each<[string, Meaning[]]>([
    ['another one', ['stem', 'option', 'option']],
    ['the right one', ['stem', 'option', 'right']],
    ['a wrong one', ['stem', 'option', 'wrong']],
    ['all wrong ones in a cell', ['stem', 'option', 'wrongs']],
    ['a list of all', ['stem', 'option', 'options']],
  ])('stays one beside %s', (_, meanings) => {
    expect(meaningsOf(withoutLoneOption(takenAs(...meanings), NONE))).toEqual(meanings);
  });
  it('stays one where a person says so', () => {
    const found = withoutLoneOption(takenAs('stem', 'option'), new Map([[1, 'option' as const]]));
    expect(meaningsOf(found)).toEqual(['stem', 'option']);
  });
});

describe('one step alone', () => {
  const stem = column('Question', 'What comes first?', 'What comes last?');
  const step = column('Step', 'open the gate', 'close it');
  it('is what answers', () => {
    const found = withoutLoneStep(view([stem, step]), takenAs('stem', 'step'), NONE);
    expect(found[1]).toMatchObject({ meaning: 'accepted', p: 0.7 });
  });
  it('is several where a cell lists them, or another column has more', () => {
    const listed = column('Steps', '1. open\n2. enter\n3. close', 'close it');
    expect(
      meaningsOf(withoutLoneStep(view([stem, listed]), takenAs('stem', 'step'), NONE)),
    ).toEqual(['stem', 'step']);
    const two = withoutLoneStep(view([stem, step, step]), takenAs('stem', 'step', 'step'), NONE);
    expect(meaningsOf(two)).toEqual(['stem', 'step', 'step']);
  });
  it('stays one in a form, in a single row, and where a person says so', () => {
    const own = takenAs('stem', 'step');
    expect(withoutLoneStep(view([stem, step], { blank: true }), own, NONE)).toEqual(own);
    expect(withoutLoneStep(view([stem, step], { rows: 1 }), own, NONE)).toEqual(own);
    expect(withoutLoneStep(view([stem, step]), own, new Map([[1, 'step' as const]]))).toEqual(own);
  });
});

describe('two columns and nothing else', () => {
  const left = column('', 'paddle', 'weir', 'sill');
  const right = column('', 'a sluice in a gate', 'a low dam', 'a stone step');
  const pair = (columns: ReturnType<typeof column>[], ...meanings: Meaning[]) =>
    withPair(view(columns), takenAs(...meanings), NONE).map(({ meaning, p }) => `${meaning} ${p}`);

  it('are terms and definitions where none of them is said to be another thing', () => {
    expect(pair([left, right], 'hint', 'title')).toEqual(['term 0.7', 'definition 0.7']);
    expect(pair([left, right], 'stem', 'explanation')).toEqual(['term 0.9', 'definition 0.9']);
    const headed = [
      { ...left, heading: 'Vrigl' },
      { ...right, heading: 'Snok' },
    ];
    expect(pair(headed, 'stem', 'tags')).toEqual(['term 0.7', 'definition 0.7']);
  });
  it('are so beside words where nothing asks, whatever answers', () => {
    expect(pair([left, right], 'accepted', 'option')).toEqual(['term 0.7', 'definition 0.7']);
    const numbers = column('', '12', '7', '300');
    expect(pair([left, numbers], 'accepted', 'value')).toEqual(['accepted 0.9', 'value 0.9']);
  });
  it('are so where short words stand on both sides, as sure as they were a question and its answer', () => {
    const words = column('', 'Schütz', 'Wehr', 'Drempel');
    const sure = [taken('stem', 0.8), taken('accepted', 0.6)];
    expect(withPair(view([left, words]), sure, NONE).map(({ meaning, p }) => [meaning, p])).toEqual(
      [
        ['term', 0.8],
        ['definition', 0.6],
      ],
    );
    const asking = column('', 'What is it?', 'Who works it?', 'Where?');
    expect(pair([asking, words], 'stem', 'accepted')).toEqual(['stem 0.9', 'accepted 0.9']);
    const long = column('', 'it is a sluice in a gate', 'it is a low dam', 'it is a step');
    expect(pair([left, long], 'stem', 'accepted')).toEqual(['stem 0.9', 'accepted 0.9']);
    const headed = [{ ...left, heading: 'Vrigl' }, words];
    expect(pair(headed, 'stem', 'accepted')).toEqual(['stem 0.9', 'accepted 0.9']);
  });
  it('are not where one counts the rows, is filled here and there, says the same again, or is named', () => {
    const counts = column('', '1.', '2.', '3.');
    expect(pair([counts, right], 'number-in-file', 'stem')).toEqual([
      'number-in-file 0.9',
      'stem 0.9',
    ]);
    const some = column('', 'a low dam', '', '');
    expect(pair([left, some], 'stem', 'hint')).toEqual(['stem 0.9', 'hint 0.9']);
    const again = column('', 'canal', 'canal', 'canal');
    expect(pair([left, again], 'stem', 'category')).toEqual(['stem 0.9', 'category 0.9']);
    const named = { ...right, heading: 'Category' };
    expect(pair([left, named], 'stem', 'category')).toEqual(['stem 0.9', 'category 0.9']);
  });
  it('are not in a form, beside a third, in one row, or where a person spoke', () => {
    const own = takenAs('stem', 'tags');
    expect(withPair(view([left, right], { blank: true }), own, NONE)).toEqual(own);
    expect(withPair(view([left, right], { rows: 1 }), own, NONE)).toEqual(own);
    expect(withPair(view([left, right]), own, new Map([[1, 'tags' as const]]))).toEqual(own);
    const three = takenAs('stem', 'tags', 'ignore');
    expect(withPair(view([left, right, word]), three, NONE)).toEqual(three);
  });
});
