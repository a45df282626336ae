// Worksheets as teachers type them: parts with tasks of their own, choices offered behind statements, keys of every kind at the end.
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

describe('a worksheet in parts', () => {
  const SHEET = [
    'Lock keepers: revision',
    'Name: ______________   Date: __________',
    '',
    'Circle the correct answer. (1 point each)',
    '',
    '1) Which part lets water through?',
    '   A) beam   B) paddle   C) sill',
    '',
    '2) A boat waits below the ______ until it is full.',
    '   A) gate   B) bridge   C) weir',
    '',
    'True or false? (1 point each)',
    '3) Gates open against the water.   T / F',
    '4) A sill is under water.   T / F',
    '',
    'Short answers (2 points each)',
    '5) What is tied to a bollard?',
    '6) Who opens the paddles?',
    '',
  ];
  it('takes the key of all parts from one line, letters, verdicts and words alike', async () => {
    const items = await read(
      ...SHEET,
      'ANSWER KEY: 1 B, 2 A, 3 F, 4 T, 5 a mooring rope, 6 the crew',
    );
    expect(items.map(brief)).toEqual([
      'choice-one: Which part lets water through? [beam / *paddle / sill]',
      'choice-one: A boat waits below the ______ until it is full. [*gate / bridge / weir]',
      'true-false: Gates open against the water. [True / *False]',
      'true-false: A sill is under water. [*True / False]',
      'short: What is tied to a bollard? [a mooring rope]',
      'short: Who opens the paddles? [the crew]',
    ]);
    expect(items.map(({ points }) => points)).toEqual([1, 1, 1, 1, 2, 2]);
    expect(items.flatMap(({ category }) => category ?? [])).toEqual([]);
  });

  it('leaves statements without a key to be judged, and says that the key is missing', async () => {
    const items = await read(...SHEET);
    expect(items.slice(2, 4).map(brief)).toEqual([
      'true-false: Gates open against the water. [T / F]',
      'true-false: A sill is under water. [T / F]',
    ]);
  });
});

it('labels of letters and numbers that a blank alone parts count up line by line', async () => {
  const lines = [
    '1 Wat houdt een boot vast?',
    'A een bolder',
    'B een deur',
    '2 Wat laat water door?',
    'A een balk',
    'B een schuif',
    'Antwoorden',
    '1 A',
    '2 B',
  ];
  expect(await briefs(...lines)).toEqual([
    'choice-one: Wat houdt een boot vast? [*een bolder / een deur]',
    'choice-one: Wat laat water door? [een balk / *een schuif]',
  ]);
});

it('two lists side by side are one question, and the numbers below go on', async () => {
  const lines = [
    'Match each tool with its use.',
    '',
    '1. windlass       a. ties up a boat',
    '2. rope           b. winds paddles',
    '3. pole           c. keeps off the wall',
    '',
    'Key: 1-b, 2-a, 3-c',
    '',
    'MULTIPLE CHOICE',
    '4. What raises a paddle?',
    'a. a rack',
    'b. a belt',
    'Key: a',
  ];
  expect(await briefs(...lines)).toEqual([
    'match: Match each tool with its use. [windlass=winds paddles / rope=ties up a boat / pole=keeps off the wall]',
    'choice-one: What raises a paddle? [*a rack / a belt]',
  ]);
});

it('options behind a question on its line, with the letters of all answers in their order', async () => {
  const lines = [
    'Lösungen stehen am Ende.',
    '',
    '1. Was hält ein Boot?  (a) der Poller (b) das Tor',
    '2. Was lässt Wasser durch?  (a) der Balken (b) das Schütz',
    '',
    'Lösungen: a b',
  ];
  expect(await briefs(...lines)).toEqual([
    'choice-one: Was hält ein Boot? [*der Poller / das Tor]',
    'choice-one: Was lässt Wasser durch? [der Balken / *das Schütz]',
  ]);
});

it('an answer right behind each question is its answer', async () => {
  const lines = [
    'Quiz night, round 3',
    '',
    'What holds a boat? A rope',
    'What lets water through? The paddle',
    'What is wound by hand? The windlass',
    'What is under the gate? The sill',
  ];
  expect((await briefs(...lines)).slice(0, 2)).toEqual([
    'short: What holds a boat? [A rope]',
    'short: What lets water through? [The paddle]',
  ]);
});

it('wrong options on one line behind their name are parted, and other names are kept as tags', async () => {
  const lines = ['beam; sill', 'gate; weir'].flatMap((wrong, n) => [
    `Question: What is part ${n + 1}?`,
    `Right answer: paddle ${n + 1}`,
    `Wrong answers: ${wrong}`,
    'Difficulty: easy',
    '',
  ]);
  const items = await read(...lines);
  expect(items.map(brief)).toEqual([
    'choice-one: What is part 1? [*paddle 1 / beam / sill]',
    'choice-one: What is part 2? [*paddle 2 / gate / weir]',
  ]);
  expect(items[0]!.tags).toEqual([{ name: 'Difficulty', value: 'easy' }]);
});

it('a number with its tolerance is a number', async () => {
  const lines = [
    '1. How deep is the lock in metres?',
    'Answer: 2.4 ± 0.1',
    '',
    '2. What floats?',
    'Answer: cork',
  ];
  expect(await briefs(...lines)).toEqual([
    'number: How deep is the lock in metres? [2.4±0.1]',
    'short: What floats? [cork]',
  ]);
});

it('a part keeps its title above what is to be done, and solutions in square brackets fill gaps', async () => {
  const items = await read(
    'PART A: BOATS',
    '',
    'Choose the best word.',
    '',
    '1. The boat is tied to the ____.',
    'a) bollard*',
    'b) cloud',
    '',
    'PART B: VERBS',
    '',
    'Complete with the past tense of the verb in brackets.',
    '',
    '2. Yesterday we ____ (sail) home.  [sailed]',
    '3. The keeper ____ (see) us.  [saw]',
  );
  expect(items.map(brief)).toEqual([
    'choice-one: The boat is tied to the ____. [*bollard / cloud]',
    'gap: Yesterday we {{1}} (sail) home. [sailed]',
    'gap: The keeper {{1}} (see) us. [saw]',
  ]);
  expect(items.map(({ category }) => category?.[0])).toEqual([
    'PART A: BOATS',
    'PART B: VERBS',
    'PART B: VERBS',
  ]);
});
