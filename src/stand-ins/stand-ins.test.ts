// The stand-ins: each reads its own blank's form strictly, and takes what the road fills into it.
import { describe, expect, it } from 'vitest';
import { demo, demoBank, surroundings } from '../../tests/make';
import { fillAll, learnBlank } from '../core/pipeline';
import { read, write, type WorkSheet } from '@e965/xlsx';
import { takeFile as takeBoard } from './board-host/take';
import { keyResponse, responsesCsv, takeFile as takeForm } from './form-host/take';
import { STAND_INS } from './index';
import { takeFile as takeCards } from './card-trainer/take';
import { takeFile as takeShelf } from './course-shelf/take';
import type { Taken } from './taken';

const bytes = (text: string): Uint8Array => new TextEncoder().encode(text);
const reasons = (answer: Taken<unknown>): string[] =>
  'problem' in answer
    ? [answer.problem]
    : answer.refused.map(({ row, reason }) => `${row}: ${reason}`);

describe('every stand-in', () => {
  it.each(STAND_INS.map((one) => [one.title, one] as const))(
    '%s publishes rules and takes all that is filled for it',
    async (_, one) => {
      expect(one.rules.length).toBeGreaterThan(3);
      const name = one.blank.replace('/demo/', '');
      const blank = demo(name);
      const { layout } = await learnBlank({ name, bytes: blank }, surroundings);
      const [file] = await fillAll(
        { items: demoBank().slice(0, 30), layout, blank, setTitle: 'Evening' },
        surroundings,
      );
      const answer = await one.take(file!.bytes);
      expect('problem' in answer ? answer.problem : answer.refused).toEqual([]);
      expect('problem' in answer ? 0 : answer.questions.length).toBe(file!.receipt.questions);
    },
  );
  it.each(STAND_INS.map((one) => [one.title, one] as const))(
    '%s says why it can read nothing',
    async (_, one) => {
      for (const strange of [new Uint8Array([0xff, 0xfe, 0x00]), bytes(''), bytes('a\tb\n1\t2')]) {
        expect(await one.take(strange)).toHaveProperty('problem');
      }
    },
  );
});

describe('the team board', () => {
  const workbook = (change: (sheet: WorkSheet) => void): Uint8Array => {
    const book = read(demo('team-board.xlsx'));
    change(book.Sheets['Board']!);
    return new Uint8Array(write(book, { type: 'array', bookType: 'xlsx' }) as ArrayBuffer);
  };
  const put = (sheet: WorkSheet, cell: string, v: string): void => {
    sheet[cell] = { t: 's', v };
  };
  it('refuses squares with their cells, and takes the others', async () => {
    const answer = await takeBoard(
      workbook((sheet) => {
        put(sheet, 'B2', 'What is a cill?');
        put(sheet, 'B3', 'a ledge');
        put(sheet, 'C2', 'What is a pound?');
        put(sheet, 'D5', 'a gate');
        put(sheet, 'G10', 'x'.repeat(111));
        put(sheet, 'G11', 'y');
      }),
    );
    expect(answer).toMatchObject({
      questions: [
        { cell: 'B2', lane: 0, worth: 1, question: 'What is a cill?', answer: 'a ledge' },
      ],
    });
    expect(reasons(answer)).toEqual([
      '2: C2 has a question, but no answer in the row below it',
      '4: D4 has an answer below it, but no question',
      '10: the question in G10 has 111 characters; 110 are taken',
    ]);
  });
  it('refuses a board whose fixed row or column was touched', async () => {
    expect(await takeBoard(workbook((sheet) => put(sheet, 'C1', 'Boats')))).toEqual({
      problem: 'Cell C1 is “Boats”; it must stay “Lane 2”.',
    });
    expect(await takeBoard(workbook((sheet) => put(sheet, 'A6', '4')))).toEqual({
      problem: 'Cell A6 is “4”; it must stay “3”.',
    });
  });
});

