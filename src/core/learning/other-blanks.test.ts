// Blanks by other hands: keys beside options in one cell, placeholders, codes that only their samples explain, boards and blocks.
import { describe, expect, it } from 'vitest';
import type { Sheet, Table } from '../model';
import { sheetWith } from '../shared/sheet';
import { learn } from '.';
import { table } from '../../../tests/make';

const workbook = (name: string, rows: string[][]): Table => ({
  file: 'blank.xlsx',
  format: 'xlsx',
  sheets: [sheetWith({ name, rows }) satisfies Sheet],
  findings: [],
});
const roles = (text: string): string[] =>
  learn(table(text, 'blank.csv'), 'id').layout.columns.map(
    ({ column, role, n }) => `${column} ${role}${n ?? ''}`,
  );

describe('the key of a blank', () => {
  it('names one of the options that stand in one cell; a question without options says its answer there', () => {
    const { layout } = learn(
      table(
        'Item ID,Type,Stem,Options (separate with |),Correct (number of the option),Score\nEX-1,MC,What floats?,cork|iron|lead,1,1\nEX-2,TF,Iron floats.,true|false,2,1\nEX-3,SA,What is tied?,,rope,2\n',
        'blank.csv',
      ),
      'id',
    );
    expect(layout.key.style).toBe('number');
  });

  it('is a letter where the sample’s options are letters themselves', () => {
    const { layout } = learn(
      table('question;answer_a;answer_b;answer_c;correct\nSample question?;A;B;C;c\n', 'blank.csv'),
      'id',
    );
    expect(layout.key.style).toBe('letter');
  });

  it('says true and false in the letters that its heading explains; a sample shows one of them alone', () => {
    const of = (heading: string) =>
      learn(table(`Statement;${heading};Hint\nAn example;R;\n`, 'blank.csv'), 'id');
    expect(of('Answer (R = richtig, F = falsch)').layout.key).toEqual({
      style: 'word',
      right: 'R',
      wrong: 'F',
    });
    const { layout, unsure } = of('Answer');
    expect(layout.key.wrong).toBeUndefined();
    expect(unsure).toContain('key');
  });

  it('keeps its column where another one is called after the time', () => {
    const headings =
      'Question text,Answer 1,Answer 2,Answer 3,"Time limit (5, 10, 20 or 30 secs)","Correct answer(s) - choose at least one (e.g. 1 or 1,3)"';
    expect(
      roles(`${headings}\nWhich gate opens last?,Bottom gate,Top gate,Side gate,20,1\n`).slice(-2),
    ).toEqual(['E seconds', 'F key']);
  });
});

it('a code that no word explains is that of its sample’s kind', () => {
  const { layout } = learn(
    table(
      'Fragetyp;Frage;Antwort 1;Richtig 1;Antwort 2;Richtig 2;Antwort 3;Richtig 3\nMC;Was schwimmt?;Kork;ja;Blei;nein;Eisen;nein\nRF;Eisen schwimmt.;Richtig;nein;Falsch;ja;;\n',
      'blank.csv',
    ),
    'id',
  );
  expect(layout.kinds).toContainEqual({ kind: 'true-false', code: 'RF' });
});

it('samples without options say their answer beside others that name one, and open ones with an answer are short', () => {
  const { layout } = learn(
    table(
      'type,question,answer1,answer2,answer3,solution\nsingle,What floats?,iron,cork,lead,2\nmultiple,What sinks?,iron,cork,lead,"1,3"\nboolean,Iron floats.,,,,false\nopen,Name a rope.,,,,bow|stern\n',
      'blank.csv',
    ),
    'id',
  );
  expect(layout.key).toEqual({ style: 'number', separator: ',' });
  expect(layout.kinds).toContainEqual({ kind: 'short', code: 'open' });
});

it('levels may say that a question or an answer stands there', () => {
  const rows = [
    ['', 'Category 1', 'Category 2', 'Category 3'],
    ...['100', '200', '300'].flatMap((level) => [[`${level} question`], [`${level} answer`]]),
  ];
  const { layout } = learn(workbook('Board', rows), 'id');
  expect(layout).toMatchObject({ shape: 'grid', grid: { levelRows: [2, 4, 6], answer: 'below' } });
});

describe('blocks', () => {
  const block = (n: number, filled: boolean): string[][] => [
    [`Question ${n}`, ''],
    ['Texte', filled ? 'Que flotte ?' : ''],
    ['Réponse A', filled ? 'Le liège' : ''],
    ['Réponse B', filled ? 'Le fer' : ''],
    ['Bonne réponse', filled ? 'A' : ''],
    ['', ''],
  ];
  it('below counting titles open with the first label below each, and the filled one shows the key', () => {
    const { layout, unsure } = learn(
      workbook('Bloc', [...block(1, true), ...block(2, false)]),
      'id',
    );
    expect(layout.shape).toBe('blocks');
    expect(layout.lines?.map(({ label, role }) => [label, role])).toEqual([
      ['Question {n}', 'ignore'],
      ['Texte', 'stem'],
      ['Réponse A', 'option'],
      ['Réponse B', 'option'],
      ['Bonne réponse', 'key'],
    ]);
    expect(layout.key.style).toBe('letter');
    expect(unsure).toEqual([]);
  });

  it('that are all empty leave the key unsure, unless its label says it', () => {
    const empty = [...block(1, false), ...block(2, false)];
    expect(learn(workbook('Bloc', empty), 'id').unsure).toEqual(['key']);
    const said = empty.map(([label, text]) => [
      label === 'Bonne réponse' ? 'Right letter' : label!,
      text!,
    ]);
    const { layout, unsure } = learn(workbook('Bloc', said), 'id');
    expect([layout.key.style, unsure]).toEqual(['letter', []]);
  });
});
