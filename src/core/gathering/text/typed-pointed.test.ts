// Right options that a sign points at, and answers behind signs. Common practice, no source.
import { expect, it } from 'vitest';
import { briefsOf } from '../../../../tests/typed';

const read = (...lines: string[]): Promise<string[]> => briefsOf(lines.join('\n'));

it.each(['>', '→', '»'])('%s points at right ones among lines without a sign', async (sign) => {
  expect(
    await read(
      '* Which of these is a mammal?',
      '   shark',
      `   ${sign} dolphin`,
      '   tuna',
      '',
      '* Which are insects?',
      `   ${sign} ant`,
      '   spider',
      `   ${sign} bee`,
    ),
  ).toEqual([
    'choice-one: Which of these is a mammal? [shark / *dolphin / tuna]',
    'choice-many: Which are insects? [*ant / spider / *bee]',
  ]);
});

it('a quotation below each question explains it', async () => {
  const [first] = await read(
    '1. What opens?',
    'a) a wall',
    'b) a gate *',
    '> Gates swing.',
    '',
    '2. What floats?',
    'a) a hull *',
    'b) a stone',
    '> It is light.',
  );
  expect(first).toBe('choice-one: What opens? [a wall / *a gate]');
});

it('the text of the right one stands behind an arrow', async () => {
  expect(
    await read(
      '1. What colour is a port light?',
      'red / green / white -> RED',
      '',
      '2. How many crew work a lock?',
      'one / two / four -> two',
    ),
  ).toEqual([
    'choice-one: What colour is a port light? [*red / green / white]',
    'choice-one: How many crew work a lock? [one / *two / four]',
  ]);
});

it('equals signs stand before what is accepted, where nothing else stands below', async () => {
  expect(
    await read(
      '1. Name the stretch between two locks.',
      '= pound',
      '= the pound',
      '',
      '2. What is 2 + 3?',
      '= 5',
    ),
  ).toEqual([
    'short: Name the stretch between two locks. [pound / the pound]',
    'short: What is 2 + 3? [5]',
  ]);
});

it('a verdict stands in brackets behind the choice, with its reason or without', async () => {
  const items = await read(
    '1. The Danube is the longest river in Europe.   T / F   (F: the Volga is longer)',
    '2. Ice is lighter than water.   T / F   (T)',
  );
  expect(items).toEqual([
    'true-false: The Danube is the longest river in Europe. [True / *False]',
    'true-false: Ice is lighter than water. [*True / False]',
  ]);
});

it('arrows stand before what is accepted, and a level behind each question', async () => {
  expect(
    await read(
      'Q1: What winds a paddle? [easy]',
      '-> A windlass',
      'Q2: What steers the boat? [hard]',
      '-> A tiller',
    ),
  ).toEqual([
    'short: What winds a paddle? [A windlass]',
    'short: What steers the boat? [A tiller]',
  ]);
});

it('letters stand in the place of ticks and empty boxes', async () => {
  expect(
    await read(
      'What holds the water?',
      '  o the wall',
      '  x the gate',
      '',
      'What floats?',
      '  x cork',
      '  o lead',
      '  x wood',
    ),
  ).toEqual([
    'choice-one: What holds the water? [the wall / *the gate]',
    'choice-many: What floats? [*cork / lead / *wood]',
  ]);
});

it('the words for several gaps stand in brackets behind their sentence', async () => {
  expect(
    await read(
      'The ___ lies below and the ___ above. (cill, beam)',
      'The ______ gate faces upstream and the ______ gate faces downstream. (head, tail)',
    ),
  ).toEqual([
    'gap: The {{1}} lies below and the {{2}} above. [cill / beam]',
    'gap: The {{1}} gate faces upstream and the {{2}} gate faces downstream. [head / tail]',
  ]);
});

it('sentences with a gap and a word behind are one each', async () => {
  const sentences = await read(
    'The ______ gate faces upstream. (head)',
    'The ___ lies under the gate. (cill)',
  );
  expect(sentences).toHaveLength(2);
});

it('a list of steps is put in order by a line below', async () => {
  expect(
    await read(
      'What opens?',
      'a) a wall',
      'b) a gate *',
      '',
      'Put these in order:',
      '- Open the paddles',
      '- Enter the chamber',
      '- Close the gates',
      'Right order: 2, 3, 1',
    ),
  ).toEqual([
    'choice-one: What opens? [a wall / *a gate]',
    'order: Put these in order: [Enter the chamber > Close the gates > Open the paddles]',
  ]);
});
