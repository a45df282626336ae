// Habits of typed texts again: orders said below steps, quotations, points behind the question mark.
import { expect, it } from 'vitest';
import { counter } from '../../../../tests/make';
import { brief } from '../../../../tests/say';
import type { Item } from '../../model';
import { gatherSource } from '../../pipeline';

const read = async (...lines: string[]): Promise<Item[]> => {
  const bytes = new TextEncoder().encode(lines.join('\n'));
  const { items } = await gatherSource({ name: 'a.txt', bytes }, {}, { id: counter() });
  return items;
};
const briefs = async (...lines: string[]): Promise<string[]> => (await read(...lines)).map(brief);

it('steps counted below a task are put in the order that their numbers are said in', async () => {
  const lines = [
    'Arrange the steps in the right order:',
    '1. Open the valve',
    '2. Check the pressure',
    '3. Close the drain',
    'Correct order: 3, 1, 2',
    '',
    'Arrange these towns from north to south:',
    '1. Rome',
    '2. Oslo',
    '3. Berlin',
    'Correct order: 2, 3, 1',
  ];
  expect(await briefs(...lines)).toEqual([
    'order: Arrange the steps in the right order: [Close the drain > Open the valve > Check the pressure]',
    'order: Arrange these towns from north to south: [Oslo > Berlin > Rome]',
  ]);
});

it('a quoted line below options explains the question above, and is no title of the next', async () => {
  const items = await read(
    '## Question 1',
    'What joins two networks?',
    '',
    '- [ ] Switch',
    '- [x] Router',
    '',
    '> A router looks at addresses.',
    '',
    '## Question 2',
    'What has a middle?',
    '',
    '- [x] Star',
    '- [ ] Ring',
  );
  expect(items.map(({ explanation }) => explanation?.plain)).toEqual([
    'A router looks at addresses.',
    undefined,
  ]);
  expect(items[1]!.category).toBeUndefined();
});

it('questions with their points behind the question mark are no table', async () => {
  const lines = [
    'What is 7 x 8? (1 point)',
    '56',
    '',
    'What is the root of 144? (2 points)',
    '12',
    '',
    'What is 3 + 4? (1 point)',
    '7',
  ];
  expect(await briefs(...lines)).toEqual([
    'short: What is 7 x 8? [56]',
    'short: What is the root of 144? [12]',
    'short: What is 3 + 4? [7]',
  ]);
});
