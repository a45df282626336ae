// One column for the answers of every kind, and headings that look like content.
import { expect, it } from 'vitest';
import { counter } from '../../../tests/make';
import { brief } from '../../../tests/say';
import { gatherSource } from '../pipeline';

const read = async (text: string) => {
  const bytes = new TextEncoder().encode(text);
  return gatherSource({ name: 'a.csv', bytes }, {}, { id: counter() });
};

it('one answer column beside a tolerance holds letters, numbers, words and true or false', async () => {
  const { items } = await read(
    [
      'type,title,question,opt_a,opt_b,opt_c,answer,tolerance,pts',
      'mc,One,What floats?,cork,iron,lead,a,,1',
      'num,Two,How deep is the lock in metres?,,,,2.4,0.1,2',
      'tf,Three,A gate opens against the water.,,,,F,,1',
      'fill,Four,A ____ holds a rope.,,,,bollard,,1',
    ].join('\n'),
  );
  expect(items.map(brief)).toEqual([
    'choice-one: What floats? [*cork / iron / lead]',
    'number: How deep is the lock in metres? [2.4±0.1]',
    'true-false: A gate opens against the water. [True / *False]',
    'gap: A {{1}} holds a rope. [bollard]',
  ]);
});
it('letters that count up are headings, though the options below are as short', async () => {
  const { items, reading } = await read(
    'question,A,B,C,D,E,correct\nPick the even numbers,1,2,3,4,5,BD\nPick the primes,2,4,5,6,9,AC\nPick the odd one,1,2,4,6,8,A\n',
  );
  expect(reading.headingRow).toBe(1);
  expect(items.map(brief)).toEqual([
    'choice-many: Pick the even numbers [1 / *2 / 3 / *4 / 5]',
    'choice-many: Pick the primes [*2 / 4 / *5 / 6 / 9]',
    'choice-one: Pick the odd one [*1 / 2 / 4 / 6 / 8]',
  ]);
});
