// Parts that count anew with a key each, names in brackets, places at steps, counted gaps. Common practice, no source.
import { describe, expect, it } from 'vitest';
import { briefsOf, gatherTyped } from '../../../../tests/typed';

describe('parts that count their tasks anew', () => {
  const PARTS = [
    'Match each with its use.\n1. windlass      a. to moor with\n2. rope      b. to wind with',
    'Choose.\n1. What floats?\n   a. cork   b. lead   c. iron\n2. What sinks?\n   a. wood   b. lead   c. cork',
    'True or false?\n1. Cork floats.\n2. Lead floats.',
  ];
  const KEYS = ['1b 2a', '1a 2b', '1 true 2 false'];
  it.each([['I', 'II', 'III'].map((n) => `${n}. `), ['A', 'B', 'C'].map((n) => `${n}) `)])(
    'by %s, %s, %s have their answers by part at the end',
    async (...names) => {
      const text = `Test of the lock\n\n${PARTS.map((part, n) => names[n]! + part).join('\n\n')}\n\nAnswers\n${KEYS.map((key, n) => names[n]! + key).join('\n')}\n`;
      expect(await briefsOf(text)).toEqual([
        'match: Match each with its use. [windlass=to wind with / rope=to moor with]',
        'choice-one: What floats? [*cork / lead / iron]',
        'choice-one: What sinks? [wood / *lead / cork]',
        'true-false: Cork floats. [*true / false]',
        'true-false: Lead floats. [true / *false]',
      ]);
    },
  );
  it('whose numbers go on are left as they are', async () => {
    expect(
      await briefsOf(
        'I. Easy\n1. What floats?\na) cork *\nb) lead\n\nII. Hard\n2. What sinks?\na) cork\nb) lead *\n',
      ),
    ).toEqual([
      'choice-one: What floats? [*cork / lead]',
      'choice-one: What sinks? [cork / *lead]',
    ]);
  });
});

describe('names of lines', () => {
  it.each([
    ['[', ']'],
    ['{', '}'],
    ['<', '>'],
  ])('in %s%s in front of each say what it holds', async (open, close) => {
    const line = (name: string, text: string): string => `${open}${name}${close} ${text}`;
    const question = (n: number, ...texts: string[]): string =>
      [`Q${n}`, 'A', 'B', 'ANS'].map((name, at) => line(name, texts[at]!)).join('\n');
    expect(
      await briefsOf(
        [
          question(1, 'What floats?', 'cork', 'lead', 'A'),
          question(2, 'What sinks?', 'cork', 'lead', 'B'),
        ].join('\n\n'),
      ),
    ).toEqual([
      'choice-one: What floats? [*cork / lead]',
      'choice-one: What sinks? [cork / *lead]',
    ]);
  });
  it('that count alone above others are no part of a text', async () => {
    expect(
      await briefsOf('Card 1\nFront: Kork\nBack: cork\n\nCard 2\nFront: Blei\nBack: lead\n'),
    ).toEqual(['card: Kork [cork]', 'card: Blei [lead]']);
  });
});

describe('numbers', () => {
  it.each(['__ {}', '- ____ {}', '( ) {}', '[ ] {}'])(
    'below say the places of steps typed as “%s”',
    async (typed) => {
      const steps = ['sail in', 'dig', 'fill'].map((step) => typed.replace('{}', step)).join('\n');
      expect(
        await briefsOf(
          `1. Put these in the right order:\n${steps}\n(Answer: 3, 1, 2)\n\n2. What floats?\nAnswer: cork\n`,
        ),
      ).toEqual([
        'order: Put these in the right order: [dig > fill > sail in]',
        'short: What floats? [cork]',
      ]);
    },
  );
  it('behind gaps count the words below them', async () => {
    expect(
      await briefsOf(
        'The ____ (1) opens, and ____ (2) runs into the chamber, where the boat waits.\n\n(1) paddle\n(2) water\n',
      ),
    ).toEqual([
      'gap: The {{1}} opens, and {{2}} runs into the chamber, where the boat waits. [paddle / water]',
    ]);
  });
});

describe('sentences with a word in brackets behind each', () => {
  it('are riddles with their solutions', async () => {
    expect(
      await briefsOf(
        'Who am I?\n\nI float on water. (cork)\nI wind the paddles up. (windlass)\nI wait for the boats. (lock keeper)\nI open in pairs. (gates)\n',
      ),
    ).toEqual([
      'short: I float on water. [cork]',
      'short: I wind the paddles up. [windlass]',
      'short: I wait for the boats. [lock keeper]',
      'short: I open in pairs. [gates]',
    ]);
  });
  it('are judged where the words are verdicts', async () => {
    const { items } = await gatherTyped(
      'True or false?\n\nCork floats. (true)\nLead floats. (false)\nGates open in pairs. (true)\n',
    );
    expect(items.map(({ kind }) => kind)).toEqual(['true-false', 'true-false', 'true-false']);
  });
});
