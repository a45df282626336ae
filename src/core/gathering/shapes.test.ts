// Tables of other shapes: a row for each option, answers on a sheet of their own, two columns in which nothing asks.
import { expect, it } from 'vitest';
import { counter } from '../../../tests/make';
import { brief } from '../../../tests/say';
import type { Table } from '../model';
import { gatherTable } from '../pipeline';
import { sheetWith } from '../shared/sheet';

const read = (...sheets: { name: string; rows: string[][] }[]) => {
  const table: Table = {
    file: 'a.xlsx',
    format: 'xlsx',
    sheets: sheets.map(sheetWith),
    findings: [],
  };
  return gatherTable(table, {}, { id: counter() });
};

it('an option may have a row of its own, below its question or with the question said again', () => {
  const rows = [
    ['ID', 'Question', 'Option', 'Correct?'],
    ['1', 'Which float?', 'cork', 'Y'],
    ['', '', 'iron', 'N'],
    ['', '', 'wood', 'Y'],
    ['2', 'Which is the heaviest?', 'cork', 'N'],
    ['', '', 'iron', 'Y'],
  ];
  const expected = [
    'choice-many: Which float? [*cork / iron / *wood]',
    'choice-one: Which is the heaviest? [cork / *iron]',
  ];
  const below = read({ name: 'Sheet1', rows });
  expect(below.items.map(brief)).toEqual(expected);
  expect(below.items.map(({ origin }) => [origin?.row, origin?.cell])).toEqual([
    [2, 'B2'],
    [5, 'B5'],
  ]);
  let question = '';
  const again = rows.map(([id, stem, ...rest]) => [id!, (question = stem! || question), ...rest]);
  expect(read({ name: 'Sheet1', rows: again }).items.map(brief)).toEqual(expected);
});

it('the right answers may stand on another sheet, by number or in order, and it is said', () => {
  const questions = {
    name: 'Questions',
    rows: [
      ['No.', 'Question', 'a', 'b', 'c'],
      ['1', 'What floats?', 'iron', 'cork', 'lead'],
      ['2', 'What sinks?', 'iron', 'cork', 'wood'],
      ['3', 'What burns?', 'iron', 'lead', 'wood'],
    ],
  };
  const expected = [
    'choice-one: What floats? [iron / *cork / lead]',
    'choice-one: What sinks? [*iron / cork / wood]',
    'choice-one: What burns? [iron / lead / *wood]',
  ];
  const byNumber = read(questions, {
    name: 'Answers',
    rows: [
      ['No.', 'Answer'],
      ['3', 'c'],
      ['1', 'b'],
      ['2', 'a'],
    ],
  });
  expect(byNumber.items.map(brief)).toEqual(expected);
  expect(byNumber.findings.map(({ message }) => message)).toContain(
    'The right answers stand on the sheet “Answers”: 3 answers of it were joined to the questions.',
  );
  const inOrder = read(questions, { name: 'Key', rows: [['Answer'], ['b'], ['a'], ['c']] });
  expect(inOrder.items.map(brief)).toEqual(expected);
  const other = read(questions, { name: 'Notes', rows: [['Topic'], ['x'], ['y']] });
  expect(other.findings.map(({ rule }) => rule)).toContain('key-missing');
});

it('two columns in which nothing asks are perhaps cards', () => {
  const { items, reading } = read({
    name: 'Sheet1',
    rows: [
      ['Country', 'Capital'],
      ['France', 'Paris'],
      ['Spain', 'Madrid'],
      ['Italy', 'Rome'],
    ],
  });
  expect(items.map(brief)).toEqual([
    'card: France [Paris]',
    'card: Spain [Madrid]',
    'card: Italy [Rome]',
  ]);
  expect(reading.unsure).toEqual(expect.arrayContaining(['columns.A', 'columns.B']));
});

it('a key held down is no title of a part, and is told', () => {
  const junk = read({
    name: 'Sheet1',
    rows: [
      ['Question', 'Answer'],
      ['What is under the gate?', 'a sill'],
      ['', ''],
      ['jjjj', ''],
      ['What holds a boat?', 'a rope'],
      ['What lets water through?', 'a paddle'],
    ],
  });
  expect(junk.items.map(({ category }) => category)).toEqual([undefined, undefined, undefined]);
  expect(junk.findings).toEqual([expect.objectContaining({ rule: 'row-left-out', level: 'warn' })]);
});

it('rows of a title alone above parts of a table are categories, and a lone remark is none', () => {
  const rounds = read({
    name: 'Sheet1',
    rows: [
      ['Round 1: Locks', ''],
      ['Question', 'Answer'],
      ['What is under the gate?', 'a sill'],
      ['What lets water through?', 'a paddle'],
      ['', ''],
      ['Round 2: Boats', ''],
      ['Question', 'Answer'],
      ['What holds a boat?', 'a rope'],
    ],
  });
  expect(rounds.items.map(({ category }) => category?.[0])).toEqual([
    'Round 1: Locks',
    'Round 1: Locks',
    'Round 2: Boats',
  ]);
  expect(rounds.findings.map(({ rule }) => rule)).not.toContain('row-left-out');
  const remark = read({
    name: 'Sheet1',
    rows: [
      ['Question', 'Answer'],
      ['What is under the gate?', 'a sill'],
      ['', ''],
      ['harder ones from here', ''],
      ['What holds a boat?', 'a rope'],
    ],
  });
  expect(remark.items.map(({ category }) => category)).toEqual([undefined, undefined]);
  expect(remark.findings.map(({ rule }) => rule)).toContain('row-left-out');
});
