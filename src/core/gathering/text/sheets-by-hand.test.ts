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

describe('a question with its answer behind', () => {
  const ROUND = [
    'Quiz – 12 March',
    '',
    'ROUND ONE',
    '1. What floats? – Cork',
    '2. What sinks? – Lead',
    '3. What burns? – Oil',
  ];
  it('is no term of a list, and a title with a dash is none either', async () => {
    expect(await briefsOf(text(...ROUND))).toEqual([
      'short: What floats? [Cork]',
      'short: What sinks? [Lead]',
      'short: What burns? [Oil]',
    ]);
  });
  it('is one of its own without a number, behind a title', async () => {
    const items = await briefsOf(
      text(...ROUND, '', 'TIE-BREAKER', 'How many boats are there? – 27'),
    );
    expect(items.slice(2)).toEqual([
      'short: What burns? [Oil]',
      'short: How many boats are there? [27]',
    ]);
  });
  it('ends there: a greeting below belongs to none', async () => {
    const { items, findings } = await gatherTyped(
      text(
        '1/ What floats? cork',
        '2/ What sinks? lead',
        '3/ Which: oil, or sand? oil',
        '',
        'Bye, all',
        'Ann',
      ),
    );
    expect(items.map(({ accepted }) => accepted)).toEqual([['cork'], ['lead'], ['oil']]);
    expect(findings.map(({ where }) => where?.line)).toEqual([5, 6]);
  });
});

describe('signs of their maker', () => {
  it('x and o in front of options tick and leave empty', async () => {
    const sheet = text(
      '1) What floats?',
      'o lead',
      'x cork',
      '2) What sinks?',
      'x iron',
      'x lead',
      'o wood',
    );
    expect(await briefsOf(sheet)).toEqual([
      'choice-one: What floats? [lead / *cork]',
      'choice-many: What sinks? [*iron / *lead / wood]',
    ]);
  });
  it('o alone is a bullet', async () => {
    const { items } = await gatherTyped(
      text('1) What floats?', 'o lead', 'o cork', '2) What sinks?', 'o iron', 'o wood'),
    );
    expect(items.map(({ options = [] }) => options.map(({ text: { plain } }) => plain))).toEqual([
      ['lead', 'cork'],
      ['iron', 'wood'],
    ]);
  });
  it.each([
    ['Q', 'A'],
    ['F', 'A'],
    ['P', 'R'],
  ])('%s and %s by turns ask and answer, below cards that are counted', async (asks, answers) => {
    const { items } = await gatherTyped(
      text(
        'Card 12 / Water',
        `${asks} What floats?`,
        `${answers} The cork`,
        '',
        'Card 13 / Water',
        `${asks} What sinks?`,
        `${answers} A stone`,
        '',
        'Card 14 / Fire',
        `${asks} What burns?`,
        `${answers} An oil lamp`,
      ),
    );
    expect(items.map(({ stem, accepted, category }) => [stem.plain, accepted, category])).toEqual([
      ['What floats?', ['The cork'], ['Water']],
      ['What sinks?', ['A stone'], ['Water']],
      ['What burns?', ['An oil lamp'], ['Fire']],
    ]);
  });
  it('a letter in front of what is called a question labels it', async () => {
    const sheet = text(
      'a) Question: What floats?    Answer: cork',
      'b) Question: What sinks?    Answer: lead',
    );
    expect(await briefsOf(sheet)).toEqual([
      'short: What floats? [cork]',
      'short: What sinks? [lead]',
    ]);
  });
});

describe('what is said of questions that are named', () => {
  const FIELDS = [
    ['Water', 2],
    ['Water', 1],
    ['Fire', 3],
  ] as const;
  const record = (n: number): [said: string[], asked: string[]] => {
    const [topic, points] = FIELDS[n]!;
    return [
      [`Topic: ${topic}`, `Points: ${points}`],
      [`Question: What is ${n}?`, `Answer: number ${n}`],
    ];
  };
  it.each([
    ['above, behind empty lines', true, ['']],
    ['above, line by line', true, []],
    ['below, behind empty lines', false, ['']],
    ['below, line by line', false, []],
  ])('belongs to them where it stands %s', async (_, isAbove, gap) => {
    const lines = FIELDS.flatMap((_field, n) => {
      const [said, asked] = record(n);
      return [...(isAbove ? [...said, ...asked] : [...asked, ...said]), ...gap];
    });
    const { items } = await gatherTyped(text(...lines));
    expect(items.map(({ category, points }) => [category?.[0], points])).toEqual(FIELDS);
  });
});
