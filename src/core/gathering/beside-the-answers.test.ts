// What stands between and beside questions in a sheet: titles of parts, how hard a question is, feedback for all of it, answers that
// are numbers. The habits are common practice, no source.
import { describe, expect, it } from 'vitest';
import { counter } from '../../../tests/make';
import { brief } from '../../../tests/say';
import { sheetWith } from '../shared/sheet';
import { gather } from './index';
import type { Sheet } from '../model';

const read = (rows: string[][], change: Partial<Sheet> = {}) =>
  gather(
    {
      file: 'a.xlsx',
      format: 'xlsx',
      sheets: [sheetWith({ name: 'Sheet1', rows, ...change })],
      findings: [],
    },
    { newId: counter() },
  );

const HEAD = ['Question', 'Correct', 'Wrong 1', 'Wrong 2'];
const ROWS = [
  ['What is shouted?', 'Fire!', 'Help!', 'Stop!'],
  ['Where does one gather?', 'Car park', 'Cellar', 'Lift'],
  ['What comes first?', 'Own safety', 'Bandage', 'Tea'],
  ['How is a burn cooled?', 'Water', 'Ice', 'Butter'],
];
const parted = (first: string, second: string): string[][] => [
  HEAD,
  [first],
  ...ROWS.slice(0, 2),
  [second],
  ...ROWS.slice(2),
];
const categories = (rows: string[][], change?: Partial<Sheet>) =>
  read(rows, change).items.map(({ category }) => category?.join());

describe('words alone in a row above questions', () => {
  it('are titles of parts in capitals, bold or over several columns', () => {
    const titled = ['FIRE', 'FIRE', 'FIRST AID', 'FIRST AID'];
    expect(categories(parted('FIRE', 'FIRST AID'))).toEqual(titled);
    const plain = parted('Fire drill in the lock house', 'First aid on the water');
    const own = [plain[1]![0], plain[1]![0], plain[4]![0], plain[4]![0]];
    const run = (text: string) => [{ text, bold: true }];
    expect(
      categories(plain, { rich: { '1:0': run(plain[1]![0]!), '4:0': run(plain[4]![0]!) } }),
    ).toEqual(own);
    expect(
      categories(plain, {
        merges: [1, 4].map((row) => ({ top: row, bottom: row, left: 0, right: 3 })),
      }),
    ).toEqual(own);
  });
  it('are titles where all other rows ask, and what one left behind in trying out is none', () => {
    expect(categories(parted('Fire', 'First aid'))).toEqual([
      'Fire',
      'Fire',
      'First aid',
      'First aid',
    ]);
    const tried = read([HEAD, ROWS[0]!, ['asdf'], ...ROWS.slice(1)]);
    expect(tried.items.map(({ category }) => category)).toEqual([
      undefined,
      undefined,
      undefined,
      undefined,
    ]);
    expect(tried.findings.map(({ rule }) => rule)).toContain('row-left-out');
    const single = read([HEAD, ROWS[0]!, ['Test'], ...ROWS.slice(1)]);
    expect(single.findings.map(({ rule }) => rule)).toContain('row-left-out');
  });
});

it('stars that count are how hard a question is, not an option and not a tick', () => {
  const { items } = read([
    ['Key', 'Stars', 'Question', '(a)', '(b)'],
    ['b', '*', 'What lifts a load?', 'string', 'crane'],
    ['a', '**', 'What is worn?', 'helmet', 'hat'],
    ['b', '***', 'What stops a saw?', 'air', 'brake'],
  ]);
  expect(items.map(brief)).toEqual([
    'choice-one: What lifts a load? [string / *crane]',
    'choice-one: What is worn? [*helmet / hat]',
    'choice-one: What stops a saw? [air / *brake]',
  ]);
  expect(items.map(({ tags }) => tags)).toEqual(
    ['*', '**', '***'].map((value) => [{ name: 'stars', value }]),
  );
});

