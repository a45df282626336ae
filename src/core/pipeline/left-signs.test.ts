// Signs that most texts still hold are told, and what only looks like one is not.
import { describe, expect, it } from 'vitest';
import { gatherColumns, gatherTyped } from '../../../tests/typed';

const rulesOf = async (text: string) => {
  const { findings, reading } = await gatherTyped(text);
  return { rules: findings.map(({ rule }) => rule), unsure: reading.unsure };
};
const questions = (options: readonly string[]): string =>
  [1, 2]
    .map(
      (n) =>
        `${n}. What floats ${n}?\n${options.map((text, at) => `${'abc'[at]}) ${text}`).join('\n')}\nAnswer: a\n`,
    )
    .join('\n');

describe('signs that were left', () => {
  it('make a reading unsure, with an example', async () => {
    const { findings, reading } = await gatherTyped(questions(['§§ cork', '§§ lead', '§§ iron']));
    expect(findings.map(({ message }) => message)).toEqual([
      'Most options hold the same kind of sign, as “§§ cork” does. It was kept as part of the text: look whether it says something else.',
    ]);
    expect(reading.unsure).toContain('as');
  });
  it('are asked of no one who said what the text is', async () => {
    const { reading } = await gatherTyped(questions(['§§ cork', '§§ lead', '§§ iron']), 'a.txt', {
      as: 'questions',
    });
    expect(reading.unsure).toEqual([]);
  });
  it.each([
    [
      'words of a dictionary',
      'cork (n.) - what floats\nlead (n.) - what sinks\nfloat (v.) - to swim\n',
    ],
    ['sums', '1. 5 + 7 = ? 12\n2. 6 + 8 = ? 14\n3. 9 - 4 = ? 5\n'],
    ['measures', questions(['400 m', '500 m', '600 m'])],
    [
      'a name that comes again',
      '1. Translate: de boot\nAnswer: the boat\n\n2. Translate: de sluis\nAnswer: the lock\n\n3. Translate: de brug\nAnswer: the bridge\n',
    ],
    ['vitamins', questions(['vitamin A', 'vitamin B', 'vitamin C'])],
  ])('%s are none', async (_, text) => {
    expect((await rulesOf(text)).rules).not.toContain('sign-left');
  });
  it('a list of steps is put in the order that the column beside it says', async () => {
    const { items, reading } = await gatherColumns([
      'No,Task,Steps,Correct order',
      '1,Put in order,"a) second\nb) first\nc) third","b, a, c"',
      '2,Put in order too,"a) last\nb) first\nc) middle","b, c, a"',
    ]);
    expect(items.map(({ steps }) => steps?.map(({ plain }) => plain))).toEqual([
      ['first', 'second', 'third'],
      ['first', 'middle', 'last'],
    ]);
    expect(reading.unsure).toEqual([]);
  });
  it('a solution behind an arrow goes before the word that is to be put into another form', async () => {
    const { items } = await gatherTyped(
      'Complétez :\n1. Hier, nous ........ (manger) une pizza. → avons mangé\n2. Elle ........ (partir) tôt. → est partie\n',
    );
    expect(items.map(({ gaps }) => gaps?.map(({ accepted }) => accepted))).toEqual([
      [['avons mangé']],
      [['est partie']],
    ]);
  });
});
