// Workbooks with a tab for each topic: tabs with the same headings are read together. Common practice, no source.
import { describe, expect, it } from 'vitest';
import { counter } from '../../../tests/make';
import { brief } from '../../../tests/say';
import type { Overrule, Table } from '../model';
import { sheetWith } from '../shared/sheet';
import { gather } from './index';

const HEADINGS = ['Question', 'Right', 'Wrong', 'Wrong'];
const ROPES = [
  HEADINGS,
  ['What floats?', 'cork', 'lead', 'iron'],
  ['What sinks?', 'iron', 'cork', 'oak'],
];
const KNOTS = [['Evening two'], HEADINGS, ['Which knot slips?', 'a noose', 'a bowline', 'a reef']];

const workbook = (sheets: Table['sheets']): Table => ({
  file: 'evenings.xlsx',
  format: 'xlsx',
  sheets,
  findings: [],
});
const read = (sheets: Table['sheets'], overrule: Overrule = {}) =>
  gather(workbook(sheets), { overrule, newId: counter() });

describe('sheets with the same headings', () => {
  const tabs = [
    sheetWith({ name: 'Read me', rows: [['One tab for each topic.']] }),
    sheetWith({ name: 'Ropes', rows: ROPES }),
    sheetWith({ name: 'Knots', rows: KNOTS }),
  ];

  it('are read together, each under its name, wherever the headings stand', () => {
    const { items, reading, findings } = read(tabs);
    expect(items.map(({ category, origin }) => [category, origin?.sheet, origin?.row])).toEqual([
      [['Ropes'], 'Ropes', 2],
      [['Ropes'], 'Ropes', 3],
      [['Knots'], 'Knots', 3],
    ]);
    expect(items.map(brief)[2]).toBe(
      'choice-one: Which knot slips? [*a noose / a bowline / a reef]',
    );
    expect(reading).toMatchObject({ sheet: 'Ropes', alike: ['Knots'], unsure: [] });
    expect(findings.map(({ message }) => message)).toEqual([
      '2 sheets have the same headings and were read together: “Ropes” and “Knots”. Choose one of them to read it alone.',
    ]);
  });

  it('are read alone where one of them is asked for', () => {
    const { items, reading } = read(tabs, { sheet: 'Knots' });
    expect(items).toHaveLength(1);
    expect(reading.alike).toBeUndefined();
    expect(items[0]!.category).toBeUndefined();
  });

  it('take over what is said of a column of the one that is looked at', () => {
    const said = { columns: [{ column: 'D', role: 'ignore' as const }] };
    const { items } = read(tabs, said);
    expect(items.map((item) => item.options?.length)).toEqual([2, 2, 2]);
  });

  it('give no category where nobody named them, or a column says it', () => {
    const unnamed = [
      sheetWith({ name: 'Tabelle1', rows: ROPES }),
      sheetWith({ name: 'Tabelle2', rows: KNOTS }),
    ];
    expect(read(unnamed).items.map(({ category }) => category)).toEqual(Array(3).fill(undefined));
    const withTopic = (rows: readonly string[][]): string[][] =>
      rows.map((row, at) => [...row, row === HEADINGS ? 'Topic' : `Topic ${at}`]);
    const topics = read([
      sheetWith({ name: 'Ropes', rows: withTopic(ROPES) }),
      sheetWith({ name: 'Knots', rows: withTopic(KNOTS.slice(1)) }),
    ]);
    expect(topics.items.map(({ category }) => category?.[0])).toEqual([
      'Topic 1',
      'Topic 2',
      'Topic 1',
    ]);
  });

  it('leave hidden ones, and those with another heading, where they are', () => {
    const others = [
      tabs[1]!,
      { ...tabs[2]!, hidden: true },
      sheetWith({
        name: 'Old',
        rows: [
          ['Question', 'Right', 'Wrong', 'Notes'],
          ['a?', 'b', 'c', 'd'],
        ],
      }),
    ];
    const { items, reading } = read(others);
    expect(items.map(({ origin }) => origin?.sheet)).toEqual(['Ropes', 'Ropes']);
    expect(reading.alike).toBeUndefined();
  });
});

it('a sheet of remarks says that the first option is the right one, and a table of questions says nothing', () => {
  const table = {
    name: 'Domande',
    rows: [
      ['Domanda', 'Risposta 1', 'Risposta 2', 'Risposta 3'],
      ['Dove nasce il Po?', 'Monviso', 'Gran Sasso', 'Etna'],
      ['Quale mare bagna Rimini?', 'Adriatico', 'Tirreno', 'Ionio'],
    ],
  };
  const remark = 'La prima risposta è sempre quella giusta.';
  const { items, reading } = read([
    sheetWith(table),
    sheetWith({ name: 'Note', rows: [[remark]] }),
  ]);
  expect(items.map(brief)).toEqual([
    'choice-one: Dove nasce il Po? [*Monviso / Gran Sasso / Etna]',
    'choice-one: Quale mare bagna Rimini? [*Adriatico / Tirreno / Ionio]',
  ]);
  expect(reading.unsure).toEqual([]);
  const other = read([
    sheetWith(table),
    sheetWith({ name: 'Altro', rows: [['1', 'x', remark, 'y']] }),
  ]);
  expect(other.reading.unsure).toContain('key');
});
