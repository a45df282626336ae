// Answers that name their questions by codes, letters or words, and lists whose halves dots or dashes join.
import { describe, expect, it } from 'vitest';
import { briefsOf, gatherTyped } from '../../../../tests/typed';

const text = (...lines: string[]): string => lines.join('\n');

describe('questions with a letter and a number', () => {
  const SHEET = [
    'A1 What floats?',
    '☐ cork   ☐ lead   ☐ iron',
    'A2 What sinks?',
    '☐ wood   ☐ cork   ☐ lead',
    'B1 A boat is steered by its __________.',
  ];
  it('are answered by the lines below that have the same', async () => {
    expect(
      await briefsOf(text(...SHEET, '', 'Answers', 'A1 cork', 'A2 lead', 'B1 rudder')),
    ).toEqual([
      'choice-one: What floats? [*cork / lead / iron]',
      'choice-one: What sinks? [wood / cork / *lead]',
      'gap: A boat is steered by its {{1}}. [rudder]',
    ]);
  });
  it('are not counted through where the key has others', async () => {
    const { items } = await gatherTyped(
      text(...SHEET, '', 'Answers', 'C1 cork', 'C2 lead', 'C3 rudder'),
    );
    expect(items.flatMap(({ options = [] }) => options.filter(({ right }) => right))).toEqual([]);
  });
});

describe('a line that names answers by letter', () => {
  const TASKS = [
    'a) The smith holds the iron with the ........',
    'b) He blows air with the ........',
    'c) He hammers on the ........',
  ];
  it.each([
    ['(a: tongs, b: bellows, c: anvil)'],
    ['a) tongs; b) bellows; c) anvil'],
    ['[a = tongs, b = bellows, c = anvil]'],
  ])('fills the gaps of tasks with letters: %s', async (key) => {
    expect(await briefsOf(text('Complete.', '', ...TASKS, '', key))).toEqual([
      'gap: The smith holds the iron with the {{1}}. [tongs]',
      'gap: He blows air with the {{1}}. [bellows]',
      'gap: He hammers on the {{1}}. [anvil]',
    ]);
  });
});

describe('what belongs together', () => {
  const PAIRS = ['hammer=to drive nails', 'saw=to cut', 'drill=to make holes'];
  const MATCHED = [`match: Match: [${PAIRS.join(' / ')}]`];
  it.each([
    ['', 'hammer-b, saw-a, drill-c'],
    ['1. ', 'hammer: b; saw: a; drill: c'],
    ['', '1b, 2a, 3c'],
  ])('is joined by dots %sin two lists, and a line names it: %s', async (label, key) => {
    const n = (at: number): string => (label ? `${at}. ` : '');
    const sheet = text(
      'Match:',
      '',
      `${n(1)}hammer ..... a. to cut`,
      `${n(2)}saw ..... b. to drive nails`,
      `${n(3)}drill ..... c. to make holes`,
      '',
      `Answer: ${key}`,
    );
    expect(await briefsOf(sheet)).toEqual(MATCHED);
  });
  it.each(['- ', '• ', ''])(
    'stands line by line below a task, behind "%s", and is no list of terms',
    async (bullet) => {
      const sheet = text(
        '1. Match the glaze to its look.',
        ...['celadon - green', 'tenmoku - brown', 'shino - white'].map((line) => bullet + line),
      );
      expect(await briefsOf(sheet)).toEqual([
        'match: Match the glaze to its look. [celadon=green / tenmoku=brown / shino=white]',
      ]);
    },
  );
});

describe('options behind bullets', () => {
  it.each([
    ['V', 'F'],
    ['T', 'F'],
    ['richtig', 'falsch'],
    ['juist', 'onjuist'],
  ])('say right and wrong by (%s) and (%s)', async (right, wrong) => {
    const sheet = text(
      'Quiz',
      '',
      '• What floats?',
      `   o cork (${right})`,
      `   o lead (${wrong})`,
      '',
      '• Which sink?',
      `   o lead (${right})`,
      `   o iron (${right})`,
      `   o wood (${wrong})`,
    );
    expect(await briefsOf(sheet)).toEqual([
      'choice-one: What floats? [*cork / lead]',
      'choice-many: Which sink? [*lead / *iron / wood]',
    ]);
  });
});

it('a statement that is judged keeps the sign of its number, so that the other questions go on from it', async () => {
  const sheet = text(
    '1) The river is long (T)',
    '2) Owls have ears (F)',
    '3) Herons nest in trees (T)',
    '',
    '4) How many miles is it? (34)',
    '5) When did it open? (1794)',
  );
  expect((await briefsOf(sheet)).slice(3)).toEqual([
    'short: How many miles is it? [34]',
    'short: When did it open? [1794]',
  ]);
});

it('terms and definitions have their names in short, with hints', async () => {
  const { items } = await gatherTyped(
    text(
      'TERM: anneal',
      'DEF: to cool slowly',
      'HINT: against cracks',
      '',
      'TERM: punty',
      'DEF: a rod',
    ),
  );
  expect(items).toMatchObject([
    {
      kind: 'card',
      stem: { plain: 'anneal' },
      accepted: ['to cool slowly'],
      hint: { plain: 'against cracks' },
    },
    { kind: 'card', stem: { plain: 'punty' }, accepted: ['a rod'] },
  ]);
});