it('one column of feedback is that of the question, whatever stands before it', () => {
  const { items, reading } = read([
    ['No', 'Question', 'Options', 'Correct', 'Feedback'],
    ['1', 'What floats?', 'A. cork\nB. iron', 'A. cork', 'See page 3.'],
    ['2', 'What sinks?', 'A. wood\nB. lead', 'B. lead', ''],
    ['3', 'What burns?', 'A. coal\nB. slate', 'A. coal', 'Dry it first.'],
  ]);
  expect(items.map(({ explanation }) => explanation?.plain)).toEqual([
    'See page 3.',
    undefined,
    'Dry it first.',
  ]);
  expect(items.flatMap(({ options = [] }) => options.map(({ feedback }) => feedback))).toEqual(
    Array.from({ length: 6 }, () => undefined),
  );
  expect(reading.unsure).toEqual([]);
});

it('a column of numbers with their units keeps an answer that is none', () => {
  const { items } = read([
    ['Question', 'Answer', 'Topic'],
    ['How hot is the water?', '180 °C ± 5', 'Steam'],
    ['How wide is the tube?', '51 mm ± 1', 'Tubes'],
    ['How high is the chimney?', '32 m ± 2', 'House'],
    ['How long does it take?', 'a day, about', 'Work'],
  ]);
  expect(items.map(brief)).toEqual([
    'number: How hot is the water? [180±5°C]',
    'number: How wide is the tube? [51±1mm]',
    'number: How high is the chimney? [32±2m]',
    'short: How long does it take? [a day, about]',
  ]);
});

describe('one column that is ticked beside statements', () => {
  const statements = (heading: string, ...ticks: string[]) =>
    read([
      ['No', 'Statement', heading],
      ...['Lead floats.', 'Cork floats.', 'Iron sinks.', 'Ice sinks.'].map((text, index) => [
        String(index + 1),
        text,
        ticks[index]!,
      ]),
    ]);
  it.each(['True', 'Richtig?', 'Correct'])('judges them: %s', (heading) => {
    expect(statements(heading, '', 'x', 'x', '').items.map(brief)).toEqual([
      'true-false: Lead floats. [True / *False]',
      'true-false: Cork floats. [*True / False]',
      'true-false: Iron sinks. [*True / False]',
      'true-false: Ice sinks. [True / *False]',
    ]);
  });
  it('picks questions where it is called otherwise', () => {
    const { items } = statements('Use', '', 'x', 'x', '');
    expect(items).toHaveLength(2);
  });
});

describe('what stands with a question in its cell', () => {
  const asked = (...stems: string[]) =>
    read([
      ['Question', 'A', 'B', 'Key'],
      ...stems.map((stem) => [stem, 'inside', 'outside', 'A']),
    ]).items.map(({ stem, points }) => [stem.plain, points]);
  it('is no part of it where it counts the questions or says their points', () => {
    expect(asked('1. What is crumb?', '2. What is crust?', '3. What is rye?')).toEqual([
      ['What is crumb?', undefined],
      ['What is crust?', undefined],
      ['What is rye?', undefined],
    ]);
    expect(asked('1) (2 pts) What is crumb?', '2) (1 pt) What is crust?')).toEqual([
      ['What is crumb?', 2],
      ['What is crust?', 1],
    ]);
    expect(asked('What is crumb? (2 points)', 'What is crust?')).toEqual([
      ['What is crumb?', 2],
      ['What is crust?', undefined],
    ]);
  });
  it('is part of it where numbers do not count on', () => {
    expect(asked('3. What is crumb?', '7. What is crust?').map(([stem]) => stem)).toEqual([
      '3. What is crumb?',
      '7. What is crust?',
    ]);
  });
});

