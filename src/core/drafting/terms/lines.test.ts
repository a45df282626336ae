// Typed lists of terms, in the forms people use.
import { describe, expect, it } from 'vitest';
import { termsOfText } from './lines';

describe('a list of terms', () => {
  it.each([
    ['tabs', 'pound\twater between locks\ncill\ta ledge'],
    ['dashes', 'pound – water between locks\ncill – a ledge'],
    ['colons', 'pound: water between locks\ncill: a ledge'],
    ['bars', '| pound | water between locks |\n| cill | a ledge |'],
    ['equals signs', 'pound = water between locks\ncill = a ledge'],
    ['a heading', 'Term\tDefinition\npound\twater between locks\ncill\ta ledge'],
  ])('with %s', (_, text) => {
    expect(termsOfText(text)).toEqual({
      terms: [
        { term: 'pound', definition: 'water between locks' },
        { term: 'cill', definition: 'a ledge' },
      ],
      without: [],
    });
  });
  it('takes headings and a third part as categories, and names lines without a definition', () => {
    const text = '# Water\npound\twater between locks\nweir\n# Gear\nfender\ta cushion\tBoats';
    expect(termsOfText(text)).toEqual({
      terms: [
        { term: 'pound', definition: 'water between locks', category: 'Water' },
        { term: 'fender', definition: 'a cushion', category: 'Boats' },
      ],
      without: [3],
    });
  });
  it('keeps a hyphen inside a term', () => {
    expect(termsOfText('by-wash - a channel').terms[0]).toMatchObject({ term: 'by-wash' });
  });
});
