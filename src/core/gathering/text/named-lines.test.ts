// Typed texts whose words say what stands there: cards, words to choose from, tasks to order, titles above terms.
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

it('cards are called so by the word in front of them', async () => {
  const lines = [
    'Front: What is a pound?',
    'Back: Water between two locks.',
    '---',
    'Front: What is a sill?',
    'Back: A ledge under water.',
  ];
  expect(await briefs(...lines)).toEqual([
    'card: What is a pound? [Water between two locks.]',
    'card: What is a sill? [A ledge under water.]',
  ]);
});

it('words to choose from may be led in behind what is to be done', async () => {
  const items = await read(
    'Fill in the blanks. Word bank: paddle, sill, bollard',
    '',
    '1. A boat is tied to a ______.',
    '2. Water flows through the ______.',
    '',
    'Answers: 1. bollard 2. paddle',
  );
  expect(items.map(({ gaps }) => gaps)).toEqual([
    [{ accepted: ['bollard'], options: ['paddle', 'sill', 'bollard'] }],
    [{ accepted: ['paddle'], options: ['paddle', 'sill', 'bollard'] }],
  ]);
});

it('steps counted by bare numbers below a task to order them are in their order', async () => {
  const lines = [
    'Order the steps of mooring.',
    '1 Slow down',
    '2 Step off',
    '3 Tie up',
    '',
    'Order the parts of a lock.',
    '1 Lower gate',
    '2 Chamber',
    '3 Upper gate',
  ];
  expect(await briefs(...lines)).toEqual([
    'order: Order the steps of mooring. [Slow down > Step off > Tie up]',
    'order: Order the parts of a lock. [Lower gate > Chamber > Upper gate]',
  ]);
});

it('titles above terms are their categories, and the words offered beside a statement are its options', async () => {
  const cards = await read(
    'Parts',
    'sill = a ledge',
    'beam = a lever',
    '',
    'Boats',
    'skiff = a small boat',
    'barge = a flat boat',
  );
  expect(cards.map(({ category }) => category?.[0])).toEqual(['Parts', 'Parts', 'Boats', 'Boats']);
  const judged = [
    '1. Ein Tor öffnet gegen das Wasser. (richtig/falsch)',
    '2. Kork schwimmt. (richtig/falsch)',
    '',
    'Lösung: 1 falsch, 2 richtig',
  ];
  expect(await briefs(...judged)).toEqual([
    'true-false: Ein Tor öffnet gegen das Wasser. [richtig / *falsch]',
    'true-false: Kork schwimmt. [*richtig / falsch]',
  ]);
});

it('a line in italics that a name leads in keeps no star', async () => {
  const lines = [1, 2].flatMap((n) => [
    `${n}. What is part ${n}?`,
    'A) sill',
    'B) beam',
    '**Answer: A) sill**',
    `*Explanation: It is under water ${n}.*`,
    '',
  ]);
  const items = await read(...lines);
  expect(items.map(({ explanation }) => explanation?.plain)).toEqual([
    'It is under water 1.',
    'It is under water 2.',
  ]);
});

it('a line that stands alike between every question and its options is no part of them', async () => {
  const lines = ['pump', 'valve'].flatMap((part, n) => [
    `Question ${n + 1} of 2`,
    `What does the ${part} do?`,
    'Answer choices:',
    '- it opens',
    '- it turns',
    'Correct answer: it turns',
    '',
  ]);
  expect(await briefs(...lines)).toEqual([
    'choice-one: What does the pump do? [it opens / *it turns]',
    'choice-one: What does the valve do? [it opens / *it turns]',
  ]);
});

it('what counts the parts of a list of terms is their title', async () => {
  const cards = await read(
    'Chapter 3: The lock',
    '',
    'weir: a dam that the river runs over',
    'cill: the step below the upper gate',
    '',
    'Chapter 4: The boat',
    '',
    'bow: the front of a boat',
    'stern: the back of a boat',
  );
  expect(cards.map(({ stem, category }) => [stem.plain, category])).toEqual([
    ['weir', ['Chapter 3: The lock']],
    ['cill', ['Chapter 3: The lock']],
    ['bow', ['Chapter 4: The boat']],
    ['stern', ['Chapter 4: The boat']],
  ]);
});
