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

describe('lines that head, count or name', () => {
  const learned = async (text: string) =>
    learnBlank({ name: 'a.txt', bytes: new TextEncoder().encode(text) }, surroundings);

  it('head several questions each with a category', async () => {
    const { layout, unsure } = await learned(
      '# Boats\n? What is the front called?\n! bow\n? What is the back called?\n! stern\n# Locks\n? What holds the water?\n! gate\n',
    );
    expect(layout.marks).toMatchObject({ open: '?', accepted: '!', category: '#' });
    expect(layout.marks?.categoryAt).toBeUndefined();
    expect(layout.kinds.map(({ kind }) => kind)).toEqual(['short']);
    expect(unsure).toEqual([]);
  });

  it('count questions by a number between signs', async () => {
    const { layout } = await learned(
      '*** 1 ***\nWhat is 7 x 8?\n[ ] 54\n[*] 56\n>> 7 x 8 is 56.\n*** 2 ***\nWhat is 9 x 6?\n[*] 54\n[ ] 45\n>> 9 x 6 is 54.\n',
    );
    expect(layout.marks).toMatchObject({ numberLine: '*** {n} ***', right: '[*]', wrong: '[ ]' });
    expect(layout.marks?.category).toBeUndefined();
    expect(layout.kinds.map(({ kind }) => kind)).toEqual(['choice-one']);
  });

  it('say right and wrong by their words, wherever they stand', async () => {
    const question = (text: string, right: string, ...wrong: string[]): string =>
      [
        `BEGIN QUESTION`,
        `TEXT ${text}`,
        `RIGHT ${right}`,
        ...wrong.map((one) => `WRONG ${one}`),
        'NOTE See the book.',
        'END QUESTION',
      ].join('\n');
    const { layout, unsure } = await learned(
      `${question('What floats?', 'cork', 'lead', 'iron')}\n\n${question('What opens?', 'a gate', 'a wall')}\n`,
    );
    expect(layout.marks).toMatchObject({
      right: 'RIGHT',
      wrong: 'WRONG',
      stem: 'TEXT',
      feedback: 'NOTE',
    });
    expect(unsure).toEqual([]);
  });

  it('are no words that begin sentences beside words in capitals, and no letters that count', () => {
    const marks = repeatedSigns(
      lines('Which floats?\nWRONG stone\nRIGHT cork\n\nWhich opens?\nRIGHT a gate\nWRONG a wall'),
    );
    expect(marks).toMatchObject({ right: 'RIGHT', wrong: 'WRONG' });
    expect(marks?.open).toBeUndefined();
    const lettered = repeatedSigns(
      lines(
        'Q: Which floats?\nA: stone\n! B: cork\nC: lead\n\nQ: Which opens?\nA: a wall\nB: a roof\n! C: a gate\nD: a sill',
      ),
      [],
      { right: '!' },
    );
    expect(lettered?.feedback).toBeUndefined();
  });

  it('sentences with gaps, of which only some have a second line, are doubted', async () => {
    const { layout, unsure } = await learned(
      'The keeper opens the {{paddles}} by hand.\nBoats keep to the {{right}}.\n---\nWater flows {{down}}.\n',
    );
    expect(unsure).toEqual(['pattern']);
    expect(layout.pattern?.between).toEqual(['---']);
  });
});
