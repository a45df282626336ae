// Kinds of questions in running text that take more than options: gaps with their words, two lists to match.
import { describe, expect, it } from 'vitest';
import { counter } from '../../../../tests/make';
import type { Document, Item } from '../../model';
import { gatherText } from './index';
import { pairsOfKey } from '../../shared/pair-key';
import { servesGaps } from '../gap-words';
import { wordsIn } from './word-bank';

const documentOf = (text: string): Document => ({
  file: 'a.txt',
  format: 'txt',
  lines: text.split('\n').map((line, index) => ({ text: line, line: index + 1 })),
  findings: [],
});
const read = (text: string): Item[] => gatherText(documentOf(text), { newId: counter() }).items;
const CHOICE = '2. What floats?\na) cork\nb) brick\nAnswer: a';

describe('words to choose from', () => {
  it.each([
    ['gates, chamber, towpath', ['gates', 'chamber', 'towpath']],
    ['(paddle / gate / bridge)', ['paddle', 'gate', 'bridge']],
    ['Words: gates – chamber', ['gates', 'chamber']],
    ['gates', undefined],
    ['Boats wait. They float, or sink', undefined],
  ])('in “%s”', (text, words) => {
    expect(wordsIn(text)).toEqual(words);
  });

  it('serve only gaps whose solutions they hold', () => {
    expect(servesGaps(['gate', 'lock'], [{ accepted: ['Gate'] }])).toBe(true);
    expect(servesGaps(['gate', 'lock'], [{ accepted: ['gate'] }, { accepted: ['weir'] }])).toBe(
      false,
    );
    expect(servesGaps(['gate', 'lock'], [])).toBe(false);
  });

  it.each([
    ['on a line of their own', 'A lock has two ____ and a ____.\nWords: gates, chamber, bridge'],
    ['in brackets behind the text', 'A lock has two ____ and a ____. (gates / chamber / bridge)'],
  ])('stand %s, and are no part of the text', (_, sentence) => {
    const [item] = read(`1. ${sentence}\nAnswer: gates, chamber\n\n${CHOICE}`);
    const options = ['gates', 'chamber', 'bridge'];
    expect(item).toMatchObject({
      kind: 'gap',
      stem: { plain: 'A lock has two {{1}} and a {{2}}.' },
      gaps: [
        { accepted: ['gates'], options },
        { accepted: ['chamber'], options },
      ],
    });
    expect(item!.tags).toBeUndefined();
  });

  it('are none where they hold other words', () => {
    const [item] = read(`1. A lock has two ____ (one / at each end)\nAnswer: gates\n\n${CHOICE}`);
    expect(item!.stem.plain).toContain('(one / at each end)');
    expect(item!.gaps![0]!.options).toBeUndefined();
  });

  it('serve several sentences from above them', () => {
    const text = `gates, paddles, chamber, towpath\n\n1. Close the ____ first.\nAnswer: gates\n2. Then wind the ____.\nAnswer: paddles`;
    const { items, findings } = gatherText(documentOf(text), { newId: counter() });
    expect(items.map(({ gaps }) => gaps?.[0]?.options?.length)).toEqual([4, 4]);
    expect(findings.filter(({ rule }) => rule === 'line-left-out')).toEqual([]);
  });
});

describe('two lists to match', () => {
  it.each([
    ['1B 2D 3A', [1, 3, 0]],
    ['1-b, 2-d, 3-a', [1, 3, 0]],
    ['1 = C; 2: A', [2, 0]],
    ['1B', []],
    ['B, D', []],
  ])('have the key “%s”', (text, letters) => {
    expect(pairsOfKey(text).map(({ right }) => right)).toEqual(letters);
  });

  const PAIRS = [
    { left: { plain: 'oak' }, right: { plain: 'acorn' } },
    { left: { plain: 'pine' }, right: { plain: 'cone' } },
  ];

  it.each([
    ['one below the other', '1) oak\n2) pine\nA. cone\nB. nut\nC. acorn'],
    ['side by side', '1) oak\tA. cone\n2) pine\tC. acorn'],
  ])('stand %s', (_, lists) => {
    const text = `1. Match tree and fruit.\n${lists}\nAnswer: 1C 2A\n\n${CHOICE}`;
    const items = read(text);
    expect(items.map(({ kind }) => kind)).toEqual(['match', 'choice-one']);
    expect(items[0]!.pairs).toEqual(PAIRS);
  });

  it('are no pairs where the key names a letter that is not there', () => {
    const text = `1. Match tree and fruit.\n1) oak\n2) pine\nA. cone\nB. nut\nAnswer: 1C 2A\n\n${CHOICE}`;
    expect(read(text)[0]!.kind).not.toBe('match');
  });
});
