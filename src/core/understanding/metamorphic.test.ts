// The same table written otherwise gives the same questions, or says that it is unsure.
import { describe, expect, it } from 'vitest';
import { gatherTable } from '../pipeline';
import { sheetWith } from '../shared/sheet';
import type { Item, Table } from '../model';

type Cells = string[][];

const STEMS = [
  'What does a paddle let through a lock gate?',
  'Which side does a boat pass another on?',
  'What is a pound between two locks?',
  'Who works a swing bridge?',
  'What holds a boat to the bank?',
  'Which gate stands at the lower end?',
];
const OPTIONS = [
  ['Water', 'Boats', 'Walkers'],
  ['Left', 'Right', 'Either side'],
  ['A level stretch', 'A coin', 'A weight'],
  ['The keeper', 'The crew', 'Nobody'],
  ['A rope', 'A rudder', 'A sail'],
  ['The tail gate', 'The head gate', 'The side gate'],
];
const RIGHT = [0, 1, 0, 2, 1, 0];

const rows = (cellsOf: (stem: string, options: string[], right: number) => string[]): Cells =>
  STEMS.map((stem, index) => cellsOf(stem, OPTIONS[index]!, RIGHT[index]!));

/** Tables of several notations under known headings. */
const TABLES: Record<string, Cells> = {
  'a letter': [
    ['Question', 'Answer A', 'Answer B', 'Answer C', 'Right answer', 'Points'],
    ...rows((stem, options, right) => [stem, ...options, 'ABC'[right]!, '2']),
  ],
  'a number': [
    ['Question', 'Answer 1', 'Answer 2', 'Answer 3', 'Right answer'],
    ...rows((stem, options, right) => [stem, ...options, String(right + 1)]),
  ],
  'the text': [
    ['Question', 'Answer 1', 'Answer 2', 'Answer 3', 'Right answer'],
    ...rows((stem, options, right) => [stem, ...options, options[right]!]),
  ],
  'a star': [
    ['Question', 'Answer 1', 'Answer 2', 'Answer 3'],
    ...rows((stem, options, right) => [
      stem,
      ...options.map((text, n) => (n === right ? `* ${text}` : text)),
    ]),
  ],
  'a verdict': [
    ['Question', 'Answer 1', 'Right? 1', 'Answer 2', 'Right? 2', 'Answer 3', 'Right? 3'],
    ...rows((stem, options, right) => [
      stem,
      ...options.flatMap((text, n) => [text, n === right ? 'yes' : 'no']),
    ]),
  ],
};

const NONSENSE = ['Vrigl', 'Snok', 'Plomb', 'Tarf', 'Quill', 'Brint', 'Dask', 'Olum'];
const CZECH: Record<string, string> = {
  Question: 'Otázka',
  Answer: 'Odpověď',
  'Right answer': 'Správná odpověď',
  'Right?': 'Správně?',
  Points: 'Body',
};
const inCzech = (heading: string): string => {
  const word = heading.replace(/ [A-C\d]$/, '');
  return heading.replace(word, CZECH[word] ?? word);
};

/** Ways of writing the same. */
const WAYS: Record<string, (table: Cells) => Cells> = {
  'nonsense for headings': ([, ...body]) => [NONSENSE.slice(0, body[0]!.length), ...body],
  'headings of another language': ([headings, ...body]) => [headings!.map(inCzech), ...body],
  'a title and a note above': (table) => [['Canal quiz'], ['Please keep the order.'], [], ...table],
  'an empty column in between': (table) => table.map((row) => [row[0]!, '', ...row.slice(1)]),
  'the columns begin further right': (table) => table.map((row) => ['', '', ...row]),
  'the rows in another order': ([headings, ...body]) => [headings!, ...body.toReversed()],
  'a column of numbers in front': ([headings, ...body]) => [
    ['No.', ...headings!],
    ...body.map((row, index) => [String(index + 1), ...row]),
  ],
  'the headings once more half-way': ([headings, ...body]) => [
    headings!,
    ...body.slice(0, 3),
    headings!,
    ...body.slice(3),
  ],
};

const read = (rowsOf: Cells) => {
  let n = 0;
  const table: Table = {
    file: 'questions.xlsx',
    format: 'xlsx',
    findings: [],
    sheets: [sheetWith({ name: 'Sheet1', rows: rowsOf })],
  };
  return gatherTable(table, {}, { id: () => `id-${++n}` });
};
const said = (items: readonly Item[]): string[] =>
  items
    .map(({ kind, stem, options = [] }) =>
      [
        kind,
        stem.plain,
        ...options.map(({ text, right }) => `${right ? '*' : ''}${text.plain}`),
      ].join('|'),
    )
    .sort();

describe.each(Object.entries(TABLES))('a table with %s for the key', (_, table) => {
  const expected = said(read(table).items);

  it('is read as meant', () => {
    expect(expected).toHaveLength(STEMS.length);
    expect(
      read(table).items.map(({ options }) => options!.findIndex(({ right }) => right)),
    ).toEqual(RIGHT);
    expect(read(table).reading.unsure).toEqual([]);
  });

  it.each(Object.entries(WAYS))('%s', (_way, write) => {
    const { items, reading } = read(write(table));
    if (reading.unsure.length === 0) {
      expect(said(items)).toEqual(expected);
    }
    // To be unsure is allowed, to lose the questions is not.
    expect(items.length).toBeGreaterThanOrEqual(STEMS.length - 1);
  });
});
