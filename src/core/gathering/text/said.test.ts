// What a person says of lines and of the manner of a text, and questions that nothing marks.
import { describe, expect, it } from 'vitest';
import { counter } from '../../../../tests/make';
import { brief } from '../../../../tests/say';
import type { Document, Overrule, SaidLine } from '../../model';
import type { Gathered } from '../contract';
import { gatherText } from './index';

const documentOf = (...texts: string[]): Document => ({
  file: 'a.txt',
  format: 'txt',
  lines: texts.map((text, index) => ({ text, line: index + 1 })),
  findings: [],
});

describe('lines of which a person says what they are', () => {
  const TWO_WAYS = [
    'Locks and weirs',
    'What lifts a boat?',
    'A lock',
    'A weir',
    'Answer: A lock',
    'What holds water back?',
    'A weir',
    'A towpath',
    'Answer: A weir',
  ];
  const read = (lines: SaidLine[], texts: readonly string[]): Gathered =>
    gatherText(documentOf(...texts), { newId: counter(), overrule: { lines } });
  const said = (lines: SaidLine[], texts: readonly string[] = TWO_WAYS): string[] =>
    read(lines, texts).items.map(brief);

  it('are that, and the others keep their places', () => {
    const [first] = said([{ line: 1, is: 'question' }]);
    expect(first).toContain('Locks and weirs');
    expect(said([{ line: 4, is: 'more' }])[0]).toContain('A lock A weir');
    expect(said([{ line: 3, is: 'none' }])[0]).not.toContain('A lock |');
    const left = read([{ line: 7, is: 'none' }], TWO_WAYS).findings;
    expect(left.map(({ where }) => where?.line)).toContain(7);
  });

  it('make lines like them the same', () => {
    // Numbers may count the questions of each part, or the options below lines without a number.
    const texts = [
      'Boats',
      '1. Barge',
      '2. Skiff',
      '3. Punt',
      '',
      'Gates',
      '1. Mitre',
      '2. Guillotine',
    ];
    const asOptions = said([{ line: 2, is: 'option' }], texts);
    expect(asOptions).toHaveLength(2);
    expect(asOptions[1]).toContain('Mitre');
    const asQuestions = said([{ line: 7, is: 'question' }], texts);
    expect(asQuestions).toHaveLength(5);
  });

  it('head questions as their category where two headings do', () => {
    const texts = [
      'Boats',
      '1. What floats? *a) cork',
      ...['b) brick', 'Gates'],
      '2. What shuts?',
      'a) wall',
      'b) *gate',
    ];
    const { items } = read(
      [
        { line: 1, is: 'part' },
        { line: 4, is: 'part' },
      ],
      texts,
    );
    expect(items.map(({ category }) => category?.[0])).toEqual(['Boats', 'Gates']);
  });

  it('head questions as their category, as a tag, or not at all', () => {
    const texts = [
      'Boats',
      '1. What floats?',
      'a) *cork',
      'b) brick',
      '',
      'Gates',
      '1. What shuts?',
      'a) wall',
      'b) *gate',
    ];
    const under = (overrule: Overrule): unknown[] => {
      const { items, reading } = gatherText(documentOf(...texts), { newId: counter(), overrule });
      return [
        reading.sections,
        ...items.map(({ category, tags }) => category?.[0] ?? tags?.[0]?.value),
      ];
    };
    expect(under({})).toEqual(['category', 'Boats', 'Gates']);
    expect(under({ sections: 'tag' })).toEqual(['tag', 'Boats', 'Gates']);
    expect(under({ sections: 'none' })).toEqual(['none', undefined, undefined]);
  });

  it('begin the list of answers, though no word says so', () => {
    const texts = [
      '1. What floats?',
      'a) brick',
      'b) cork',
      '2. What sinks?',
      'a) brick',
      'b) cork',
      'Voilà',
      '1 b',
      '2 a',
    ];
    expect(said([{ line: 7, is: 'answers' }], texts)).toEqual([
      expect.stringContaining('*cork'),
      expect.stringContaining('*brick'),
    ]);
  });

  it('may be answers that no word names', () => {
    const texts = ['1. What floats?', 'cork', '', '2. What sinks?', 'brick'];
    const { items } = read(
      [
        { line: 2, is: 'answer' },
        { line: 5, is: 'answer' },
      ],
      texts,
    );
    expect(items.map(({ accepted }) => accepted)).toEqual([['cork'], ['brick']]);
  });
});

describe('other ways to read a text', () => {
  it('are offered in words, and taken when asked for', () => {
    const texts = ['Boats', '1. Barge', '2. Skiff', '', 'Gates', '1. Mitre', '2. Guillotine'];
    const first = gatherText(documentOf(...texts), { newId: counter() });
    const others = first.reading.others ?? [];
    expect(others.length).toBeGreaterThan(0);
    for (const { label, overrule } of others) {
      const { items } = gatherText(documentOf(...texts), { newId: counter(), overrule });
      const [, questions] = /^(\d+) question/.exec(label) ?? [];
      expect(items.length).toBeLessThanOrEqual(Number(questions));
      expect(items.map(brief)).not.toEqual(first.items.map(brief));
    }
  });
});

describe('questions that nothing marks', () => {
  const CHOICE = ['What floats?', 'a) brick', 'b) *cork', ''];
  const kinds = (...texts: string[]): string[] =>
    gatherText(documentOf(...texts), { newId: counter() }).items.map(({ kind }) => kind);

  it('are statements that are judged, wherever they stand', () => {
    expect(kinds('Tides are made by the wind. (false)', '', ...CHOICE, ...CHOICE)).toEqual([
      'true-false',
      'choice-one',
      'choice-one',
    ]);
  });

  it('are tasks between questions, which are told, and no instructions or titles', () => {
    const texts = [...CHOICE, 'Describe how a lock fills with water.', '', ...CHOICE];
    const { items, findings } = gatherText(documentOf(...texts), { newId: counter() });
    expect(items.map(({ kind }) => kind)).toEqual(['choice-one', 'open', 'choice-one']);
    expect(findings).toMatchObject([
      { rule: 'lone-sentence', item: items[1]!.id, where: { line: 5 } },
    ]);
    expect(kinds(...CHOICE, 'Read each question with care.', '', ...CHOICE)).toHaveLength(2);
    expect(kinds(...CHOICE, 'Part two', '', 'Take your time now.', '', ...CHOICE)).toHaveLength(2);
  });

  it('are pairs below a task', () => {
    const pairs = ['Match each tree with its fruit.', 'oak → acorn', 'pine → cone', ''];
    expect(kinds(...CHOICE, ...pairs, ...CHOICE)).toEqual(['choice-one', 'match', 'choice-one']);
  });
});
