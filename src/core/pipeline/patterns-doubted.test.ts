// What a layout of marked text does not explain is doubted, and what stands above all questions stays where it is.
import { describe, expect, it } from 'vitest';
import { surroundings } from '../../../tests/make';
import { learnBlank } from '.';

const learned = (sample: string) =>
  learnBlank({ name: 'sample.txt', bytes: new TextEncoder().encode(sample) }, surroundings);

describe('a sample of marked text', () => {
  it('is unsure where words for kinds are left in the texts, or what is called a key would count the questions', async () => {
    const kinds = await learned(
      'True/False: The sun is a star. -> True\nTrue/False: The moon is a star. -> False\nChoice: Which is a planet? -> *Mars | Sun | Moon\nChoice: Which is a moon? -> Earth | *Titan | Venus\n',
    );
    expect(kinds.unsure).not.toEqual([]);
    const key = await learned(
      'Q1: Who wrote it?\nA1: Lopez\nA2: Garcia\nKEY1: no. 2\n\nQ2: When was it?\nA1: 1810\nA2: 1821\nKEY2: no. 1\n',
    );
    expect(key.unsure).not.toEqual([]);
  });

  it('may hold gaps between two signs, which other signs could be as well', async () => {
    const { layout, unsure } = await learned(
      '(1) The lower gate is the ~tail~ gate.\n(2) Boats are tied to a ~bollard~.\n(3) A ~windlass~ winds.\n',
    );
    expect(unsure).toEqual(['pattern']);
    expect(layout.pattern?.forms).toMatchObject([
      { kinds: ['gap'], parts: [{ role: 'stem', gap: { open: '~', close: '~' } }] },
    ]);
  });

  it('leaves the line that names the two sides of cards where it is', async () => {
    const { layout, unsure } = await learned(
      'term :: definition\nhull :: the body of a boat\noar :: a pole with a blade\nkeel :: the lowest part\n',
    );
    expect(unsure).toEqual([]);
    expect(layout.pattern).toMatchObject({
      head: ['term :: definition'],
      forms: [{ kinds: ['card'], parts: [{ role: 'card', between: ' :: ' }] }],
    });
  });
});
