// Files of results as other programs write them, counts, trials, and the table that leaves.
import { describe, expect, it } from 'vitest';
import { item, options } from '../../../tests/make';
import type { Item } from '../model';
import { figuresTable, readSitting, simulatedSitting } from './index';

const choice = (id: string, stem: string, ...answers: string[]): Item =>
  item({ id, ref: id.toUpperCase(), stem: { plain: stem }, options: options(...answers) });
const bank: Item[] = [
  choice('a-1', 'Which gate is opened first at a full lock?', '*upper', 'lower'),
  choice(
    'a-2',
    'What holds a boat while it waits for the lock to fill?',
    'cill',
    '*bollard',
    'beam',
  ),
  { ...choice('a-3', 'Which of these belong to a gate?', '*paddle', '*beam', 'pound'), points: 2 },
];
const both = (rows: string[][], order?: Item[]) => readSitting(rows, bank, order);
const rights = ({ results }: ReturnType<typeof both>) =>
  results.items.map(({ item: id, right, answered }) => [id, right, answered]);

describe('a file of results', () => {
  it('of a form has texts for headings, points and remarks beside the answers, and a name in two columns', () => {
    const read = both([
      ['Exported on 3 May'],
      [
        'ID',
        'Start time',
        'First name',
        'Surname',
        'Which gate is opened first at a full lock?',
        'Points - Which gate is opened first at a full lock?',
        'Feedback - Which gate is opened first at a full lock?',
        'What holds a boat while it waits …',
        'Total points',
      ],
      ['1', '10:02', 'Ann', 'Reed', 'upper', '1', '', 'bollard', '2'],
      ['2', '10:05', 'Ben', 'Oake', 'lower', '0', 'look again', 'B) bollard', '1'],
    ]);
    expect(read.learners).toEqual(['Ann Reed', 'Ben Oake']);
    expect(rights(read)).toEqual([
      ['a-1', 1, 2],
      ['a-2', 2, 2],
    ]);
    expect(read.marks).toEqual(['10', '11']);
    expect(read.results.findings.map(({ rule }) => rule)).toEqual(['results-few']);
  });
  it('with numbers for headings is read by the order of the set that was sat', () => {
    const rows = [
      ['Player', 'Q1', 'Q2', 'Q3', 'Score'],
      ['Ann', 'B', 'A', 'A;B', '3'],
      ['Ben', 'A', 'B', 'A', '0'],
    ];
    expect(both(rows).results.items).toEqual([]);
    expect(rights(both(rows, [bank[1]!, bank[0]!, bank[2]!]))).toEqual([
      ['a-2', 1, 2],
      ['a-1', 1, 2],
      ['a-3', 1, 2],
    ]);
  });
  it('takes points as a part of the most, also written as "1/2"', () => {
    const read = both([
      ['Name', 'A-3 [points]', 'Score: A-1'],
      ['Ann', '1/2', '1'],
      ['Ben', '2/2', '0'],
      ['Mean', '1.5', '0.5'],
    ]);
    expect(rights(read)).toEqual([
      ['a-3', 1.5, 2],
      ['a-1', 1, 2],
    ]);
    expect(read.marks).toEqual(['~1', '10']);
  });
  it('that is about other questions says so', () => {
    const read = both([
      ['Name', 'A-1', 'Z-9', 'Colour'],
      ['Ann', '1', '1', 'red'],
    ]);
    expect(read.results.findings.map(({ message }) => message)).toEqual([
      expect.stringContaining('“Colour”'),
      expect.stringContaining('“Z-9”'),
      expect.stringContaining('1 learner'),
    ]);
  });
});

describe('a file of counts', () => {
  it.each([
    [
      ['Question', 'Answered', 'Right'],
      ['20', '15'],
    ],
    [
      ['Question', 'correct', 'incorrect'],
      ['15', '5'],
    ],
    [
      ['Question', 'Attempts', '% correct'],
      ['20', '75 %'],
    ],
  ])('headed %j says how hard a question is', (headings, counts) => {
    const read = both([headings, ['A-1', ...counts], ['What holds a boat …', ...counts], ['A-3']]);
    expect(rights(read)).toEqual([
      ['a-1', 15, 20],
      ['a-2', 15, 20],
    ]);
    expect(read.results.items[0]).toMatchObject({ difficulty: 0.75, discrimination: null });
    expect(read.results.findings[0]).toMatchObject({ rule: 'results-row-unread' });
  });
  it('is not seen in a learner’s own sums', () => {
    const read = both([
      ['Name', 'A-1', 'A-2', 'Total', 'Right'],
      ['Ann', 'A', 'B', '2', '2'],
      ['Ben', 'B', 'B', '2', '1'],
    ]);
    expect(read.results.learners).toBe(2);
    expect(read.learners).toEqual(['Ann', 'Ben']);
  });
});

describe('a trial', () => {
  const many = Array.from({ length: 30 }, (_, n) =>
    choice(`q-${n}`, `Question ${n}?`, '*right', 'wrong', 'worse', 'worst'),
  );
  it('gives the same answers for the same seed, and figures that hang together', () => {
    const rows = simulatedSitting(many, 400, 7);
    expect(simulatedSitting(many, 400, 7)).toEqual(rows);
    expect(simulatedSitting(many, 400, 8)).not.toEqual(rows);
    const { results } = readSitting(rows, many);
    expect(results.test).toMatchObject({ items: 30, learners: 400 });
    // Thirty questions that all tell the same ability apart hang together well, guessing or not.
    expect(results.test.alpha).toBeGreaterThan(0.7);
    expect(results.items.every(({ discrimination }) => discrimination! > 0)).toBe(true);
    // Who knows nothing still guesses one of four.
    expect(Math.min(...results.items.map(({ difficulty }) => difficulty!))).toBeGreaterThan(0.2);
  });
  it('types answers where a question has no options, and scores where none can be written', () => {
    const typed: Item[] = [
      item({ id: 's', ref: 'S', kind: 'short', options: undefined, accepted: ['weir'] }),
      item({
        id: 'n',
        ref: 'N',
        kind: 'number',
        options: undefined,
        number: { value: 3, tolerance: 0 },
      }),
      item({
        id: 'o',
        ref: 'O',
        kind: 'order',
        options: undefined,
        steps: [{ plain: 'x' }, { plain: 'y' }],
      }),
    ];
    const [, ...rows] = simulatedSitting(typed, 60, 3);
    const seen = typed.map((_, at) => [...new Set(rows.map((row) => row[at + 1]))].sort());
    expect(seen).toEqual([
      ['?', 'weir'],
      ['3', '?'],
      ['0', '1'],
    ]);
    const { results } = readSitting(simulatedSitting(typed, 60, 3), typed);
    expect(results.items.map(({ item: id }) => id)).toEqual(['s', 'n', 'o']);
  });
});

it('the table that leaves holds every figure and who chose what', () => {
  const { results } = readSitting([['A-1'], ['A'], ['B'], ['A']], bank);
  const [headings, row] = figuresTable(results, new Map(bank.map((one) => [one.id, one])));
  expect(headings!.slice(-2)).toEqual(['chose A', 'chose B']);
  expect(row).toEqual([
    'A-1',
    bank[0]!.stem.plain,
    '3',
    '2',
    '0.6667',
    '0.2077',
    '0.9385',
    '',
    '1.0000',
    '',
    '2',
    '1',
  ]);
});
