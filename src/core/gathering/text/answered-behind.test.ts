// Questions with their answers behind in letters and rounds, one more question without its number, and words on their gaps.
import { describe, expect, it } from 'vitest';
import { briefsOf, gatherColumns, gatherTyped } from '../../../../tests/typed';
import { brief } from '../../../../tests/say';

const text = (...lines: string[]): string => lines.join('\n');

describe('questions without numbers', () => {
  it.each(['-', '–', '=', '->', '/'])('have their answers behind %s in a letter', async (sign) => {
    const { items, findings } = await gatherTyped(
      text(
        'Hello,',
        '',
        'here are three, for Thursday:',
        '',
        `What floats? ${sign} Cork`,
        `Who pays? ${sign} The trust`,
        `When is it? ${sign} In March`,
        '',
        'Cheers',
        'Tom',
      ),
    );
    expect(items.map(brief)).toEqual([
      'short: What floats? [Cork]',
      'short: Who pays? [The trust]',
      'short: When is it? [In March]',
    ]);
    expect(findings.map(({ where }) => where?.line)).toEqual([1, 3, 9, 10]);
  });
  it('stand below the titles of rounds', async () => {
    const { items } = await gatherTyped(
      text(
        'Set: Water',
        'Easy',
        'What floats? / cork',
        'What sinks? / lead',
        'Hard',
        'What rusts? / iron',
      ),
    );
    expect(items.map(({ category, accepted }) => [category?.[0], accepted?.[0]])).toEqual([
      ['Easy', 'cork'],
      ['Easy', 'lead'],
      ['Hard', 'iron'],
    ]);
  });
});

describe('one more question', () => {
  it.each([
    ['Vraag', 'Bonusvraag'],
    ['Question', 'Bonus question'],
    ['Frage', 'Zusatzfrage'],
  ])('below %s 1 and 2 is called %s', async (word, more) => {
    const ask = (head: string, answer: string): string[] => [
      head,
      `What is ${answer}?`,
      `Answer: ${answer}`,
      '',
    ];
    const items = await briefsOf(
      text(...ask(`${word} 1`, 'cork'), ...ask(`${word} 2`, 'lead'), ...ask(more, 'iron')),
    );
    expect(items[2]).toBe('short: What is iron? [iron]');
  });
});

it('words stand on the lines of their gaps', async () => {
  expect(
    await briefsOf(
      text('1. The kiln is heated by ___gas___ or ___wood___.', '2. Clay is ___wedged___ first.'),
    ),
  ).toEqual([
    'gap: The kiln is heated by {{1}} or {{2}}. [gas / wood]',
    'gap: Clay is {{1}} first. [wedged]',
  ]);
});

it('the letters to choose from stand in front of the numbers of statements', async () => {
  expect(
    await briefsOf(
      text(
        'T/F  1. Bees dance.      T',
        'T/F  2. Queens live for ten years.   F',
        'T/F  3. Wasps make honey.   F',
      ),
    ),
  ).toEqual([
    'true-false: Bees dance. [*True / False]',
    'true-false: Queens live for ten years. [True / *False]',
    'true-false: Wasps make honey. [True / *False]',
  ]);
});

it('a part begins right below a statement that is judged', async () => {
  const { items } = await gatherTyped(
    text(
      'Part 1: Rivers',
      '',
      '1. What floats?',
      'a) cork *',
      'b) lead',
      '2. Rivers flow uphill. (false)',
      'Part 2: Seas',
      '',
      '3. What is salty?',
      'a) the sea *',
      'b) a lake',
    ),
  );
  expect(items.map(({ kind }) => kind)).toEqual(['choice-one', 'true-false', 'choice-one']);
});

it('steps stand in one cell of a column that is called so, beside columns of other kinds', async () => {
  const { items } = await gatherColumns([
    'Question;Options;Answer;Pairs;Steps',
    'Which wool?;a sheep | a goat;a sheep;;',
    'Felt needs no loom.;True | False;True;;',
    'Match.;;;flax = plant | silk = insect;',
    'Order them.;;;;shear > wash > card > spin',
  ]);
  expect(brief(items[3]!)).toBe('order: Order them. [shear > wash > card > spin]');
});

it('a task to give the order has steps below it', async () => {
  const [item] = await briefsOf(
    text(
      '1. Give the order for leaving.',
      '   1. close the gates',
      '   2. raise the paddles',
      '   3. leave',
      '',
      '2. What floats?',
      '   ✔ cork',
      '   ✘ lead',
    ),
  );
  expect(item).toBe(
    'order: Give the order for leaving. [close the gates > raise the paddles > leave]',
  );
});
