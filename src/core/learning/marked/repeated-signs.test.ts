// Signs of marked text that nobody explains: known by what repeats in the sample.
import { describe, expect, it } from 'vitest';
import { surroundings } from '../../../../tests/make';
import { learnBlank } from '../../pipeline';
import { repeatedSigns } from './repeated-signs';

const lines = (text: string): string[] => text.split('\n');

describe('signs that repeat', () => {
  it('tell right from wrong by how many options carry each', () => {
    expect(
      repeatedSigns(
        lines(
          'What floats?\n<~ stone\n<= cork\n<~ iron\n\nWhat sinks?\n<= stone\n<~ cork\n<~ wood',
        ),
      ),
    ).toMatchObject({ right: '<=', wrong: '<~', optionLabel: 'none', between: 'blank-line' });
  });

  it('are told by the comments where both are as frequent', () => {
    const body = lines(
      '1. What floats?\n(o) stone\n(#) cork\n\n2. What sinks?\n(#) stone\n(o) cork',
    );
    const marks = repeatedSigns(body, ['(o) marks a right option, (#) a wrong one.']);
    expect(marks).toMatchObject({ right: '(o)', wrong: '(#)', stemLabel: '1.' });
  });

  it('frame a question, part its halves, and name its key, its category and its feedback', () => {
    expect(
      repeatedSigns(
        lines(
          '|==\nWhat floats?\n+> cork\n-> stone\n-> iron\n==|\n|==\nWhat sinks?\n+> stone\n-> cork\n==|\n|==\nWhich is which?\ncork <-> light\niron <-> heavy\n==|',
        ),
      ),
    ).toMatchObject({ open: '|==', close: '==|', right: '+>', wrong: '->', pair: '<->' });
    expect(
      repeatedSigns(
        lines(
          '@> Wood\n?> What floats?\na) cork\nb) stone\n!> a\n&> Cork is light.\n\n@> Metal\n?> What sinks?\na) cork\nb) iron\n!> b\n&> Iron is heavy.',
        ),
      ),
    ).toMatchObject({
      open: '?>',
      keyLine: '!>',
      category: '@>',
      feedback: '&>',
      optionLabel: 'a)',
    });
  });

  it('are nothing where no option is marked', () => {
    expect(repeatedSigns(lines('What floats?\ncork\nstone'))).toBeUndefined();
    expect(repeatedSigns(lines('What floats?\n- cork\n- stone'))).toBeUndefined();
  });

  it('make a layout of a blank that explains nothing', async () => {
    const text =
      '|==\nWhat floats?\n+> cork\n-> stone\n-> iron\n==|\n|==\nWhat sinks?\n+> stone\n-> cork\n==|\n';
    const { layout } = await learnBlank(
      { name: 'sample.txt', bytes: new TextEncoder().encode(text) },
      surroundings,
    );
    expect(layout.shape).toBe('marked-text');
    expect(layout.marks).toMatchObject({ right: '+>', open: '|==', close: '==|' });
    expect(layout.marks?.comment).toBeUndefined();
  });
});
