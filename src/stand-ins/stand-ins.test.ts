// The stand-ins: each reads its own blank's form strictly, and takes what the road fills into it.
import { describe, expect, it } from 'vitest';
import { demo, demoBank, surroundings } from '../../tests/make';
import { fillAll, learnBlank } from '../core/pipeline';
import { STAND_INS } from './index';
import { takeFile as takeCards } from './card-trainer/take';
import { takeFile as takeShelf } from './course-shelf/take';

const bytes = (text: string): Uint8Array => new TextEncoder().encode(text);
const reasons = (answer: ReturnType<typeof takeCards> | ReturnType<typeof takeShelf>): string[] =>
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
    `${[...cells, ...Array.from({ length: 10 - cells.length }, () => '')].join(';')}\n`;
  it('reads quotes, stars, worth and topic', () => {
    const answer = takeShelf(
      bytes(
        `${head}${line('C1', '"Which; ""this"" one?"', '*a', 'b', '*c', '', '', '2,5', 'Why.', 'Locks')}`,
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
        },
      ],
    });
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
      line('X', 'Again?', '*a', 'b');
    expect(reasons(takeShelf(bytes(file)))).toEqual([
      '2: there is no task',
      '3: there is one choice; two at least are asked for',
      '4: choice 2 is empty while a later one is not',
      '5: no choice begins with a star',
      '6: choice 2 says the same as an earlier one',
      '7: its worth is no number above 0',
      '9: the code X comes twice',
    ]);
    expect(reasons(takeShelf(bytes(`${head}"open;a;b\n`)))[0]).toMatch(/quote is opened/);
  });
});
