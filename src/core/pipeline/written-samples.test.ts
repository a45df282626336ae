// What leaves in the way of a sample, read as a strict receiver would: numbers, words for true and false, lines that are set in.
import { describe, expect, it } from 'vitest';
import { fill, learnBlank } from '.';
import { gatherTyped } from '../../../tests/typed';
import { counter, item, options, surroundings } from '../../../tests/make';
import { brief } from '../../../tests/say';

async function written(sample: string, items: readonly ReturnType<typeof item>[]) {
  const blank = new TextEncoder().encode(sample);
  const { layout, unsure } = await learnBlank({ name: 'sample.txt', bytes: blank }, surroundings);
  const { bytes, differences } = await fill(
    { items: [...items], layout, blank },
    { ...surroundings, id: counter() },
  );
  expect(differences).toEqual([]);
  return { lines: new TextDecoder().decode(bytes).trimEnd().split('\n'), unsure };
}
const MATCH = item({
  kind: 'match',
  stem: { plain: 'Match them.' },
  pairs: [
    { left: { plain: 'cow' }, right: { plain: 'calf' } },
    { left: { plain: 'hen' }, right: { plain: 'chick' } },
  ],
  options: undefined,
});
const CHOICE = item({ stem: { plain: 'What floats?' }, options: options('lead', '*cork') });
const SHORT = item({
  kind: 'short',
  stem: { plain: 'Name it.' },
  accepted: ['gate'],
  options: undefined,
});

describe('a file that leaves', () => {
  it('counts on where one question became several', async () => {
    const { lines } = await written(
      '1) Which planet is red?\n   a) Venus\n   b) Mars (x)\n\n2) Which planets have rings?\n   a) Saturn (x)\n   b) Mercury\n',
      [CHOICE, MATCH, CHOICE],
    );
    expect(lines.filter((line) => /^\d/.test(line)).map((line) => line.slice(0, 2))).toEqual([
      '1)',
      '2)',
      '3)',
      '4)',
    ]);
  });
  it('has letters for true and false in the place of options, where the samples have', async () => {
    const { lines } = await written(
      'MC;Which colour is grass?;red;*green;blue\nMC;Which is a fruit?;*apple;stone;nail\nTF;Snow is black.;F\nTF;Ice is cold.;T\nSA;Opposite of hot;cold\n',
      [
        CHOICE,
        item({
          kind: 'true-false',
          stem: { plain: 'Lead floats.' },
          options: options('True', '*False'),
        }),
        SHORT,
      ],
    );
    expect(lines).toEqual([
      'MC;What floats?;lead;*cork;',
      'TF;Lead floats.;F;;',
      'SA;Name it.;gate;;',
    ]);
  });
  it('has answers set in below their questions, where the sample has', async () => {
    const { lines } = await written(
      'windlass\n\ta crank for the paddles\nlock\n\ta chamber that lifts boats\nweir\n\ta dam that keeps the level\n',
      [SHORT, CHOICE],
    );
    expect(lines).toEqual(['Name it.', '\tgate', 'What floats?', '\tcork']);
  });
});

it('pairs that an arrow of two signs joins are no records', async () => {
  const { items } = await gatherTyped(
    'Match the following:\nFrance => Paris\nItaly => Rome\nSpain => Madrid\n\nMatch the animals:\ncow => calf\nhen => chick\ndog => puppy\n',
  );
  expect(items.map(brief)).toEqual([
    'match: Match the following: [France=Paris / Italy=Rome / Spain=Madrid]',
    'match: Match the animals: [cow=calf / hen=chick / dog=puppy]',
  ]);
});
