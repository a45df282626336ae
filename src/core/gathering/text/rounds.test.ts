// Parts whose numbers begin again, with their keys at the end or each behind its own part. Common practice, no source.
import { expect, it } from 'vitest';
import { brief } from '../../../../tests/say';
import { gatherTyped } from '../../../../tests/typed';
import type { Item } from '../../model';

const read = async (...lines: string[]): Promise<Item[]> =>
  (await gatherTyped(lines.join('\n'))).items;
const typed = (title: string, ...questions: string[]): string[] => [
  title,
  ...questions.map((text, n) => `${n + 1}. ${text}`),
  '',
];
const BOATS = ['What is the front of a boat called?', 'Which side is port?'];
const WATER = ['Which gas do plants take in?', 'What is ice?'];
const chosen = (title: string, ...stems: string[]): string[] => [
  title,
  ...stems.flatMap((stem, n) => [`${n + 1}. ${stem}`, 'a) a gate', 'b) a wall', 'c) a roof']),
  '',
];
const rightOf = ({ options }: Item): number | undefined => options?.findIndex(({ right }) => right);

const SHORT = [
  `short: ${BOATS[0]!} [the bow]`,
  `short: ${BOATS[1]!} [left]`,
  `short: ${WATER[0]!} [carbon dioxide]`,
  `short: ${WATER[1]!} [frozen water]`,
];

it('a key is parted by the titles that its questions stand under', async () => {
  const items = await read(
    ...typed('ROUND ONE: BOATS', ...BOATS),
    ...typed('ROUND TWO: WATER', ...WATER),
    'ANSWERS',
    ...typed('Round One', 'the bow', 'left'),
    ...typed('Round Two', 'carbon dioxide', 'frozen water'),
  );
  expect(items.map(brief)).toEqual(SHORT);
  expect(items.map(({ category }) => category?.[0])).toEqual([
    'ROUND ONE: BOATS',
    'ROUND ONE: BOATS',
    'ROUND TWO: WATER',
    'ROUND TWO: WATER',
  ]);
});

it('each part has its own key behind it', async () => {
  const items = await read(
    ...typed('Round 1 – Boats', ...BOATS),
    ...typed('Answers', 'the bow', 'left'),
    ...typed('Round 2 – Water', ...WATER),
    ...typed('Answers', 'carbon dioxide', 'frozen water'),
  );
  expect(items.map(brief)).toEqual(SHORT);
});

it.each([
  ['a line each', ['KEY', 'Section A', '1. a', '2. b', 'Section B', '1. c', '2. a']],
  ['a line for each part', ['Answers', 'Section A: 1a 2b', 'Section B: 1c 2a']],
  ['in one count, where no part is named', ['Answers', '1. a', '2. b', '1. c', '2. a']],
])('letters that begin again are those of each part: %s', async (_, key) => {
  const items = await read(
    ...chosen('Section A', ...BOATS),
    ...chosen('Section B', ...WATER),
    ...key,
  );
  expect(items.map(rightOf)).toEqual([0, 1, 2, 0]);
});

it('what signs off below the last question is no part of its answer', async () => {
  const items = await read(
    ...['port', 'starboard'].flatMap((side, n) => [
      `${n + 1}. What colour is the ${side} light?`,
      'Answer: ' + (n ? 'green' : 'red'),
      '',
    ]),
    'Thanks,',
    'the training team',
  );
  expect(items.map(({ accepted }) => accepted)).toEqual([['red'], ['green']]);
});
