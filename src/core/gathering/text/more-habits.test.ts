// Habits of typed texts again: orders said below steps, quotations, points behind the question mark.
import { describe, expect, it } from 'vitest';
import { counter } from '../../../../tests/make';
import { brief } from '../../../../tests/say';
import type { Item } from '../../model';
import { gatherSource } from '../../pipeline';

const read = async (...lines: string[]): Promise<Item[]> => {
  const bytes = new TextEncoder().encode(lines.join('\n'));
  const { items } = await gatherSource({ name: 'a.txt', bytes }, {}, { id: counter() });
  return items;
};
const briefs = async (...lines: string[]): Promise<string[]> => (await read(...lines)).map(brief);

it('steps counted below a task are put in the order that their numbers are said in', async () => {
  const lines = [
    'Arrange the steps in the right order:',
    '1. Open the valve',
    '2. Check the pressure',
    '3. Close the drain',
    'Correct order: 3, 1, 2',
    '',
    'Arrange these towns from north to south:',
    '1. Rome',
    '2. Oslo',
    '3. Berlin',
    'Correct order: 2, 3, 1',
  ];
  expect(await briefs(...lines)).toEqual([
    'order: Arrange the steps in the right order: [Close the drain > Open the valve > Check the pressure]',
    'order: Arrange these towns from north to south: [Oslo > Berlin > Rome]',
  ]);
});

it('a quoted line below options explains the question above, and is no title of the next', async () => {
  const items = await read(
    '## Question 1',
    'What joins two networks?',
    '',
    '- [ ] Switch',
    '- [x] Router',
    '',
    '> A router looks at addresses.',
    '',
    '## Question 2',
    'What has a middle?',
    '',
    '- [x] Star',
    '- [ ] Ring',
  );
  expect(items.map(({ explanation }) => explanation?.plain)).toEqual([
    'A router looks at addresses.',
    undefined,
  ]);
  expect(items[1]!.category).toBeUndefined();
});

it('questions with their points behind the question mark are no table', async () => {
  const lines = [
    'What is 7 x 8? (1 point)',
    '56',
    '',
    'What is the root of 144? (2 points)',
    '12',
    '',
    'What is 3 + 4? (1 point)',
    '7',
  ];
  expect(await briefs(...lines)).toEqual([
    'short: What is 7 x 8? [56]',
    'short: What is the root of 144? [12]',
    'short: What is 3 + 4? [7]',
  ]);
});

