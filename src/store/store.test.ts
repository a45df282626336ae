import 'fake-indexeddb/auto';
import { openDB } from 'idb';
import { describe, expect, it } from 'vitest';
import type { KeptLayout } from '../core/model';
import { itemChange, recordChange } from '../core/shared/steps';
import { indexedDbStore } from './indexed-db';
import { memoryShelf, memoryStore } from './memory';
import { migrations } from './migrations';
import type { Elsewhere, Store } from './port';
import { heldBy, only, PICTURE, question, type Added } from '../../tests/store';

let made = 0;
/** Opens two tabs on one store. */
const implementations: [string, () => Promise<[Store, Store]>][] = [
  [
    'memory',
    () => {
      const shelf = memoryShelf();
      return Promise.resolve([memoryStore(shelf), memoryStore(shelf)]);
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

const added = (id: string, stem: string, order = 1): Added => ({
  id,
  is: 'added',
  order,
  item: question(id, stem),
});
const kept = (change: Partial<KeptLayout> = {}): KeptLayout =>
  ({
    id: 'l',
    layout: { id: 'l', name: 'L' },
    because: {},
    unsure: [],
    chosen: true,
    ...change,
  }) as never;
const stemOf = async (store: Store, id: string): Promise<string | undefined> =>
  (await store.item('b', id))?.item.stem.plain;

describe.each(implementations)('the store in %s', (_, open) => {
  it('gives questions back in their order, in pages', async () => {
    const [store] = await open();
    await store.write(
      'b',
      only(added('c', 'third', 3), added('a', 'first', 1), added('b', 'second', 2)),
    );
    const first = await store.items('b', undefined, 2);
    expect(first.map((stored) => stored.id)).toEqual(['a', 'b']);
    expect((await store.items('b', first[1], 2)).map((stored) => stored.id)).toEqual(['c']);
    expect(await store.items('other', undefined, 9)).toEqual([]);
  });
  it('skips no question at the end of a page where two stand at the same place', async () => {
    const [store] = await open();
    for (const id of ['a', 'b', 'c']) {
      await store.write('b', only(added(id, id, 7)));
    }
    const first = await store.items('b', undefined, 1);
    const rest = await store.items('b', first[0], 9);
    expect([...first, ...rest].map(({ id }) => id).sort()).toEqual(['a', 'b', 'c']);
  });
  it('lets two tabs change two fields of one question', async () => {
    const [mine, theirs] = await open();
    const before = question('a', 'old');
    await mine.write('b', only(added('a', 'old')));
    await theirs.write('b', only(itemChange(before, { ...before, points: 3 })!));
    const { conflicts } = await mine.write(
      'b',
      only(itemChange(before, { ...before, stem: { plain: 'new' } })!),
    );
    expect(conflicts).toEqual([]);
    expect((await mine.item('b', 'a'))!.item).toMatchObject({ stem: { plain: 'new' }, points: 3 });
  });
  it('never overwrites a field that another tab changed meanwhile, and tells both texts', async () => {
    const [mine, theirs] = await open();
    const before = question('a', 'old');
    await mine.write('b', only(added('a', 'old')));
    await theirs.write('b', only(itemChange(before, { ...before, stem: { plain: 'theirs' } })!));
    const { conflicts } = await mine.write(
      'b',
      only(itemChange(before, { ...before, stem: { plain: 'mine' }, points: 2 })!),
    );
    expect(conflicts).toEqual([
      {
        kind: 'items',
        id: 'a',
        path: 'stem',
        mine: { plain: 'mine' },
        theirs: { plain: 'theirs' },
      },
    ]);
    expect((await mine.item('b', 'a'))!.item).toMatchObject({
      stem: { plain: 'theirs' },
      points: 2,
    });
  });
  it('tells a change of a question that the other tab removed, and keeps one that it changed', async () => {
    const [mine, theirs] = await open();
    const [a, z] = [question('a', 'a'), question('z', 'z')];
    await mine.write('b', only(added('a', 'a', 1), added('z', 'z', 2)));
    await theirs.write('b', only({ id: 'a', is: 'removed', order: 1, item: a }));
    await theirs.write('b', only(itemChange(z, { ...z, points: 5 })!));
    const { conflicts } = await mine.write(
      'b',
      only(itemChange(a, { ...a, points: 1 })!, { id: 'z', is: 'removed', order: 2, item: z }),
    );
    expect(conflicts).toEqual([
      { kind: 'items', id: 'a', path: '' },
      { kind: 'items', id: 'z', path: '', theirs: { ...z, points: 5 } },
    ]);
    expect(await mine.item('b', 'z')).toBeDefined();
  });
  it('gives new questions of two tabs orders and references of their own', async () => {
    const [mine, theirs] = await open();
    const twin = {
      id: 't',
      is: 'added' as const,
      order: 1,
      item: question('t', 't', { ref: 'R-a' }),
    };
    await mine.write('b', only(added('a', 'a', 1)));
    const { items } = await theirs.write('b', only(twin));
    expect(items[0]!.item.ref).not.toBe('R-a');
    const stored = await mine.items('b', undefined, 9);
    expect(new Set(stored.map(({ order }) => order)).size).toBe(2);
    expect(new Set(stored.map((one) => one.item.ref)).size).toBe(2);
  });
  it('tells a layout that both tabs changed, and merges what does not clash', async () => {
    const [mine, theirs] = await open();
    const records = (before: KeptLayout | undefined, after: KeptLayout | undefined) => ({
      items: [],
      records: recordChange('layouts', before, after),
    });
    await mine.write('b', records(undefined, kept()));
    await theirs.write('b', records(kept(), kept({ unsure: ['x'] })));
    expect((await mine.write('b', records(kept(), kept({ chosen: false })))).conflicts).toEqual([]);
    const [stored] = await mine.records('b', 'layouts');
    expect(stored).toMatchObject({ chosen: false, unsure: ['x'] });
    const { conflicts } = await mine.write('b', records(kept(), kept({ unsure: ['y'] })));
    expect(conflicts).toMatchObject([{ kind: 'layouts', id: 'l', mine: ['y'], theirs: ['x'] }]);
  });
  it('tells the other tabs what was written', async () => {
    const [mine, theirs] = await open();
    const heard = new Promise<Elsewhere>((resolve) => {
      theirs.onElsewhere(resolve);
    });
    await mine.write('b', {
      items: [added('a', 'x')],
      records: recordChange('layouts', undefined, kept()),
    });
    expect(await heard).toEqual({
      bank: 'b',
      items: ['a'],
      records: [{ kind: 'layouts', id: 'l' }],
    });
  });
  it('keeps a bank, its blanks, settings and steps, and clears one bank alone', async () => {
    const [store] = await open();
    const step = { label: 'Edit', items: [], records: [] };
    await store.write('b', {
      info: { id: 'b', name: 'B', madeAt: '' },
      blanks: new Map([['digest', new Uint8Array([1, 2])]]),
      items: [added('a', 'x')],
      records: recordChange('layouts', undefined, kept()),
      journal: { tab: 't', put: [1, 2, 3].map((n) => ({ n, step, undone: n === 3 })), drop: [] },
    });
    await store.write('b', { ...only(), journal: { tab: 't', put: [], drop: [1] } });
    await store.write('c', only(added('a', 'y')));
    expect((await store.banks()).map(({ name }) => name)).toContain('B');
    expect((await store.journal('b', 't')).map(({ n, undone }) => [n, undone])).toEqual([
      [2, false],
      [3, true],
    ]);
    expect(await store.journal('b', 'another')).toEqual([]);
    expect(await store.records('b', 'layouts')).toHaveLength(1);
    expect([...(await store.blank('digest'))!]).toEqual([1, 2]);
    await store.saveSetting('draft 1', 'one');
    await store.saveSetting('draft 2', 'two');
    await store.saveSetting('draft 2', undefined);
    await store.saveSetting('other', 'three');
    expect([...(await store.settings('draft '))]).toEqual([['draft 1', 'one']]);
    await store.clear('b');
    expect(await store.items('b', undefined, 9)).toEqual([]);
    expect(await store.records('b', 'layouts')).toEqual([]);
    expect(await store.journal('b', 't')).toEqual([]);
    expect(await store.items('c', undefined, 9)).toHaveLength(1);
    expect(await store.setting('other')).toBe('three');
  });
  it('keeps what it is given apart from the giver’s own object, and takes a removal back', async () => {
    const [store] = await open();
    const step = added('a', 'x');
    await store.write('b', only(step));
    const before = structuredClone(step.item);
    step.item.stem.plain = 'changed behind its back';
    expect(await stemOf(store, 'a')).toBe('x');
    await store.write('b', only({ id: 'a', is: 'removed', order: 1, item: before }));
    const { conflicts } = await store.write('b', only(added('a', 'x')));
    expect(conflicts).toEqual([]);
    expect(await stemOf(store, 'a')).toBe('x');
  });
});

describe('the database', () => {
  it('is brought from every earlier version to the newest with all that it holds', async () => {
    for (let from = 1; from < migrations.length; from++) {
      const name = `old-${from}`;
      const old = await openDB(name, from, {
        upgrade: (db, _from, _to, upgrade) =>
          migrations.slice(0, from).forEach((step) => void step(db as never, upgrade as never)),
      });
      const media = [{ at: 'stem' as const, href: PICTURE }];
      const before = question('a', 'kept', { media });
      await old.put('items', { bank: 'b', id: 'a', order: 1, rev: 3, item: before });
      old.close();
      const store = await indexedDbStore(name);
      expect((await store.item('b', 'a'))!.item).toEqual(before);
      expect((await heldBy(name)).text).not.toContain('base64');
      await store.write('b', only(added('z', 'new', 1)));
      expect(await store.items('b', undefined, 9)).toHaveLength(2);
      store.close();
    }
  });
  it('gives way to a newer program in another tab and says so', async () => {
    const events: string[] = [];
    const store = await indexedDbStore('newer', (event) => events.push(event));
    (await openDB('newer', migrations.length + 1)).close();
    expect(events).toEqual(['open', 'outdated']);
    await expect(store.banks()).rejects.toThrow(/newer version/);
    await expect(indexedDbStore('newer')).rejects.toThrow();
  });
  it('writes nothing of a step of which a part fails', async () => {
    const store = await indexedDbStore('whole');
    const broken = { ...question('z', 'z'), title: (() => 1) as never };
    await expect(
      store.write('b', only(added('a', 'a'), { id: 'z', is: 'added', order: 2, item: broken })),
    ).rejects.toThrow();
    expect(await store.items('b', undefined, 9)).toEqual([]);
  });
});
