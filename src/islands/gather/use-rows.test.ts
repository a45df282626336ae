// The rows of a sheet as they are shown: what became of each, also of those that begin no question.
import { describe, expect, it } from 'vitest';
import { gatherColumns } from '../../../tests/typed';
import { sheetWith } from '../../core/shared/sheet';
import { rowsOf } from './use-rows';

const shown = async (lines: readonly string[]) => {
  const { items, reading } = await gatherColumns(lines);
  const rows = lines.map((line) => line.split(','));
  return rowsOf({ reading, sheet: sheetWith({ name: 'a.csv', rows }) }, items).map(
    ({ items: own, isHeading, belongs }) => (isHeading ? 'headings' : (belongs ?? own.length)),
  );
};

describe('the rows of a board', () => {
  it('hold its questions, and the answers to them below', async () => {
    expect(
      await shown([
        'Category,100,200',
        'Locks,What holds water?,What winds a paddle?',
        ',the gate,a windlass',
        'Boats,What is in front?,What steers?',
        ',the bow,the tiller',
      ]),
    ).toEqual([
      'headings',
      2,
      'answers to the questions above',
      2,
      'answers to the questions above',
    ]);
  });
});

describe('the rows of blocks', () => {
  it('hold a question and its other parts', async () => {
    expect(
      await shown([
        'Question,What holds water?',
        'Option,the gate',
        'Option,the sail',
        'Answer,the gate',
        'Question,What steers?',
        'Option,the tiller',
        'Option,the bow',
        'Answer,the tiller',
      ]),
    ).toEqual([
      1,
      ...Array(3).fill('part of the question above'),
      1,
      ...Array(3).fill('part of the question above'),
    ]);
  });
});

it('a row of a table that became no question belongs to none', async () => {
  expect(
    await shown([
      'Question,A,B,Right',
      'What holds water?,the gate,the sail,A',
      'Page 2 of the list,,,',
      'What steers?,the bow,the tiller,B',
    ]),
  ).toEqual(['headings', 1, 0, 1]);
});
