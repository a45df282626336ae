import 'fake-indexeddb/auto';
import { openDB } from 'idb';
import { describe, expect, it } from 'vitest';
import { indexedDbStore } from './indexed-db';
import { memoryShelf, memoryStore } from './memory';
import { migrations } from './migrations';
import type { Elsewhere, Store } from './port';
import { item } from '../../tests/make';

let made = 0;
/** Opens two tabs on one store. */
const implementations: [string, () => Promise<[Store, Store]>][] = [
  [
    'memory',
    async () => {
      const shelf = memoryShelf();
      return [memoryStore(shelf), memoryStore(shelf)];
    },
  ],
  [
    'IndexedDB',
    async () => {
      const name = `test-${++made}`;
      return [await indexedDbStore(name), await indexedDbStore(name)];
    },
  ],
];
const put = (id: string, rev: number, stem: string, order = 1) => ({
  id,
  rev,
  next: { order, item: item({ id, stem: { plain: stem } }) },
});
const layout = { id: 'l', layout: { id: 'l' }, because: {}, unsure: [], chosen: true } as never;

describe.each(implementations)('the store in %s', (_, open) => {
  it('gives questions back in their order, in chunks', async () => {
    const [store] = await open();
    await store.write('b', {
      items: [put('c', 0, 'third', 3), put('a', 0, 'first', 1), put('b', 0, 'second', 2)],
      records: [],
    });
    const first = await store.items('b', -Infinity, 2);
    expect(first.map((stored) => stored.id)).toEqual(['a', 'b']);
    expect((await store.items('b', first[1]!.order, 2)).map((stored) => stored.id)).toEqual(['c']);
    expect(await store.items('other', -Infinity, 9)).toEqual([]);
  });
  it('never overwrites what another tab wrote meanwhile, and tells it', async () => {
    const [mine, theirs] = await open();
    await mine.write('b', { items: [put('a', 0, 'old')], records: [] });
    await theirs.write('b', { items: [put('a', 1, 'theirs')], records: [] });
    const { conflicts, revs } = await mine.write('b', {
      items: [put('a', 1, 'mine'), put('z', 0, 'new', 9)],
      records: [],
    });
    expect(conflicts).toEqual([
      {
        id: 'a',
        theirs: expect.objectContaining({
          rev: 2,
          item: expect.objectContaining({ stem: { plain: 'theirs' } }),
        }),
        mine: expect.objectContaining({ stem: { plain: 'mine' } }),
      },
    ]);
    expect([...revs]).toEqual([['z', 1]]);
    expect((await mine.item('b', 'a'))!.item.stem.plain).toBe('theirs');
  });
  it('tells a conflict with a question that the other tab removed', async () => {
    const [mine, theirs] = await open();
    await mine.write('b', { items: [put('a', 0, 'old')], records: [] });
    await theirs.write('b', { items: [{ id: 'a', rev: 1 }], records: [] });
    expect(
      (await mine.write('b', { items: [put('a', 1, 'mine')], records: [] })).conflicts,
    ).toEqual([{ id: 'a', mine: expect.anything() }]);
    expect(await mine.item('b', 'a')).toBeUndefined();
  });
  it('tells the other tabs what was written', async () => {
    const [mine, theirs] = await open();
    const heard = new Promise<Elsewhere>((resolve) => {
      theirs.onElsewhere(resolve);
    });
    await mine.write('b', {
      items: [put('a', 0, 'x')],
      records: [{ kind: 'layouts', id: 'l', after: layout }],
    });
    expect(await heard).toEqual({
      bank: 'b',
      items: ['a'],
      records: [{ kind: 'layouts', id: 'l' }],
    });
  });
  it('keeps records, blanks and settings, and clears one bank alone', async () => {
    const [store] = await open();
    await store.saveBank({ id: 'b', name: 'B', madeAt: '' });
    await store.write('b', {
      items: [put('a', 0, 'x')],
      records: [{ kind: 'layouts', id: 'l', after: layout }],
    });
    await store.write('c', { items: [put('a', 0, 'y')], records: [] });
    await store.saveBlank('digest', new Uint8Array([1, 2]));
    await store.saveSetting('bank', 'b');
    expect(await store.records('b', 'layouts')).toHaveLength(1);
    expect(await store.records('b', 'receipts')).toEqual([]);
    expect([...(await store.blank('digest'))!]).toEqual([1, 2]);
    await store.clear('b');
    expect(await store.items('b', -Infinity, 9)).toEqual([]);
    expect(await store.records('b', 'layouts')).toEqual([]);
    expect(await store.items('c', -Infinity, 9)).toHaveLength(1);
    expect(await store.setting('bank')).toBe('b');
  });
  it('takes a removal back and keeps what it is given apart from the giver’s own object', async () => {
    const [store] = await open();
    const write = put('a', 0, 'x');
    await store.write('b', { items: [write], records: [] });
    write.next.item.stem.plain = 'changed behind its back';
    expect((await store.item('b', 'a'))!.item.stem.plain).toBe('x');
    await store.write('b', { items: [{ id: 'a', rev: 1 }], records: [] });
    const { conflicts } = await store.write('b', { items: [put('a', 0, 'again')], records: [] });
    expect(conflicts).toEqual([]);
  });
});

describe('migrations', () => {
  it('bring a database of every earlier version to the newest', async () => {
    for (let from = 0; from < migrations.length; from++) {
      const name = `old-${from}`;
      if (from > 0) {
        (
          await openDB(name, from, {
            upgrade: (db) => {
              for (const step of migrations.slice(0, from)) {
                step(db as never);
              }
            },
          })
        ).close();
      }
      const store = await indexedDbStore(name);
      await store.write('b', { items: [put('a', 0, 'x')], records: [] });
      expect(await store.items('b', -Infinity, 1)).toHaveLength(1);
      store.close();
    }
  });
});
