// A receiver's list of pictures: read from any table, looked up by name, written in the picture's place.
import { describe, expect, it } from 'vitest';
import { item, options, surroundings } from '../../../tests/make';
import { fill, learnBlank, readBackFile } from '../pipeline';
import { picturesOfFile } from '../pipeline/pictures';
import { listedValue, picturesIn, pictureName } from './picture-list';

const bytes = (text: string): Uint8Array => new TextEncoder().encode(text);

describe('a list of pictures', () => {
  it('is read with headings or without, whichever column comes first', () => {
    const expected = [
      { name: 'lock.png', value: '117' },
      { name: 'weir', value: '118' },
    ];
    expect(
      picturesIn([
        ['Name', 'Number'],
        ['lock.png', '117'],
        ['weir', '118'],
      ]),
    ).toEqual(expected);
    expect(
      picturesIn([
        ['117', 'lock.png'],
        ['118', 'weir'],
      ]),
    ).toEqual(expected);
    expect(
      picturesIn([
        ['weir', 'https://pictures.example/9', 'by the mill'],
        ['lock', 'https://pictures.example/8', 'by the mill'],
      ]),
    ).toEqual([
      { name: 'weir', value: 'https://pictures.example/9' },
      { name: 'lock', value: 'https://pictures.example/8' },
    ]);
  });
  it('is none where nothing is a number or a link', () => {
    expect(
      picturesIn([
        ['a', 'b'],
        ['c', 'd'],
      ]),
    ).toEqual([]);
    expect(picturesIn([])).toEqual([]);
  });
  it('is read from a file of any table', async () => {
    const file = { name: 'pictures.csv', bytes: bytes('picture;id\nlock;117\nweir;118\n') };
    expect(await picturesOfFile(file)).toEqual([
      { name: 'lock', value: '117' },
      { name: 'weir', value: '118' },
    ]);
  });
  it('knows a picture by the last part of its address, in any case', () => {
    expect(pictureName('https://x.example/a/Lock%20gate.PNG?size=2')).toBe('lock gate');
    const list = [{ name: 'Lock gate.jpg', value: '7' }];
    expect(listedValue('pictures/lock gate.png', list)).toBe('7');
    expect(listedValue('7', list)).toBe('7');
    expect(listedValue('weir.png', list)).toBeUndefined();
  });
});

describe('a receiver with a list of pictures', () => {
  const blank = {
    name: 'form.csv',
    bytes: bytes('Question,A,B,Right (letter),Picture number\nWhat floats?,cork,lead,A,12\n'),
  };
  const picture = (href: string) => [{ at: 'stem' as const, href }];
  it('gets its numbers, and is told of pictures that are not on the list', async () => {
    const { layout } = await learnBlank(blank, surroundings);
    const items = [
      item({
        id: 'a',
        ref: 'a',
        stem: { plain: 'One?' },
        options: options('*x', 'y'),
        media: picture('https://p.example/lock.png'),
      }),
      item({
        id: 'b',
        ref: 'b',
        stem: { plain: 'Two?' },
        options: options('x', '*y'),
        media: picture('mill.png'),
      }),
    ];
    const job = {
      items,
      layout: { ...layout, pictures: [{ name: 'lock', value: '117' }] },
      setTitle: 'Set',
      blank: blank.bytes,
    };
    const { bytes: file, receipt } = await fill(job, surroundings);
    expect(new TextDecoder().decode(file).split(/\r?\n/).slice(1, 3)).toEqual([
      'One?,x,y,A,117',
      'Two?,x,y,B,',
    ]);
    const changes = receipt.items.flatMap((one) => one.changes);
    expect(changes.map(({ to, why }) => [to, why])).toEqual([
      ['117', expect.stringContaining('by its list')],
      ['', expect.stringContaining('“mill.png” is not on the receiver’s list')],
    ]);
    const back = await readBackFile({ name: 'form.csv', bytes: file }, job.layout);
    expect(back.items.map(({ media }) => media?.[0]?.href)).toEqual(['117', undefined]);
  });
});
