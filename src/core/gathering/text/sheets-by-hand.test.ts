// What sheets say by brackets, capitals, quotes, names alone and lines to write on.
import { describe, expect, it } from 'vitest';
import { briefsOf, gatherTyped } from '../../../../tests/typed';

const text = (...lines: string[]): string => lines.join('\n');
const CHOICE = text('1. What floats?', 'a) cork', 'b) lead', 'Answer: a');

describe('what stands in brackets behind counted questions', () => {
  it('answers them where nothing stands below', async () => {
    const sheet = text('1. What floats? (cork / wood)', '2. Which month is it? (May)');
    expect(await briefsOf(sheet)).toEqual([
      'short: What floats? [cork / wood]',
      'short: Which month is it? [May]',
    ]);
  });
  it.each([
    ['points', '(2 points)', '(3 points)'],
    ['lines', '(2 lines)', '(3 lines)'],
    ['numbers of their own', '(2)', '(3)'],
    ['the same for all', '(in a word)', '(in a word)'],
  ])('does not where it says %s', async (_, first, second) => {
    const { items } = await gatherTyped(
      text(`1. What floats? ${first}`, `2. What sinks? ${second}`),
    );
    expect(items.map(({ kind }) => kind)).toEqual(['open', 'open']);
  });
  it('does not where answers are named', async () => {
    const sheet = text(
      '1. What floats? (on water)',
      'Answer: cork',
      '2. What sinks? (in it)',
      'Answer: lead',
    );
    expect(await briefsOf(sheet)).toEqual([
      'short: What floats? (on water) [cork]',
      'short: What sinks? (in it) [lead]',
    ]);
  });
});

describe('an option in capitals', () => {
  const SHEET = [
    '1. What floats?',
    'a) CORK',
    'b) lead',
    '2. What sinks?',
    'a) wood',
    'b) IRON BARS',
  ];
  it('is the right one where each question has one', async () => {
    expect(await briefsOf(text(...SHEET))).toEqual([
      'choice-one: What floats? [*CORK / lead]',
      'choice-one: What sinks? [wood / *IRON BARS]',
    ]);
  });
  it.each([
    ['one question has none', [...SHEET, '3. What burns?', 'a) oil', 'b) sand']],
    ['one has two', [...SHEET, '3. What burns?', 'a) OIL', 'b) LPG', 'c) sand']],
  ])('says nothing where %s', async (_, lines) => {
    const { items } = await gatherTyped(text(...lines));
    expect(items.flatMap(({ options = [] }) => options.filter(({ right }) => right))).toEqual([]);
  });
});

describe('quoted lines', () => {
  it('that say an option again answer', async () => {
    const sheet = text(
      'What floats?',
      '* cork',
      '* lead',
      '> cork',
      '',
      'What sinks?',
      '* wood',
      '* iron',
      '> iron',
    );
    expect(await briefsOf(sheet)).toEqual([
      'choice-one: What floats? [*cork / lead]',
      'choice-one: What sinks? [wood / *iron]',
    ]);
  });
});

describe('names alone above what they name', () => {
  it.each([
    ['Front', 'Back'],
    ['Question', 'Answer'],
    ['Vorderseite:', 'Rückseite:'],
  ])('%s and %s stand for the text below', async (front, back) => {
    const sheet = text(
      front,
      'What floats?',
      back,
      'Cork',
      '---',
      front,
      'What sinks?',
      '',
      back,
      'Lead',
    );
    const items = await briefsOf(sheet);
    expect(items.map((one) => one.replace(/^[a-z]+: /u, ''))).toEqual([
      'What floats? [Cork]',
      'What sinks? [Lead]',
    ]);
  });
  it('name nothing where two of them follow one another', async () => {
    const { items } = await gatherTyped(text('Front', 'Back', 'Front', 'Back', CHOICE));
    expect(items).toHaveLength(1);
  });
});

describe('lines to write on', () => {
  const RULE = '_'.repeat(30);
  const DOTS = '.'.repeat(40);
  it('below a task are counted', async () => {
    const { items } = await gatherTyped(
      text(
        '1. Why does cork float?',
        DOTS,
        DOTS,
        '2. Say why lead sinks.',
        RULE,
        '',
        RULE,
        '',
        RULE,
      ),
    );
    expect(items).toMatchObject([
      { kind: 'open', lines: 2 },
      { kind: 'open', lines: 3 },
    ]);
  });
  it('part questions where they stand below those with options too', async () => {
    const { items } = await gatherTyped(text(CHOICE, RULE, '2. Say why lead sinks.', RULE));
    expect(items[1]).toMatchObject({ kind: 'open' });
    expect(items[1]).not.toHaveProperty('lines');
  });
});

it('a tolerance in brackets stands behind any unit', async () => {
  expect(await briefsOf(text('1. How hot is it?', 'Answer: 240 °C (± 10)'))).toEqual([
    'number: How hot is it? [240±10°C]',
  ]);
});
