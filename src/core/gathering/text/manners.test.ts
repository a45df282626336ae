// Texts typed in any manner: the labels of lines, the names in front of them, and the manner that makes whole questions.
import { describe, expect, it } from 'vitest';
import { counter } from '../../../../tests/make';
import { brief } from '../../../../tests/say';
import type { Document, DocumentLine } from '../../model';
import { gatherOpened, openSource } from '../../pipeline';
import { gatherText, isTypedText } from './index';
import { romanValue } from '../../shared/roman';
import { labelsOf } from './labels';
import { Names } from './names';
import { typedLine } from './typed-line';

const lineOf = (text: string, more: Partial<DocumentLine> = {}): DocumentLine => ({
  line: 1,
  text,
  ...more,
});
const documentOf = (...texts: (string | Partial<DocumentLine>)[]): Document => ({
  file: 'a.txt',
  format: 'txt',
  lines: texts.map((one, index) => ({
    text: '',
    ...(typeof one === 'string' ? { text: one } : one),
    line: index + 1,
  })),
  findings: [],
});
const briefs = (...texts: (string | Partial<DocumentLine>)[]): string[] =>
  gatherText(documentOf(...texts), { newId: counter() }).items.map(brief);
const label = (text: string): unknown => {
  const [first] = labelsOf(lineOf(text));
  return first && [first.family, first.n, text.slice(first.from, first.to)];
};

describe('labels', () => {
  it.each([
    ['1. What?', ['1.', 0, 'What?']],
    ['2°) What?', ['1°)', 1, 'What?']],
    ['[3] What?', ['[1]', 2, 'What?']],
    ['4.- What?', ['1.-', 3, 'What?']],
    ['5 - What?', ['1-', 4, 'What?']],
    ['Q.6 What?', ['q. 1', 5, 'What?']],
    ['Question 7: What?', ['question 1:', 6, 'What?']],
    ['N° 8 What?', ['n° 1', 7, 'What?']],
    ['#9 What?', ['# 1', 8, 'What?']],
    ['b/ cork', ['a/', 1, 'cork']],
    ['(C) cork', ['(A)', 2, 'cork']],
    ['D\tcork', ['Atab', 3, 'cork']],
    ['② cork', ['①', 1, 'cork']],
    ['- cork', ['bullet -', undefined, 'cork']],
    ['Vraag: Wat?', ['vraag:', undefined, 'Wat?']],
  ])('of “%s”', (text, expected) => {
    expect(label(text)).toEqual(expected);
  });

  it.each(['In 5 minutes it floats', 'A dog', '3.5 m deep', '12:30 is noon', 'X marks it'])(
    'there are none in “%s”',
    (text) => {
      expect(labelsOf(lineOf(text))).toEqual([]);
    },
  );

  it('may be Roman numbers or letters, and carry a sign before or behind', () => {
    expect(labelsOf(lineOf('ii) cork')).map(({ family, n }) => [family, n])).toEqual([['i)', 1]]);
    expect(labelsOf(lineOf('i) cork')).map(({ family }) => family)).toEqual(['i)', 'a)']);
    expect(labelsOf(lineOf('*b) cork'))).toContainEqual(
      expect.objectContaining({ family: 'a)', n: 1, right: true }),
    );
    expect(labelsOf(lineOf('c) cork ✓'))[0]).toMatchObject({ right: true, to: 7 });
    expect(romanValue('xiv')).toBe(14);
    expect(romanValue('dog')).toBeUndefined();
  });

  it('may be those that a word processor sets, on one level or another', () => {
    const families = (more: Partial<DocumentLine>): string[] =>
      labelsOf(lineOf('cork', more)).map(({ family }) => family);
    expect(families({ label: '3.', level: 0 })).toEqual(['list0 1.']);
    expect(families({ label: 'b)', level: 1 })).toEqual(['list1 a)']);
    expect(families({ label: '•' })).toEqual(['list bullet •']);
  });
});

describe('names in front of lines', () => {
  const text = [
    'a) cork',
    'b) stone',
    'Zam: b',
    '',
    'a) iron',
    'b) wood',
    'Zam: b) wood',
    'Kel: It is so.',
  ];
  const names = new Names(text.map((one) => typedLine(lineOf(one))));

  it('tell the answer where what stands behind them names options, whatever the word', () => {
    expect(names.fieldIn('Zam: a')).toEqual({ role: 'answer', from: 5 });
    expect(names.fieldIn('Kel: It is so.')).toBeUndefined();
  });

  it('are known by their words as well', () => {
    expect(names.fieldIn('Uitleg: omdat het drijft')?.role).toBe('explanation');
    expect(names.fieldIn('Antwoord: b')?.role).toBe('answer');
    expect(names.fieldIn('Difficulty: hard')?.role).toBe('tag');
  });
});

const CORK = 'choice-one: What floats? [*cork / stone]';
const IRON = 'choice-one: What sinks? [wood / *iron]';

