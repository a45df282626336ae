// Small questions for the examples of the checks; each check changes the one thing it is about.
import type { Item, Layout } from '../model';

/** A sound question with three options, the second right. */
export const choice = (change: Partial<Item> = {}): Item => ({
  id: 'example',
  ref: 'Q-1',
  kind: 'choice-one',
  stem: { plain: 'What does a paddle let through a lock gate?' },
  options: [
    { text: { plain: 'Boats' }, right: false },
    { text: { plain: 'Water' }, right: true },
    { text: { plain: 'Walkers' }, right: false },
  ],
  ...change,
});

/** Options from texts; a leading star marks a right one. */
export const options = (...texts: string[]): Item['options'] =>
  texts.map((text) => ({ text: { plain: text.replace(/^\*/, '') }, right: text.startsWith('*') }));

/** A sound card. */
export const card = (change: Partial<Item> = {}): Item => ({
  id: 'example',
  ref: 'C-1',
  kind: 'card',
  stem: { plain: 'pound' },
  accepted: ['the water between two locks'],
  ...change,
});

/** A layout whose receiver takes 40 characters in a question and 10 in an option. */
export const narrow: Layout = {
  id: 'narrow',
  name: 'Narrow form',
  version: 1,
  shape: 'rows',
  file: { format: 'csv' },
  columns: [],
  key: { style: 'letter' },
  kinds: [],
  limits: { stem: 50, option: 10 },
};
