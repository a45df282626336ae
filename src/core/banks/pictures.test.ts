import { describe, expect, it } from 'vitest';
import { item } from '../../../tests/make';
import type { Item } from '../model';
import { matchFiles, picturesIn, withPictures, type PictureChange } from './pictures';
import { searchFor } from './search';

const DATA = 'data:image/png;base64,iVBORw0KGgo=';
const shows = (id: string, ...pictures: readonly [href: string, alt?: string][]): Item =>
  item({
    id,
    media: pictures.map(([href, alt]) => ({ at: 'stem', href, ...(alt ? { alt } : {}) })),
  });
const bank = [
  shows('a', ['lock 10.png', 'a lock'], [DATA, 'a gate']),
  shows('b', ['https://pictures.example/weir.jpg?w=300']),
  shows('c', ['lock 10.png'], ['lock 2.png', 'two']),
  item({ id: 'd' }),
];

describe('the pictures of a bank', () => {
  it('are told once each, what is missing first', () => {
    expect(
      picturesIn(bank).map(({ name, is, alt, questions }) => [name, is, alt, questions]),
    ).toEqual([
      ['lock 2.png', 'named', 'two', ['c']],
      ['lock 10.png', 'named', undefined, ['a', 'c']],
      ['weir.jpg', 'linked', undefined, ['b']],
      ['a gate', 'held', 'a gate', ['a']],
    ]);
  });

  it('are found among files by their names, whatever folder and ending', () => {
    const found = matchFiles(picturesIn(bank), ['Weir.PNG', 'other.png', 'lock%2010.webp']);
    expect([...found]).toEqual([
      ['lock 10.png', 2],
      ['https://pictures.example/weir.jpg?w=300', 0],
    ]);
  });

  it('are changed wherever they are shown, and other questions stay', () => {
    const changed = withPictures(
      bank,
      new Map<string, PictureChange>([
        ['lock 10.png', { href: DATA, alt: 'ten' }],
        ['https://pictures.example/weir.jpg?w=300', 'removed'],
      ]),
    );
    expect(
      changed.map(({ id, media }) => [id, media?.map(({ href, alt }) => [href, alt])]),
    ).toEqual([
      [
        'a',
        [
          [DATA, 'ten'],
          [DATA, 'a gate'],
        ],
      ],
      ['b', undefined],
      [
        'c',
        [
          [DATA, 'ten'],
          ['lock 2.png', 'two'],
        ],
      ],
    ]);
  });

  it('are searched by name', () => {
    const ids = (query: string): string[] => bank.filter(searchFor(query)).map(({ id }) => id);
    expect(ids('picture:weir')).toEqual(['b']);
    expect(ids('picture:"lock 10"')).toEqual(['a', 'c']);
    expect(ids('picture:no')).toEqual(['d']);
  });
});