describe('a text in one manner', () => {
  it.each<[string, string[]]>([
    [
      'numbers with a degree sign, letters with a stroke, an unknown word for the answer',
      [
        '1°) What floats?',
        'a/ cork',
        'b/ stone',
        'Zam : a',
        '',
        '2°) What sinks?',
        'a/ wood',
        'b/ iron',
        'Zam : b',
      ],
    ],
    [
      'a word alone in front of questions',
      ['Zam: What floats?', '- *cork', '- stone', 'Zam: What sinks?', '- wood', '- *iron'],
    ],
    [
      'the question below its number',
      [
        'Question 1',
        'What floats?',
        'A. cork',
        'B. stone',
        '(A)',
        'Question 2',
        'What sinks?',
        'A. wood',
        'B. iron',
        '(B)',
      ],
    ],
    [
      'options on one line',
      ['1) What floats?', '(a) cork ✓  (b) stone', '2) What sinks?', '(a) wood  (b) iron ✓'],
    ],
    [
      'Roman numbers before options',
      ['1. What floats?', 'i) cork *', 'ii) stone', '2. What sinks?', 'i) wood', 'ii) iron *'],
    ],
    [
      'plus and minus before letters',
      ['What floats?', '+ a) cork', '- b) stone', '', 'What sinks?', '- a) wood', '+ b) iron'],
    ],
    [
      'letters and tabs',
      [
        '1. What floats?',
        'A\tcork',
        'B\tstone',
        'Answer: A',
        '2. What sinks?',
        'A\twood',
        'B\tiron',
        'Answer: B',
      ],
    ],
    [
      'answers across at the end',
      [
        '1. What floats?',
        'a) cork',
        'b) stone',
        '2. What sinks?',
        'a) wood',
        'b) iron',
        '',
        'Answers',
        '1\t2',
        'a\tb',
      ],
    ],
    [
      'answers in a line at the end',
      [
        '1. What floats?',
        'a) cork',
        'b) stone',
        '2. What sinks?',
        'a) wood',
        'b) iron',
        '',
        'Key: 1a, 2b',
      ],
    ],
  ])('%s', (_, lines) => {
    expect(briefs(...lines)).toEqual([CORK, IRON]);
  });

  it('keeps titles, told ways and the names of parts apart', () => {
    const { items, findings } = gatherText(
      documentOf(
        'Quick check',
        '',
        'Part 1: Wood',
        '',
        '1. What floats?',
        '- *cork',
        '- stone',
        'Part 2: Metal',
        '1. What sinks?',
        '- wood',
        '- *iron',
      ),
      { newId: counter() },
    );
    expect(items.map(brief)).toEqual([CORK, IRON]);
    expect(items[1]!.options!.at(-1)!.text.plain).toBe('iron');
    expect(findings.map(({ where }) => where?.line)).toEqual([1]);
    expect(items.map(({ category }) => category)).toEqual([['Part 1: Wood'], ['Part 2: Metal']]);
  });

  it('tells steps and pairs by their own labels among lettered questions', () => {
    expect(
      briefs(
        '1. What floats?',
        'a) *cork',
        'b) stone',
        '2. Sort these by weight.',
        '- cork',
        '- wood',
        '- iron',
        '3. Which is which?',
        'cork -> light',
        'iron -> heavy',
      ),
    ).toEqual([
      CORK,
      'order: Sort these by weight. [cork > wood > iron]',
      expect.stringMatching(/^match: Which is which\?/),
    ]);
  });

  it('takes the choice in front of a statement off, in any language', () => {
    expect(
      briefs(
        '1. Vrai/faux : le bois flotte.',
        'Réponse : vrai',
        '2. Waar of niet waar: ijzer drijft. (1 punt)',
        'Antwoord: niet waar',
      ),
    ).toEqual([
      'true-false: le bois flotte. [*vrai / faux]',
      'true-false: ijzer drijft. [waar / *niet waar]',
    ]);
  });

  it('keeps a remark behind lettered options out of the last of them', () => {
    const { items } = gatherText(
      documentOf(
        '1. What floats?',
        'a) *cork',
        'b) stone',
        'Zam: Cork is light.',
        '2. What sinks?',
        'a) wood',
        'b) *iron',
      ),
      { newId: counter() },
    );
    expect(items.map(brief)).toEqual([CORK, IRON]);
    expect(items[0]!.explanation?.plain).toBe('Cork is light.');
  });
});

describe('typed questions that look like columns', () => {
  const TABBED =
    '1. What floats?\nA\tcork\nB\tstone\nAnswer:\tA\n2. What sinks?\nA\twood\nB\tiron\nAnswer:\tB\n';

  it('are read as the text that they are', async () => {
    const opened = await openSource({ name: 'pasted', text: TABBED });
    expect(opened.is).toBe('document');
    const { items } = gatherOpened(opened, {}, { id: counter() });
    expect(items.map(brief)).toEqual([CORK, IRON]);
  });

  it('are a table where the user says so, and lists of terms stay what they are', async () => {
    const asTable = await openSource({ name: 'pasted', text: TABBED }, { as: 'table' });
    expect(asTable.is).toBe('table');
    const terms =
      'cork – a light wood\nstone – a piece of rock\niron – a metal\nlead – a soft metal\n';
    expect((await openSource({ name: 'pasted', text: terms })).is).toBe('table');
    expect(isTypedText(documentOf(...terms.trim().split('\n')))).toBe(false);
  });
});
