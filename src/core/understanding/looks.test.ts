// The single pieces of evidence, each by itself: words, signs, cells, neighbours.
import { describe, expect, it } from 'vitest';
import { CELL_FIGURES, cellFigures } from './cells';
import type { TableView } from './contract';
import {
  BUCKETS,
  HEADING_SIGNS,
  headingGroup,
  headingSigns,
  labelOf,
  piecesOf,
  plainHeading,
} from './heading-words';
import { likelihoodOf, meaningOfWords } from './saying';
import { softmax, layerSums, networkSums } from './network';
import { STRUCTURE_FIGURES, structureFigures } from './structure';

describe('the words of a heading', () => {
  it('are made comparable: case, accents, signs, numbers, letters of options, humps', () => {
    expect(plainHeading('Réponse 3')).toBe('reponse 0');
    expect(plainHeading('answerB')).toBe('answer 0');
    expect(plainHeading('Answer b)')).toBe('answer 0');
    expect(plainHeading('Question (max. 200 characters)')).toBe('question');
    expect(plainHeading('2nd answer')).toBe('0 answer');
    expect(plainHeading('(max. 200)')).toBe('max 0');
  });

  it('are pieces within the model’s places, none where there is no word', () => {
    const pieces = piecesOf('Question');
    expect(pieces.length).toBeGreaterThan(10);
    expect(pieces.every((piece) => piece >= 0 && piece < BUCKETS)).toBe(true);
    expect(piecesOf('12')).toEqual([]);
    expect(piecesOf('')).toEqual([]);
    expect(piecesOf('question')).toEqual(pieces);
  });

  it.each([
    ['Answer 3', 3],
    ['Answer B', 2],
    ['B', 2],
    ['3rd', 3],
    ['Second wrong answer', 2],
    ['2e réponse', 2],
    ['IV', 4],
    ['answer2', 2],
    ['Answer', undefined],
    ['A question', undefined],
  ])('%j has the number %j', (heading, n) => {
    expect(labelOf(heading)).toBe(n);
  });

  it('are grouped without their numbers', () => {
    expect(headingGroup('Answer 1')).toBe(headingGroup('Answer B'));
    expect(headingGroup('Answer 1')).not.toBe(headingGroup('Wrong answer 1'));
  });

  it('show signs of their own', () => {
    expect(headingSigns('Right?')).toHaveLength(HEADING_SIGNS);
    expect(headingSigns('')[0]).toBe(1);
    expect(headingSigns('A')[1]).toBe(1);
    expect(headingSigns('2')[2]).toBe(1);
    expect(headingSigns('Weight (%)')[5]).toBe(1);
  });
});

describe('what words say that was never seen', () => {
  it.each([
    ['Questions to be asked', ['stem', 'term']],
    ['Fragestellungen', ['stem']],
    ['Wrong replies 3', ['wrong', 'wrongs']],
    ['Richtiger Buchstabe', ['key', 'right']],
    ['Antwortmöglichkeit Nr. 2', ['option', 'options']],
    ['Punktezahl', ['points']],
    ['Zeitlimit in Sek.', ['seconds']],
    ['Explicaciones', ['explanation']],
  ] as const)('%j', (text, meanings) => {
    expect(likelihoodOf(text, meanings)).toBeGreaterThan(0.5);
  });

  it('a sentence of content is no heading', () => {
    expect(meaningOfWords('What does a paddle let through a lock gate?')).toBeUndefined();
    expect(meaningOfWords('12')).toBeUndefined();
    expect(likelihoodOf('', ['stem'])).toBe(0);
  });
});

