// The figures of results, against open data: five items each of the Law School Admission Test, sections 6 and 7, with a
// thousand learners (Bock and Lieberman 1970, Psychometrika 35). Counts of the patterns from memory; that they are right
// shows in the published alphas, 0.294997 and 0.453409.
import { describe, expect, it } from 'vitest';
import { item, options } from '../../../tests/make';
import { figuresOf } from './index';
import { wilson } from './figures';

const LSAT6 = '3 6 2 11 1 1 3 4 1 8 0 16 0 3 2 15 10 29 14 81 3 28 15 80 16 56 21 173 11 61 28 298';
const LSAT7 =
  '12 19 1 7 3 19 3 17 10 5 3 7 7 23 8 28 7 39 11 34 14 51 15 90 6 25 7 35 18 136 32 308';

/** A row for each learner: the pattern's number in binary, as often as it is counted. */
function rowsOf(counts: string): string[][] {
  const rows = counts
    .split(' ')
    .flatMap((n, pattern) =>
      Array.from({ length: Number(n) }, () => [...pattern.toString(2).padStart(5, '0')]),
    );
  return [['Q1', 'Q2', 'Q3', 'Q4', 'Q5'], ...rows];
}

/** The same figures by other ways: moments in place of squared distances. */
function byMoments(rows: string[][]) {
  const scores = rows.slice(1).map((row) => row.map(Number));
  const n = scores.length;
  const sum = (values: number[]): number => values.reduce((a, b) => a + b, 0);
  return scores[0]!.map((_, q) => {
    const x = scores.map((row) => row[q]!);
    const y = scores.map((row) => sum(row) - row[q]!);
    const xy = sum(x.map((value, at) => value * y[at]!));
    const square = (values: number[]): number => sum(values.map((value) => value * value));
    const top = n * xy - sum(x) * sum(y);
    const below = Math.sqrt((n * square(x) - sum(x) ** 2) * (n * square(y) - sum(y) ** 2));
    return top / below;
  });
}

describe('open data', () => {
  it.each([
    ['LSAT6', LSAT6, 0.294997, [924, 709, 553, 763, 870]],
    ['LSAT7', LSAT7, 0.453409, [828, 658, 772, 606, 843]],
  ])('%s: alpha and right answers as published', (_, counts, alpha, right) => {
    const { test, items, learners } = figuresOf(rowsOf(counts), []);
    expect([learners, test.items]).toEqual([1000, 5]);
    expect(test.alpha).toBeCloseTo(alpha, 6);
    // With scores of 0 and 1 both formulas say the same.
    expect(test.kr20).toBeCloseTo(alpha, 6);
    expect(items.map((one) => one.right)).toEqual(right);
    expect(test.sem).toBeCloseTo(test.sd! * Math.sqrt(1 - alpha), 6);
  });
  it.each([LSAT6, LSAT7])(
    'discrimination is the correlation that other sums give, to 1e-9',
    (counts) => {
      const rows = rowsOf(counts);
      const { items } = figuresOf(rows, []);
      byMoments(rows).forEach((expected, at) =>
        expect(Math.abs(items[at]!.discrimination! - expected)).toBeLessThan(1e-9),
      );
    },
  );
});

describe('a file of answers', () => {
  const questions = [
    item({
      id: 'a',
      ref: 'LOCK-1',
      stem: { plain: 'What lets water through?' },
      options: options('*paddle', 'beam', 'cill'),
    }),
    item({
      id: 'b',
      ref: 'LOCK-2',
      stem: { plain: 'How deep?' },
      kind: 'number',
      options: undefined,
      number: { value: 3, tolerance: 0.5 },
    }),
    item({
      id: 'c',
      ref: 'LOCK-3',
      stem: { plain: 'A post?' },
      kind: 'short',
      options: undefined,
      accepted: ['bollard'],
    }),
  ];
  const file = [
    ['Time stamp', 'Name', 'LOCK-1', '2. How deep?', 'A post?', 'Shoe size'],
    ['10:00', 'Ann', 'A', '3.2', 'Bollard', 'large'],
    ['10:01', 'Ben', 'beam', '9', 'post', 'small'],
    ['10:02', 'Cid', '3', '', 'bollard', ''],
  ];
  it('is matched by reference, text and numbered text; letters, numbers and texts count', () => {
    const { items, learners, findings } = figuresOf(file, questions);
    expect(learners).toBe(3);
    expect(items.map(({ item: id, answered, right }) => [id, answered, right])).toEqual([
      ['a', 3, 1],
      ['b', 2, 1],
      ['c', 3, 2],
    ]);
    expect(items[0]!.options!.map(({ chosen }) => chosen)).toEqual([1, 1, 1]);
    expect(findings.map(({ rule }) => rule)).toEqual(['results-unmatched', 'results-few']);
    expect(findings[0]!.message).toContain('“Shoe size”');
  });
  it('says in plain words what a question shows', () => {
    const rows = Array.from({ length: 30 }, (_, n) => [
      n < 15 ? 'B' : 'A',
      n < 15 ? '3' : '9',
      n < 15 ? 'bollard' : 'post',
    ]);
    const { findings } = figuresOf([['LOCK-1', 'LOCK-2', 'LOCK-3'], ...rows], questions);
    expect(findings.map(({ rule, item: id }) => [rule, id])).toEqual([
      ['results-key-doubtful', 'a'],
      ['results-option-draws-strong', 'a'],
      ['results-option-idle', 'a'],
    ]);
  });
  it('without an answer is told', () => {
    expect(figuresOf([['Name'], ['Ann']], []).findings.at(-1)).toMatchObject({
      rule: 'results-empty',
      level: 'block',
    });
    expect(figuresOf([], []).items).toEqual([]);
  });
});

describe('the interval of a share', () => {
  it('is that of Wilson (1927): 10 of 20 lie between 0.299 and 0.701', () => {
    const [low, high] = wilson(10, 20);
    expect([low, high].map((value) => Math.round(value * 1000) / 1000)).toEqual([0.299, 0.701]);
    expect(wilson(0, 0)).toEqual([0, 1]);
  });
});
