// Samples of marked text as their makers write them: learned line by line, and written again to the letter. Common practice, no source.
import { describe, expect, it } from 'vitest';
import { readMarkedSet } from '../reading-back';
import { surroundings } from '../../../tests/make';
import { learnBlank } from '.';
import { writtenLines } from './marked-sample';

const learned = (sample: string) =>
  learnBlank({ name: 'sample.txt', bytes: new TextEncoder().encode(sample) }, surroundings);

/** The questions that a sample shows, once it is learned for certain and written again as it is. */
async function shownBy(sample: string) {
  const { layout, unsure } = await learned(sample);
  expect(unsure).toEqual([]);
  expect(writtenLines(sample.trimEnd().split('\n'), layout).join('\n').trimEnd()).toBe(
    sample.trimEnd(),
  );
  return readMarkedSet(sample, layout).items;
}

const QUESTIONS = [
  'What holds the water back?\n* a gate\n- a song\n- a lamp',
  'What lets it in?\n- a flag\n* a paddle',
  'What steers a boat?\n* the rudder\n- the bell',
];

describe('a sample of marked text', () => {
  it.each([' =YES', ' (right)'])(
    'may say yes and no behind each option, with a frame and a kind around: %s',
    async (yes) => {
      const no = yes === ' =YES' ? ' =NO' : '';
      const questions = [
        `STEM: Which colour is port?\nOPT: red${yes}\nOPT: green${no}\nOPT: white${no}\nEXPL: Port is left.`,
        `STEM: What is a fender?\nOPT: a rope${no}\nOPT: a cushion${yes}\nEXPL: It keeps hulls apart.`,
      ];
      for (const [above, below] of [
        ['', ''],
        ['TYPE: MC\n', ''],
        ['TYPE: MC\n', '\nEND'],
      ]) {
        const sample = questions.map((text) => `${above}${text}${below}\n`).join('\n');
        expect(await shownBy(sample)).toMatchObject([
          {
            options: [{ right: true }, { right: false }, { right: false }],
            explanation: { plain: 'Port is left.' },
          },
          { options: [{ right: false }, { right: true }] },
        ]);
      }
    },
  );

  it('is unsure of a sign for right options whose word says something else', async () => {
    // Nothing in it tells which option is right: by its signs alone, what explains would be the right one.
    const { unsure } = await learned(
      'STEM: What opens?\nOPT: a gate\nOPT: a wall\nEXPL: Gates swing.\n\nSTEM: What floats?\nOPT: cork\nOPT: iron\nEXPL: Cork is light.\n',
    );
    expect(unsure).not.toEqual([]);
  });

  it.each([
    ['lines of signs between', 'Category: ', '', '---'],
    ['a blank line above the next', '== ', ' ==', ''],
  ])('may have categories above several questions, with %s', async (_, open, close, rule) => {
    const ruled = (lines: readonly string[]) => lines.join(`\n${rule}\n`);
    const one = (n: number) => `${n}) ${QUESTIONS[n - 1]!}`;
    const sample = rule
      ? ruled([`${open}Locks${close}`, one(1), one(2), `${open}Boats${close}`, one(3)])
      : `${open}Locks${close}\n${one(1)}\n${one(2)}\n\n${open}Boats${close}\n${one(3)}`;
    const items = await shownBy(`${sample}\n`);
    expect(items.map(({ category }) => category)).toEqual([['Locks'], ['Locks'], ['Boats']]);
  });
});