describe('the round form', () => {
  const form = (...lines: string[]) => takeForm(bytes(['form Locks', '', ...lines].join('\n')));
  it('refuses questions with their lines, and takes the others', () => {
    const answer = form(
      'ask What is a cill?',
      'opt a ledge',
      'opt a rope',
      'key 1',
      '',
      'ask What is a pound?',
      'opt water',
      'key 1',
      '',
      'ask Which float?',
      'opt cork',
      'opt lead',
      'key 3',
      '',
      'ask Which sink?',
      'opt cork',
      'opt lead',
      'note heavy',
      'key 2',
    );
    expect(answer).toMatchObject({
      title: 'Locks',
      questions: [{ row: 3, ask: 'What is a cill?', options: ['a ledge', 'a rope'], key: [1] }],
    });
    expect(reasons(answer)).toEqual([
      '8: it has 1 options; 2 to 6 are taken',
      '12: the key says 3, but there are 2 options',
      '17: line 20 begins with “note”, which is none of the form’s words',
    ]);
  });
  it('gives its responses as one csv, the key first, that Results reads as answers', async () => {
    const answer = form(
      'ask A, or "B"?',
      'opt x',
      'opt y, z',
      'key 1, 2',
      '',
      'ask C?',
      'opt p',
      'opt q',
      'key 2',
    );
    if ('problem' in answer) {
      throw new Error(answer.problem);
    }
    const csv = responsesCsv(answer.questions, [
      keyResponse(answer.questions, '2026-11-28 10:00'),
      { by: 'Ada', at: '2026-11-28 10:05', picked: [[1], [2]] },
    ]);
    expect(csv).toBe(
      'Time,Name,"A, or ""B""?",C?\r\n2026-11-28 10:00,Key,"x; y, z",q\r\n2026-11-28 10:05,Ada,x,q\r\n',
    );
  });
});

describe('the card box', () => {
  const head = 'Front of card\tBack of card (at most 90 characters)\tDeck\n';
  it('refuses lines with their reasons', () => {
    const long = 'x'.repeat(91);
    const file = `${head}Sample: a\tb\tc\nfront\t\td\nfront\t${long}\td\npound\twater\td\npound\tmoney\td\na\tb\tc\td\n`;
    expect(reasons(takeCards(bytes(file)))).toEqual([
      '2: it is one of the form’s own samples',
      '3: the back is empty',
      '4: the back has 91 characters; 90 are taken',
      '6: this front is in the deck already',
      '7: the line has 4 columns; there are 3',
    ]);
  });
});

describe('the course shelf', () => {
  const blank = new TextDecoder().decode(demo('course-shelf.csv'));
  const head = `${blank.split(/\r?\n/)[0]}\n`;
  const line = (...cells: string[]): string =>
    `${[...cells, ...Array.from({ length: 13 - cells.length }, () => '')].join(';')}\n`;
  it('reads quotes, stars, worth and topic', () => {
    const answer = takeShelf(
      bytes(
        `${head}${line('C1', '"Which; ""this"" one?"', '*a', 'b', '*c', '', '', '2,5', 'Why.', 'Locks', 'Think.', '2', 'Practice')}`,
      ),
    );
    expect(answer).toEqual({
      refused: [],
      questions: [
        {
          row: 2,
          ref: 'C1',
          task: 'Which; "this" one?',
          choices: ['a', 'b', 'c'],
          right: [0, 2],
          worth: 2.5,
          afterwards: 'Why.',
          topic: 'Locks',
          hint: 'Think.',
          tries: 2,
          use: 'practice',
        },
      ],
    });
  });
  it('takes a last line that ends with an empty cell and no line end', () => {
    const answer = takeShelf(bytes(`${head}${line('C1', 'One?', '*a', 'b').trimEnd()}`));
    expect('questions' in answer && answer.questions.map(({ task }) => task)).toEqual(['One?']);
  });
  it('refuses lines with their reasons', () => {
    const file =
      head +
      line('', '', '*a', 'b') +
      line('', 'One?', '*a') +
      line('', 'Hole?', '*a', '', 'b') +
      line('', 'None?', 'a', 'b') +
      line('', 'Twice?', '*a', 'A') +
      line('', 'Worth?', '*a', 'b', '', '', '', 'much') +
      line('X', 'Fine?', '*a', 'b') +
      line('X', 'Again?', '*a', 'b') +
      line('Y', 'Tries?', '*a', 'b', '', '', '', '', '', '', '', '4') +
      line('Z', 'Use?', '*a', 'b', '', '', '', '', '', '', '', '', 'exam');
    expect(reasons(takeShelf(bytes(file)))).toEqual([
      '2: there is no task',
      '3: there is one choice; two at least are asked for',
      '4: choice 2 is empty while a later one is not',
      '5: no choice begins with a star',
      '6: choice 2 says the same as an earlier one',
      '7: its worth is no number above 0',
      '9: the code X comes twice',
      '10: its tries are no whole number from 1 to 3',
      '11: its use is “exam”; practice, scored or nothing is taken',
    ]);
    expect(reasons(takeShelf(bytes(`${head}"open;a;b\n`)))[0]).toMatch(/quote is opened/);
  });
});