describe('questions whose answers stand where there is no label', () => {
  it('a bar behind the number, options that begin anew, and a verdict behind an arrow', async () => {
    expect(
      await briefs(
        'Part 1: Knots\n\n1 | Which knot makes a fixed loop?\n(a) reef knot\n(b) bowline  <<\n(c) clove hitch\n\n2 | Which knot ties two ropes?\n(a) reef knot  <<\n(b) bowline\n(c) sheet bend\n\nPart 2: Locks\n\n3 | Before opening, the levels must be\n(a) equal  <<\n(b) different\n(c) measured\n\n4 | True or false: paddles may be dropped. -> False\n',
      ),
    ).toEqual([
      'choice-one: Which knot makes a fixed loop? [reef knot / *bowline / clove hitch]',
      'choice-one: Which knot ties two ropes? [*reef knot / bowline / sheet bend]',
      'choice-one: Before opening, the levels must be [*equal / different / measured]',
      'true-false: paddles may be dropped. [True / *False]',
    ]);
  });
  it('a number alone on the line below, beside questions of other kinds', async () => {
    expect(
      await briefs(
        '1) How deep is the lock? (in m)\n   2.4 (+/- 0.1)\n\n2) How many paddles are there?\n   4\n\n3) Which are safe? (choose two)\n   [x] lifejacket\n   [ ] running\n   [x] waiting\n\n4) Read this line:\n   4 gates are shut.\n',
      ),
    ).toEqual([
      'number: How deep is the lock? (in m) [2.4±0.1]',
      'short: How many paddles are there? [4]',
      'choice-many: Which are safe? (choose two) [*lifejacket / running / *waiting]',
      'open: Read this line: 4 gates are shut. []',
    ]);
  });
  it('gaps that hold their words in square brackets, where several sentences do', async () => {
    expect(
      await briefs(
        '1. The [cill] is the step below the gates.\n2. A [bollard / post] holds the rope.\n3. Water runs through the [paddles] and the [by-wash].\n',
      ),
    ).toEqual([
      'gap: The {{1}} is the step below the gates. [cill]',
      'gap: A {{1}} holds the rope. [bollard|post]',
      'gap: Water runs through the {{1}} and the {{2}}. [paddles / by-wash]',
    ]);
    expect(await briefs('1. Describe the [cill] of a lock.\n2. Name three knots.\n')).toEqual([
      'open: Describe the [cill] of a lock. []',
      'open: Name three knots. []',
    ]);
  });
  it('an answer in which a comma stands before "or" is one answer', async () => {
    expect(
      await briefs(
        'Q: Who may operate a lock?\nA: Anyone trained, or under supervision.\n\nQ: What opens?\nA: gate or door\n',
      ),
    ).toEqual([
      'short: Who may operate a lock? [Anyone trained, or under supervision.]',
      'short: What opens? [gate / door]',
    ]);
  });
  it('the letter or number of the right option with its reason', async () => {
    const items = await read(
      'A. Which craft gives way?\n1. the one going upstream\n2. the other\nAnswer: 1, because the current carries the other.\n\nB. What is worn on deck?\n1. a hat\n2. a lifejacket\nAnswer: 2 since falls are common.\n\nC. Which float?\n1. cork\n2. oak\n3. iron\nAnswer: 1, 2\n',
    );
    expect(items.map(brief)).toEqual([
      'choice-one: Which craft gives way? [*the one going upstream / the other]',
      'choice-one: What is worn on deck? [a hat / *a lifejacket]',
      'choice-many: Which float? [*cork / *oak / iron]',
    ]);
    expect(items.map(({ explanation }) => explanation?.plain)).toEqual([
      'because the current carries the other',
      'since falls are common',
      undefined,
    ]);
  });
  it('one line below each, though a title stands above them', async () => {
    expect(
      await briefs(
        'Lock keeping revision\n\nWhat is a bywash?\n    a channel that takes surplus water\n\nWhat is a winding hole?\n    a wide place where boats turn\n\nWhat is a cill?\n    a step below the upper gates\n',
      ),
    ).toEqual([
      'short: What is a bywash? [a channel that takes surplus water]',
      'short: What is a winding hole? [a wide place where boats turn]',
      'short: What is a cill? [a step below the upper gates]',
    ]);
  });
  it('words and numbers in brackets behind the questions, and their points there', async () => {
    const asked = (...said: string[]) =>
      briefs(
        `#1 Who is in charge? [${said[0]!}]\n#2 What lies between locks? [${said[1]!}]\n#3 How many gates are there? [${said[2]!}]\n`,
      );
    expect(await asked('keeper', 'pound / reach', '4')).toEqual([
      'short: Who is in charge? [keeper]',
      'short: What lies between locks? [pound / reach]',
      'short: How many gates are there? [4]',
    ]);
    expect((await asked('2', '1', '3')).every((one) => one.startsWith('open'))).toBe(true);
  });
  it('a topic above each question is its own, and one below the options is that question’s', async () => {
    const topics = async (text: string) =>
      (await read(text)).map(({ stem, category }) => `${stem.plain} ${category?.join() ?? ''}`);
    const question = (n: number, what: string): string =>
      `Q${n}. ${what} is ...\n - optional\n + required\n - forbidden\n`;
    expect(
      await topics(
        `Topic: Safety\n${question(1, 'A jacket')}\nTopic: Water\n${question(2, 'A bywash')}`,
      ),
    ).toEqual(['A jacket is ... Safety', 'A bywash is ... Water']);
    expect(
      await topics(
        `${question(1, 'A jacket')}Topic: Safety\n\n${question(2, 'A bywash')}Topic: Water\n`,
      ),
    ).toEqual(['A jacket is ... Safety', 'A bywash is ... Water']);
  });
  it('two lists side by side with a key of their own, and steps in one line', async () => {
    expect(
      await briefs(
        'Match the words.\n1 windlass         a holds a rope\n2 bollard         b turns the gear\n3 cill            c a step below\nAnswers: 1b, 2a, 3c\n\nPut into order: fill, open, enter, close\nAnswer: open, enter, close, fill\n',
      ),
    ).toEqual([
      'match: Match the words. [windlass=turns the gear / bollard=holds a rope / cill=a step below]',
      'order: Put into order: [open > enter > close > fill]',
    ]);
    expect(
      await briefs(
        'Name these knots: 1, 2, 3\nAnswer: reef, bowline, hitch\n\nWhat opens?\nAnswer: a gate\n',
      ),
    ).toEqual([
      'short: Name these knots: 1, 2, 3 [reef, bowline, hitch]',
      'short: What opens? [a gate]',
    ]);
  });
});
