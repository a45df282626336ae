import { describe, expect, it } from 'vitest';
import { column, meaningsOf, takenAs, view } from '../../../tests/tables';
import type { Meaning } from './contract';
import { withForms } from './vocabulary-lists';

const sentence = column(
  'Word',
  'What keeps the water back?',
  'It lies across a river:',
  'One ___ over it',
  'It floats …',
);

const NONE = new Map<number, Meaning>();
const word = column('Word', 'Schleuse', 'Wehr', 'Brücke', 'Boot');
const means = column('Meaning', 'lock', 'weir', 'bridge', 'boat');
const plural = column('Plural', 'Schleusen', 'Wehre', 'Brücken', 'Boote');
const article = column('Article', 'die', 'das', 'die', 'das');
const example = column(
  'Example',
  'Die Schleuse ist voll.',
  'Das Wehr ist alt.',
  'Die Brücke dreht sich.',
  'Das Boot wartet.',
);

const read = (columns: ReturnType<typeof column>[], ...meanings: Meaning[]) =>
  withForms(view(columns), takenAs(...meanings), NONE).map(({ meaning, p }) => `${meaning} ${p}`);

describe('a list of words', () => {
  it('is cards: its forms and what comes again are tags, its examples are shown afterwards', () => {
    const all = [article, word, plural, means, example];
    expect(read(all, 'accepted', 'stem', 'accepted', 'definition', 'hint')).toEqual([
      'tag 0.9',
      'term 0.9',
      'tag 0.9',
      'definition 0.9',
      'explanation 0.6',
    ]);
  });
  it('keeps what is called something, and takes a stranger for a tag, perhaps', () => {
    const unit = column('Category', 'water', 'water', 'land', 'water');
    expect(read([word, means, unit], 'term', 'definition', 'category')[2]).toBe('category 0.9');
    const strange = column('Vrigl', 'snok', 'plomb', 'trask', 'gruff');
    expect(read([word, means, strange], 'term', 'definition', 'accepted')[2]).toBe('tag 0.6');
    expect(read([word, means, strange], 'term', 'definition', 'points')[2]).toBe('points 0.9');
  });
  it('has the meaning in the column that is called so, not in a synonym', () => {
    const synonym = column('Translation', 'canal gate', 'dam', 'crossing', 'vessel');
    const found = read(
      [word, synonym, column('Definition', 'a', 'b', 'c', 'd')],
      'stem',
      'accepted',
      'accepted',
    );
    expect(found[0]).toMatch(/^term/);
    expect(found.filter((one) => one.startsWith('definition'))).toHaveLength(1);
    expect(found[2]).toMatch(/^definition/);
  });
  it.each<[string, ReturnType<typeof column>[], Meaning[]]>([
    ['it has options', [word, means, plural], ['stem', 'accepted', 'option']],
    [
      'a heading says that it asks',
      [{ ...word, heading: 'Question' }, means, plural],
      ['stem', 'accepted', 'accepted'],
    ],
    ['what asks is a sentence', [sentence, means, plural], ['stem', 'accepted', 'accepted']],
    ['what asks says the same again', [article, means, plural], ['stem', 'accepted', 'accepted']],
    ['nothing asks', [word, means, plural], ['title', 'accepted', 'accepted']],
    [
      'no heading says what words mean',
      [word, { ...means, heading: 'Vrigl' }, plural],
      ['stem', 'accepted', 'accepted'],
    ],
    ['it has two columns', [word, means], ['stem', 'accepted']],
  ])('is none where %s', (_, columns, meanings) => {
    expect(meaningsOf(withForms(view(columns), takenAs(...meanings), NONE))).toEqual(meanings);
  });
  it('is none in a form, in two rows, and where a person spoke', () => {
    const own = takenAs('stem', 'definition', 'accepted');
    const columns = [word, means, plural];
    expect(withForms(view(columns, { blank: true }), own, NONE)).toEqual(own);
    expect(withForms(view(columns, { rows: 2 }), own, NONE)).toEqual(own);
    expect(withForms(view(columns), own, new Map([[2, 'accepted' as const]]))).toEqual(own);
  });
});
