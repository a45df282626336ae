// What a layout of marked text leaves in the texts of its sample.
import { describe, expect, it } from 'vitest';
import { item, options } from '../../../tests/make';
import { holdsSigns } from './leftovers';

const asked = (stem: string, ...texts: string[]) =>
  item({ stem: { plain: stem }, options: options(...texts) });

describe('signs left in the texts of a sample', () => {
  it.each([
    ['a sign in front of some options', asked('What opens?', '*A wall', '@ A gate', '@ A hill')],
    ['a label in front of them', asked('What opens?', '*a. A wall', 'b. A gate')],
    ['a sign behind some', asked('What opens?', '*A wall <<<', 'A gate', 'A hill <<<')],
    ['one half of a pair of signs', asked('What opens?', '*A wall**', 'A gate', 'A hill**')],
    ['the end of a tag', asked('What opens?', '*A wall</b>', 'A gate</b>')],
    [
      'a list in brackets, cut in pieces',
      asked('What opens?', '*["A wall"', '"A gate"', '"A hill"]'),
    ],
    ['a word in brackets behind some', asked('What opens?', '*A wall [x]', 'A gate [x]', 'A hill')],
    [
      'a word for a kind of question',
      asked('What opens?', '*A wall', 'True/False: A gate opens.', 'A hill'),
    ],
    ['what stands between two things', asked('What opens?', '*A wall | no', 'A gate | yes')],
  ])('%s', (_, one) => {
    expect(holdsSigns([one])).toBe(true);
  });

  it('what ends every question in brackets', () => {
    expect(holdsSigns([asked('A lock lifts. [T]', '*a'), asked('A weir rows. [F]', '*b')])).toBe(
      true,
    );
  });

  it.each([
    ['texts with a tag that is closed, and a gap', asked('What <b>opens</b>?', '*A __', 'b', 'c')],
    ['plain texts', asked('What opens?', '*A wall', 'A gate')],
    ['quotes, sums of money and negative numbers', asked('What?', '*“A wall”', '£5', '-3', '"b"')],
    [
      'a remark in brackets behind one question',
      asked('What opens (in a lock)?', '*A wall (tall)', 'b'),
    ],
    [
      'a sign in one text alone',
      asked('What opens?', '*A wall', 'C +', 'A hill', 'a', 'b', 'c', 'd'),
    ],
  ])('none in %s', (_, one) => {
    expect(holdsSigns([one])).toBe(false);
  });
});