it('a column beside an option says of that one alone whether it is right, though one between is empty', () => {
  const { items } = read([
    ['Question', 'A', 'A ok', 'B', 'B ok', 'C', 'C ok'],
    ['What lifts dough?', 'yeast', 'x', 'salt', '', 'oil', ''],
    ['What is a starter?', 'poolish', 'x', 'glaze', '', 'biga', 'x'],
    ['What weighs flour?', 'scales', 'x', 'sieve', '', 'spoon', ''],
    ['What browns first?', 'crumb', '', 'base', '', 'crust', 'x'],
  ]);
  expect(items.map(brief)).toEqual([
    'choice-one: What lifts dough? [*yeast / salt / oil]',
    'choice-many: What is a starter? [*poolish / glaze / *biga]',
    'choice-one: What weighs flour? [*scales / sieve / spoon]',
    'choice-one: What browns first? [crumb / base / *crust]',
  ]);
});

it.each(['#', '~', '•', '§', '^'])(
  'options in one cell are parted by a sign that texts lack: %s',
  (sign) => {
    const { items } = read([
      ['Stem', 'Options', 'Key'],
      ['What floats?', ['cork', 'iron', 'lead'].join(sign), '1'],
      ['What sinks?', ['wood', 'stone'].join(` ${sign} `), '2'],
    ]);
    expect(items.map(brief)).toEqual([
      'choice-one: What floats? [*cork / iron / lead]',
      'choice-one: What sinks? [wood / *stone]',
    ]);
  },
);

it('an answer called right in brackets is right, those called alike are wrong', () => {
  const { items } = read([
    ['Question', 'Ans 1 (correct)', 'Ans 2', 'Ans 3'],
    ['Which bird is red?', 'robin', 'crow', 'swan'],
    ['Which bird is white?', 'swan', 'crow', 'robin'],
  ]);
  expect(items.map(brief)).toEqual([
    'choice-one: Which bird is red? [*robin / crow / swan]',
    'choice-one: Which bird is white? [*swan / crow / robin]',
  ]);
});

it('letters may stand before a blank and a colon, as in French', () => {
  const { items } = read([
    ['Question', 'Réponses', 'Bonne réponse'],
    ['Qui chante ?', 'A : le merle\nB : la pierre', 'A'],
    ['Qui plonge ?', 'A : le geai\nB : le canard', 'B'],
  ]);
  expect(items.map(brief)).toEqual([
    'choice-one: Qui chante ? [*le merle / la pierre]',
    'choice-one: Qui plonge ? [le geai / *le canard]',
  ]);
});

it('numbers with words of several things behind them are no points', () => {
  const { items } = read([
    ['Ronde', 'Vraag', 'Antwoord'],
    ['1 Natuur', 'Welke vogel is blauw?', 'ijsvogel'],
    ['1 Natuur', 'Welke vogel roept zijn naam?', 'koekoek'],
    ['2 Sport', 'Wat is een birdie?', 'een slag onder par'],
    ['2 Sport', 'Wat is een eagle?', 'twee onder par'],
  ]);
  expect(items.map(({ points }) => points)).toEqual([undefined, undefined, undefined, undefined]);
});

it('a gap takes the answers that its cell lists, however they are parted', () => {
  const { items } = read([
    ['Sentence', 'Answer'],
    ['A ______ bridge hangs from cables.', 'suspension'],
    ['A ______ bridge opens for boats.', 'swing; lift; bascule'],
  ]);
  expect(items.map(brief)).toEqual([
    'gap: A {{1}} bridge hangs from cables. [suspension]',
    'gap: A {{1}} bridge opens for boats. [swing|lift|bascule]',
  ]);
});

it('signs that belong to a text part nothing', () => {
  const { items } = read([
    ['Question', 'Options', 'Key'],
    ['Which is a language?', 'C#, tea, bread', '1'],
    ['Which is a note?', 'F#, oak, ice', '1'],
  ]);
  expect(items.map(brief)).toEqual([
    'choice-one: Which is a language? [*C# / tea / bread]',
    'choice-one: Which is a note? [*F# / oak / ice]',
  ]);
});
