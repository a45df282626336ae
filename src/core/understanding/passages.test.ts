import { describe, expect, it } from 'vitest';
import { column, meaningsOf, takenAs, view } from '../../../tests/tables';
import type { Meaning } from './contract';
import { withPassage } from './passages';

const TEXT = 'The keeper fills the lock before the boat arrives.';
const OTHER = 'Two boats wait below the weir until the gates stand open.';
const asks = column('Question', 'Who fills it?', 'When?', 'Why?', 'Where do they wait?');
const shared = (heading: string) => column(heading, TEXT, '', OTHER, '');
const each = (heading: string) => column(heading, TEXT, OTHER, TEXT + ' Now.', OTHER + ' Then.');

const read = (
  columns: ReturnType<typeof column>[],
  taken: Meaning[],
  said = new Map<number, Meaning>(),
) => withPassage(view(columns), takenAs(...taken), said);

describe('the text that questions are about', () => {
  it('is told by its word, and by standing above several questions', () => {
    const [first] = read([shared('Passage'), asks], ['category', 'stem']);
    expect(first).toMatchObject({ meaning: 'stem', p: 0.9 });
    expect(first!.others[0]!.meaning).toBe('category');
    expect(read([each('Case study'), asks], ['option', 'stem'])[0]).toMatchObject({
      meaning: 'stem',
      p: 0.9,
    });
    expect(read([shared('Vrigl'), asks], ['category', 'stem'])[0]).toMatchObject({
      meaning: 'stem',
      p: 0.6,
    });
  });

  it('is a hint that stands in each row and does not say so', () => {
    expect(read([each('Vrigl'), asks], ['hint', 'stem'])[0]).toMatchObject({
      meaning: 'stem',
      p: 0.6,
    });
    expect(read([each('Hint'), asks], ['hint', 'stem'])[0]).toMatchObject({ meaning: 'hint' });
  });

  it('may be a short sentence under a word for it, and no other', () => {
    const short = (heading: string) =>
      column(
        heading,
        'A dog bit her.',
        'A boy fell in the lock.',
        'A man is faint.',
        'It rains a lot.',
      );
    const taken = (heading: string) =>
      meaningsOf(read([short(heading), asks], ['hint', 'stem']))[0];
    expect([taken('Vrigl'), taken('Scenario')]).toEqual(['hint', 'hint']);
    const long = column('Scenario', ...Array<string>(4).fill('A dog bit her hand.'));
    expect(meaningsOf(read([long, asks], ['hint', 'stem']))[0]).toBe('stem');
  });

  it.each<[string, ReturnType<typeof column>, Meaning]>([
    ['what it is taken for is another thing', each('Vrigl'), 'category'],
    ['it is short', column('Passage', 'A lock.', '', 'A weir.', ''), 'category'],
    [
      'it ends in no full stop',
      column('Vrigl', TEXT.slice(0, -1), '', OTHER.slice(0, -1), ''),
      'category',
    ],
    ['the first row has none', column('Vrigl', '', TEXT, '', ''), 'category'],
    [
      'it fills some rows and does not head them',
      column('Vrigl', TEXT, OTHER, OTHER, ''),
      'category',
    ],
    ['it is what a table has one of', shared('Vrigl'), 'ref'],
  ])('is none where %s', (_, text, meaning) => {
    expect(meaningsOf(read([text, asks], [meaning, 'stem']))).toEqual([meaning, 'stem']);
  });

  it('stands before questions that ask, and nobody said what it is', () => {
    expect(meaningsOf(read([asks, shared('Passage')], ['stem', 'category']))).toEqual([
      'stem',
      'category',
    ]);
    const statements = column('Question', 'It is full.', 'It is deep.', 'It is old.', 'Where?');
    expect(meaningsOf(read([shared('Passage'), statements], ['category', 'stem']))).toEqual([
      'category',
      'stem',
    ]);
    const said = new Map<number, Meaning>([[0, 'category']]);
    expect(meaningsOf(read([shared('Passage'), asks], ['category', 'stem'], said))).toEqual([
      'category',
      'stem',
    ]);
    expect(meaningsOf(read([shared('Passage'), asks], ['category', 'title']))).toEqual([
      'category',
      'title',
    ]);
  });
});

describe('a receiver’s column for such a text', () => {
  const form = (...headings: string[]) =>
    view(
      headings.map((heading) => column(heading)),
      { blank: true },
    );
  it('has no place beside one that is called the question', () => {
    const found = withPassage(
      form('Passage', 'Question', 'Answer'),
      takenAs('kind', 'stem', 'accepted'),
      new Map(),
    );
    expect(found.map(({ meaning, p }) => [meaning, p])).toEqual([
      ['ignore', 0.6],
      ['stem', 0.9],
      ['accepted', 0.9],
    ]);
  });
  it.each<[string, string[], Meaning[]]>([
    ['behind the question', ['Question', 'Passage'], ['stem', 'kind']],
    ['where none is called so', ['Passage', 'Vrigl'], ['kind', 'stem']],
    ['of another word', ['Type', 'Question'], ['kind', 'stem']],
    ['that is a number', ['Passage', 'Question'], ['points', 'stem']],
  ])('keeps what it was %s', (_, headings, taken) => {
    expect(meaningsOf(withPassage(form(...headings), takenAs(...taken), new Map()))).toEqual(taken);
  });
});
