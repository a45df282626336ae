// Columns beside texts with gaps: words that go in, and words that are only offered.
import { describe, expect, it } from 'vitest';
import { column, meaningsOf, takenAs, view } from '../../../tests/tables';
import type { Meaning } from './contract';
import { withExtraWords, withGapWords } from './gap-columns';

const NONE = new Map<number, Meaning>();

describe('a column with a word for each gap', () => {
  const gapped = column('Text', 'A ___ and a ___ meet.', 'The ___ opens.', 'A ___ in a ___.');
  const words = column('Words', 'boat, lock', 'gate', 'sill, chamber');
  const read = (columns: ReturnType<typeof column>[], ...meanings: Meaning[]) =>
    withGapWords(view(columns), takenAs(...meanings), NONE).map(
      ({ meaning, p }) => `${meaning} ${p}`,
    );

  it('fills them, whatever it was taken for', () => {
    expect(read([gapped, words], 'stem', 'tags')).toEqual(['stem 0.9', 'accepted 0.9']);
  });
  it.each<[string, ReturnType<typeof column>[], Meaning[]]>([
    ['another one answers', [gapped, words, words], ['stem', 'tags', 'accepted']],
    [
      'a row has more words than gaps',
      [gapped, column('Words', 'boat, lock', 'gate, wall', 'a, b')],
      ['stem', 'tags'],
    ],
    [
      'no text has two gaps',
      [column('Text', 'A ___.', 'The ___.', 'Some ___.'), column('Words', 'a', 'b', 'c')],
      ['stem', 'tags'],
    ],
    [
      'a text has none',
      [column('Text', 'A ___ and a ___.', 'The gate.', 'A ___.'), column('Words', 'a, b', '', 'c')],
      ['stem', 'tags'],
    ],
    [
      'there are two rows',
      [gapped, words].map((one) => ({ ...one, texts: one.texts.slice(0, 2) })),
      ['stem', 'tags'],
    ],
  ])('does not where %s', (_, columns, meanings) => {
    expect(meaningsOf(withGapWords(view(columns), takenAs(...meanings), NONE))).toEqual(meanings);
  });
  it('does not in a form, and where a person spoke', () => {
    const own = takenAs('stem', 'tags');
    expect(withGapWords(view([gapped, words], { blank: true }), own, NONE)).toEqual(own);
    expect(withGapWords(view([gapped, words]), own, new Map([[1, 'tags' as const]]))).toEqual(own);
  });
});

describe('a column more than there are gaps', () => {
  const gapped = column('Text', 'A ___ and a ___ meet.', 'The ___ has a ___.', 'A ___ in a ___.');
  const one = column('One', 'boat', 'gate', 'sill');
  const two = column('Two', 'lock', 'paddle', 'chamber');
  const more = column('More', 'oak, elm', 'rope', 'tar, salt');
  const own: Meaning[] = ['stem', 'accepted', 'accepted', 'accepted'];
  const read = (columns: ReturnType<typeof column>[], meanings: Meaning[]) =>
    meaningsOf(withExtraWords(view(columns), takenAs(...meanings), NONE));

  it('offers words besides', () => {
    expect(read([gapped, one, two, more], own)).toEqual(['stem', 'accepted', 'accepted', 'wrongs']);
  });
  it.each<[string, ReturnType<typeof column>[], Meaning[]]>([
    ['every gap has one column', [gapped, one, more], ['stem', 'accepted', 'accepted']],
    ['it lists nothing', [gapped, one, two, two], own],
    ['nothing has gaps', [one, one, two, more], own],
  ])('offers nothing where %s', (_, columns, meanings) => {
    expect(read(columns, meanings)).toEqual(meanings);
  });
  it('offers nothing in a form, and where a person spoke', () => {
    const taken = takenAs(...own);
    const columns = [gapped, one, two, more];
    expect(withExtraWords(view(columns, { blank: true }), taken, NONE)).toEqual(taken);
    const said = new Map([[3, 'accepted' as const]]);
    expect(withExtraWords(view(columns), taken, said)).toEqual(taken);
  });
});
