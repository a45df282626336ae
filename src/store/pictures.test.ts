import 'fake-indexeddb/auto';
import { describe, expect, it } from 'vitest';
import type { Item, ItemStep } from '../core/model';
import { itemChange } from '../core/shared/steps';
import { indexedDbStore } from './indexed-db';
import { heldBy, only, PICTURE, question, type Added } from '../../tests/store';

const withPicture = (id: string, order: number, href = PICTURE): Added => ({
  id,
  is: 'added',
  order,
  item: question(id, id, { media: [{ at: 'stem', href, alt: 'a gate' }] }),
});

describe('pictures in the database', () => {
  it('are kept once, however many questions and steps show them, and are read as they were', async () => {
    const store = await indexedDbStore('pictures');
    const items = [withPicture('a', 1), withPicture('b', 2)];
    const step = { label: 'Add', items, records: [] };
    const written = await store.write('b', {
      ...only(...items),
      journal: { tab: 't', put: [{ n: 1, step, undone: false }], drop: [] },
    });
    const held = await heldBy('pictures');
    expect(held.pictures).toEqual([PICTURE]);
    expect(held.text).not.toContain('base64');
    expect(written.items[1]!.item.media![0]!.href).toBe(PICTURE);
    const another = await indexedDbStore('pictures');
    const read = await another.items('b', undefined, 9);
    expect(read.map((stored) => stored.item)).toEqual(items.map(({ item }) => item));
    expect(Object.keys(read[0]!).sort()).toEqual(['id', 'item', 'order', 'rev']);
    expect((await another.item('b', 'a'))!.item.media![0]!.href).toBe(PICTURE);
    expect(await another.journal('b', 't')).toEqual([{ n: 1, step, undone: false }]);
  });
  it('are changed and told in a conflict as people see them', async () => {
    const [one, two] = [await indexedDbStore('clash'), await indexedDbStore('clash')];
    const first = withPicture('a', 1);
    await one.write('b', only(first));
    const other = (end: string): Item => ({
      ...first.item,
      media: [{ at: 'stem', href: `${PICTURE}${end}` }],
    });
    await one.write('b', only(itemChange(first.item, other('AAAA'))!));
    const { conflicts } = await two.write('b', only(itemChange(first.item, other('BBBB'))!));
    expect(conflicts).toMatchObject([
      { path: 'media.0', mine: { href: `${PICTURE}BBBB` }, theirs: { href: `${PICTURE}AAAA` } },
    ]);
    expect((await two.item('b', 'a'))!.item).toEqual(other('AAAA'));
  });
  it('are let go when no question and no step shows them', async () => {
    const store = await indexedDbStore('gone');
    const first = withPicture('a', 1);
    const removed: ItemStep = { id: 'a', is: 'removed', order: 1, item: first.item };
    await store.write('b', only(first, withPicture('z', 2, `${PICTURE}AAAA`)));
    await store.write('b', {
      ...only(removed),
      journal: {
        tab: 't',
        put: [{ n: 1, step: { label: 'Remove', items: [removed], records: [] }, undone: false }],
        drop: [],
      },
    });
    await store.tidy();
    expect((await heldBy('gone')).pictures).toHaveLength(2);
    await store.write('b', { ...only(), journal: { tab: 't', put: [], drop: [1] } });
    await store.tidy();
    expect((await heldBy('gone')).pictures).toEqual([`${PICTURE}AAAA`]);
    await store.clear('b');
    expect((await heldBy('gone')).pictures).toEqual([]);
    await store.write('b', only(first));
    expect((await store.item('b', 'a'))!.item.media![0]!.href).toBe(PICTURE);
  });
});