describe('the cells of a column', () => {
  const shareOf = (texts: string[]): number[] => cellFigures(texts);

  it('are figures from 0 to 1 (but for a spread), nothing where there are none', () => {
    const figures = shareOf(['A', 'B', '', 'C']);
    expect(figures).toHaveLength(CELL_FIGURES);
    expect(figures.every((figure) => figure >= 0 && figure <= 1)).toBe(true);
    expect(figures[0]).toBe(0.75);
    expect(cellFigures([])).toEqual(figures.map(() => 0));
    expect(cellFigures([], ['yes', 'no'])).not.toEqual(figures.map(() => 0));
  });

  it.each([
    ['letters', ['A', 'b', '(C)'], ['Apple', 'Bear', 'Cat']],
    ['numbers', ['1', '3', '2'], ['one', 'three', 'two']],
    ['times', ['0:30', '1:15', '0:45'], ['thirty', 'more', 'less']],
    ['links', ['https://a.example/x', 'https://b.example/y'], ['a', 'b']],
    ['dates', ['2024-05-01', '2024-06-02'], ['May', 'June']],
  ])('tell %s from words', (_, some, others) => {
    expect(shareOf(some)).not.toEqual(shareOf(others));
  });

  it('a run of numbers counts up, a constant is one, two words are two', () => {
    expect(shareOf(['1', '2', '3', '4'])[8]).toBe(1);
    expect(shareOf(['1', '3', '2', '4'])[8]).toBe(0);
    expect(shareOf(['Q-1', 'Q-2', 'Q-3'])[8]).toBe(1);
    expect(shareOf(['v2', 'v2', 'v2'])[5]).toBe(1);
    expect(shareOf(['yes', 'no', 'yes'])[6]).toBe(1);
  });

  it('a few rows do not shout', () => {
    expect(Math.max(...shareOf(['A']).slice(10))).toBeLessThan(0.7);
  });
});

const viewOf = (columns: Record<string, string[]>): TableView => ({
  blank: false,
  rows: Math.max(...Object.values(columns).map((texts) => texts.length)),
  columns: Object.entries(columns).map(([heading, texts], at) => ({
    at,
    heading,
    group: '',
    texts,
  })),
});
const structureOf = (columns: Record<string, string[]>): number[][] => {
  const view = viewOf(columns);
  return structureFigures(
    view,
    view.columns.map(({ texts }) => cellFigures(texts)),
  );
};

describe('columns among one another', () => {
  const options = { 'A 1': ['Gate', 'Lock'], 'A 2': ['Weir', 'Dam'], 'A 3': ['Bank', 'Pond'] };

  it('have the figures that the model knows', () => {
    expect(structureOf(options).every((own) => own.length === STRUCTURE_FIGURES)).toBe(true);
  });

  it('one that repeats a text of its row shows it, and so does the one that is repeated', () => {
    const figures = structureOf({ ...options, key: ['Weir', 'Lock'] });
    expect(figures[3]![4]).toBe(1);
    expect(figures[0]![5]).toBe(0.5);
    expect(structureOf({ ...options, key: ['x', 'y'] })[3]![4]).toBe(0);
  });

  it('one whose letters or numbers name a filled cell beside it shows it', () => {
    expect(structureOf({ ...options, key: ['C', 'A'] })[3]![8]).toBe(1);
    expect(structureOf({ ...options, key: ['3', '2'] })[3]![8]).toBe(1);
    expect(structureOf({ ...options, key: ['9', '8'] })[3]![8]).toBe(0);
  });

  it('headings that differ in their number alone are a group', () => {
    const figures = structureOf({ ...options, Hint: ['none', 'none'] });
    expect(figures[0]).not.toEqual(figures[3]);
  });
});

it('a network is sums and a bend at zero', () => {
  const layer = (weights: number[], into: number, out: number) => ({
    into,
    out,
    weights: Float32Array.from(weights),
    bias: new Float32Array(out),
  });
  expect([...layerSums(layer([1, 2, 3, 4], 2, 2), [1, 1])]).toEqual([3, 7]);
  const network = { hidden: layer([1, -1], 1, 2), output: layer([1, 1], 2, 1) };
  expect([...networkSums(network, [5])]).toEqual([5]);
  expect([...networkSums(network, [-3])]).toEqual([3]);
  const p = softmax([0, Math.log(3)]);
  expect(p[1]! / p[0]!).toBeCloseTo(3);
});
