// Questions typed line by line into the cells of a sheet. The habits are common practice, no source.
import { describe, expect, it } from 'vitest';
import { counter } from '../../../tests/make';
import { brief } from '../../../tests/say';
import { gatherTyped } from '../../../tests/typed';
import { sheetWith } from '../shared/sheet';
import type { Opened } from '../model';
import { gatherSource, otherReadings } from './sources';

const read = (lines: readonly string[], overrule = {}) =>
  gatherSource(
    { name: 'a.csv', bytes: new TextEncoder().encode(`${lines.join('\n')}\n`) },
    overrule,
    { id: counter() },
  );
const briefs = async (lines: readonly string[], overrule = {}) =>
  (await read(lines, overrule)).items.map(brief);

const BOTH = [
  'choice-one: What opens first? [Drain / *Feed / Bypass]',
  'choice-one: Who signs the log? [*The keeper / Nobody]',
];

describe('a sheet of lines', () => {
  it.each([
    [
      'a sign in the column behind, rows left empty between',
      [
        '1. What opens first?;',
        'Drain;',
        'Feed;x',
        'Bypass;',
        ';',
        '2. Who signs the log?;',
        'The keeper;x',
        'Nobody;',
      ],
    ],
    [
      'numbers and letters in a column of their own',
      [
        '1;What opens first?;',
        'A;Drain;',
        'B;Feed;x',
        'C;Bypass;',
        '2;Who signs the log?;',
        'A;The keeper;x',
        'B;Nobody;',
      ],
    ],
    [
      'a sign in the column of the questions',
      [
        'What opens first?;',
        ';Drain',
        'x;Feed',
        ';Bypass',
        'Who signs the log?;',
        'x;The keeper',
        ';Nobody',
      ],
    ],
    [
      'headings above',
      [
        'Nr;Text;Right',
        '1;What opens first?;',
        ';Drain;',
        ';Feed;x',
        ';Bypass;',
        '2;Who signs the log?;',
        ';The keeper;x',
        ';Nobody;',
      ],
    ],
    [
      'a line with the answer',
      [
        '1);What opens first?',
        ';a. Drain',
        ';b. Feed',
        ';c. Bypass',
        ';Answer: b',
        ';',
        '2);Who signs the log?',
        ';a. The keeper',
        ';b. Nobody',
        ';Answer: a',
      ],
    ],
  ])('is read as text: %s', async (_, lines) => {
    const { items, reading } = await read(lines);
    expect(items.map(brief)).toEqual(BOTH);
    expect(reading.as).toBe('questions');
    expect(reading.unsure).toEqual([]);
  });

  it('is a table all the same where a person says so, and text again', async () => {
    const lines = [
      '1;What opens first?;',
      'A;Drain;',
      'B;Feed;x',
      '2;Who signs?;',
      'A;Nobody;',
      'B;All;x',
    ];
    expect((await read(lines, { as: 'table' })).reading.as).not.toBe('questions');
    const again = await read(lines, { as: 'questions' });
    expect(again.items.map(brief)).toEqual([
      'choice-one: What opens first? [Drain / *Feed]',
      'choice-one: Who signs? [Nobody / *All]',
    ]);
  });

  it('offers both readings in a workbook, and one where texts stand in several columns', () => {
    const inCells = (rows: string[][]): Opened => ({
      is: 'table',
      table: {
        file: 'a.xlsx',
        format: 'xlsx',
        sheets: [sheetWith({ name: 'Sheet1', rows })],
        findings: [],
      },
    });
    const typed = ['What opens?', 'a wall', '*a gate', 'What floats?', '*cork', 'lead'];
    expect(otherReadings(inCells(typed.map((text) => [text])))).toEqual(['table', 'questions']);
    expect(otherReadings(inCells(typed.map((text) => [text, text])))).toEqual([]);
  });
});

describe('a table', () => {
  it.each([
    [
      'of statements that are ticked',
      [
        'No;Statement;True',
        '1;Lead floats.;',
        '2;Cork floats.;x',
        '3;Iron sinks.;x',
        '4;Ice sinks.;',
        '5;Oil floats.;x',
        '6;Tin sinks.;x',
      ],
    ],
    [
      'of words and what they mean',
      ['bow;front', 'stern;back', 'keel;bottom', 'mast;pole', 'sail;cloth', 'oar;paddle'],
    ],
    [
      'of questions alone',
      [
        '1;What floats?',
        '2;What sinks?',
        '3;What burns?',
        '4;What melts?',
        '5;What breaks?',
        '6;What bends?',
      ],
    ],
  ])('%s stays a table', async (_, lines) => {
    expect((await read(lines)).reading.as).not.toBe('questions');
    expect(await briefs(lines)).toHaveLength(6);
  });
});

it('a column of questions and answers, each with its letter in front', async () => {
  expect(
    await briefs([
      'Q: What is a quill made from?;',
      'A: A feather;',
      'Q: What is vellum?;',
      'A: Calf skin;',
      'Q: What is ink made with?;',
      'A: Oak galls;',
    ]),
  ).toEqual([
    'short: What is a quill made from? [A feather]',
    'short: What is vellum? [Calf skin]',
    'short: What is ink made with? [Oak galls]',
  ]);
});

it('a text file with headings above its columns is a table, though steps in its rows read like questions', async () => {
  const lines = [
    'Kind\tQuestion\tSteps in the right order\tSeconds\t',
    'order\tOrder the hills, the lowest first.\tMill Hill | High Top | Far Peak\t75\t',
    'order\tOrder the way of a boat.\tMoor | Wait | Enter | Rise\t90\t',
    '\t\t\t\t',
    'order\tOrder the numbers, the smallest first.\t0.05 | 0.45 | 0.5\t20\t',
    'order\tOrder the locks, the oldest first.\tUpper | Middle | Lower\t30\t',
  ];
  const { items } = await gatherTyped(lines.join('\r\n'));
  expect(items.map(({ steps }) => steps?.length)).toEqual([3, 4, 3, 3]);
  expect(items.map(({ seconds }) => seconds)).toEqual([75, 90, 20, 30]);
});

it('a text whose options are set in by tabs is no table', async () => {
  const lines = [
    '1. What does a fuse do?',
    '\ta. It hums',
    '\tb. It melts *',
    '2. Which is liquid?',
  ];
  const { items } = await gatherTyped(
    [...lines, '\ta. Mercury *', '\tb. Tin', '\tc. Zinc'].join('\n'),
  );
  expect(items.map(brief)).toEqual([
    'choice-one: What does a fuse do? [It hums / *It melts]',
    'choice-one: Which is liquid? [*Mercury / Tin / Zinc]',
  ]);
  const unmarked = [...lines, '\ta. Mercury', '\tb. Tin', '\tc. Zinc'].join('\n').replace(' *', '');
  expect((await gatherTyped(unmarked)).items.map(({ options }) => options?.length)).toEqual([2, 3]);
});
