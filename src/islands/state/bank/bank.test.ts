import { describe, expect, it, vi } from 'vitest';
import type { Item, KeptLayout } from '../../../core/model';
import { itemChange, recordChange } from '../../../core/shared/steps';
import { memoryShelf, memoryStore, type MemoryShelf } from '../../../store/memory';
import type { Store } from '../../../store/port';
import { fakeCore } from '../../../../tests/fake-core';
import { item } from '../../../../tests/make';
import { Bank } from './bank';

const INFO = { id: 'b', name: 'B', madeAt: '' };
const question = (id: string, stem: string, change: Partial<Item> = {}): Item =>
  item({ id, ref: `R-${id}`, stem: { plain: stem }, ...change });

let tabs = 0;
/** A tab on a shelf, with the bank open. */
async function tab(shelf: MemoryShelf, name = `tab-${++tabs}`, store: Store = memoryStore(shelf)) {
  const worker = fakeCore();
  const bank = new Bank({ core: () => worker.core, tab: () => name, now: () => new Date(0) });
  bank.useStore(store);
  await bank.open(INFO);
  return { bank, worker, store, name };
}

const add = (bank: Bank, ...items: Item[]): Promise<void> =>
  bank.do({
    label: 'Add',
    items: items.map((one, index) => ({
      id: one.id,
      is: 'added',
      order: bank.nextOrder + index,
      item: one,
    })),
    records: [],
  });
const edit = (
  bank: Bank,
  id: string,
  change: Partial<Item>,
  base = bank.item(id)!,
): Promise<void> =>
  bank.do(
    { label: `Edit ${id}`, items: [itemChange(base, { ...base, ...change })!], records: [] },
    new Map([[id, base]]),
  );
const stem = (plain: string): Partial<Item> => ({ stem: { plain } });
const stems = (bank: Bank): string[] => bank.state.items.map((one) => one.stem.plain);
const settled = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 20));

describe('a bank', () => {
  it('takes steps, undoes and does them again, and the store says the same', async () => {
    const { bank, store } = await tab(memoryShelf());
    await add(bank, question('a', 'one'), question('b', 'two'));
    await edit(bank, 'a', stem('ONE'));
    await bank.undo();
    expect(stems(bank)).toEqual(['one', 'two']);
    await bank.undo();
    expect(stems(bank)).toEqual([]);
    await bank.redo();
    await bank.redo();
    expect(stems(bank)).toEqual(['ONE', 'two']);
    expect((await store.items('b', undefined, 9)).map((one) => one.item.stem.plain)).toEqual(
      stems(bank),
    );
    expect(bank.state.save).toMatchObject({ state: 'saved', unsaved: 0 });
  });
  it('has the same list of steps after a reload, and another tab has none of them', async () => {
    const shelf = memoryShelf();
    const { bank, name } = await tab(shelf);
    await add(bank, question('a', 'one'));
    await edit(bank, 'a', stem('two'));
    await bank.undo();
    const again = await tab(shelf, name);
    expect(again.bank.state.undo.map(({ step }) => step.label)).toEqual(['Add']);
    await again.bank.redo();
    expect(stems(again.bank)).toEqual(['two']);
    expect((await tab(shelf)).bank.state.undo).toEqual([]);
  });
  it('finds what is wrong with a question, and forgets it when it is mended', async () => {
    const { bank } = await tab(memoryShelf());
    await add(bank, question('a', ''));
    await settled();
    expect(bank.state.findings.get('a')).toBeDefined();
    await edit(bank, 'a', stem('What is a lock?'));
    await settled();
    expect(bank.state.findings.get('a') ?? []).toEqual([]);
  });
  it('hands the bank to a fresh worker', async () => {
    const { bank, worker } = await tab(memoryShelf());
    await add(bank, question('a', 'one'));
    await settled();
    worker.die();
    await bank.mirrorAnew();
    expect([...worker.mirrored.keys()]).toEqual(['a']);
  });
  it('changes layouts by their fields and tells another tab’s change of the same', async () => {
    const shelf = memoryShelf();
    const [mine, theirs] = [await tab(shelf), await tab(shelf)];
    const kept = {
      id: 'l',
      layout: { name: 'L' },
      because: {},
      unsure: [],
      chosen: true,
    } as unknown as KeptLayout;
    const change = (bank: Bank, before: KeptLayout | undefined, after: KeptLayout | undefined) =>
      bank.do({ label: 'Layout', items: [], records: recordChange('layouts', before, after) });
    await change(mine.bank, undefined, kept);
    await settled();
    await change(theirs.bank, kept, { ...kept, unsure: ['theirs'] });
    await change(mine.bank, kept, { ...kept, unsure: ['mine'] });
    await settled();
    expect(mine.bank.state.layouts[0]!.unsure).toEqual(['theirs']);
    expect(mine.bank.state.conflicts).toMatchObject([{ kind: 'layouts', mine: ['mine'] }]);
    await mine.bank.settleConflict(mine.bank.state.conflicts[0]!, true);
    expect((await mine.store.records('b', 'layouts'))[0]!.unsure).toEqual(['mine']);
  });
});

describe('two tabs', () => {
  it('show each other’s steps, and undo in one leaves the other’s field alone', async () => {
    const shelf = memoryShelf();
    const [mine, theirs] = [await tab(shelf), await tab(shelf)];
    await add(mine.bank, question('a', 'one'));
    await settled();
    await edit(mine.bank, 'a', stem('two'));
    await settled();
    await edit(theirs.bank, 'a', { points: 4 });
    await settled();
    await mine.bank.undo();
    await settled();
    expect(theirs.bank.item('a')).toMatchObject({ stem: { plain: 'one' }, points: 4 });
    expect(mine.bank.item('a')).toEqual(theirs.bank.item('a'));
    expect([...mine.bank.state.conflicts, ...theirs.bank.state.conflicts]).toEqual([]);
  });
  it('tell an edit that began before the other tab’s, with both texts, and take either', async () => {
    for (const useMine of [true, false]) {
      const shelf = memoryShelf();
      const [mine, theirs] = [await tab(shelf), await tab(shelf)];
      await add(mine.bank, question('a', 'one'));
      await settled();
      const base = mine.bank.item('a')!;
      await edit(theirs.bank, 'a', stem('theirs'));
      await settled();
      await edit(mine.bank, 'a', stem('mine'), base);
      await settled();
      const [conflict] = mine.bank.state.conflicts;
      expect(conflict).toMatchObject({
        path: 'stem',
        mine: { plain: 'mine' },
        theirs: { plain: 'theirs' },
      });
      expect(stems(mine.bank)).toEqual(['theirs']);
      await mine.bank.settleConflict(conflict!, useMine);
      await settled();
      expect(stems(theirs.bank)).toEqual([useMine ? 'mine' : 'theirs']);
    }
  });
  it('bring back a question that one removed while the other typed in it', async () => {
    const shelf = memoryShelf();
    const [mine, theirs] = [await tab(shelf), await tab(shelf)];
    await add(mine.bank, question('a', 'one'));
    await settled();
    const entry = theirs.bank.entries()[0]!;
    const base = mine.bank.item('a')!;
    await theirs.bank.do({ label: 'Remove', items: [{ ...entry, is: 'removed' }], records: [] });
    await settled();
    await edit(mine.bank, 'a', stem('mine'), base);
    await settled();
    expect(stems(mine.bank)).toEqual([]);
    const [conflict] = mine.bank.state.conflicts;
    expect((conflict!.mine as Item).stem.plain).toBe('mine');
    await mine.bank.settleConflict(conflict!, true);
    await settled();
    expect(stems(theirs.bank)).toHaveLength(1);
  });
  it('give new questions of both at once references and places of their own, and undo finds them', async () => {
    const shelf = memoryShelf();
    const [mine, theirs] = [await tab(shelf), await tab(shelf)];
    await Promise.all([
      add(mine.bank, question('a', 'a', { ref: 'Q-0001' })),
      add(theirs.bank, question('z', 'z', { ref: 'Q-0001' })),
    ]);
    await settled();
    expect(new Set(mine.bank.state.items.map(({ ref }) => ref)).size).toBe(2);
    await theirs.bank.undo();
    await mine.bank.undo();
    await settled();
    expect([...stems(mine.bank), ...stems(theirs.bank)]).toEqual([]);
    expect([...mine.bank.state.conflicts, ...theirs.bank.state.conflicts]).toEqual([]);
  });
  it('hear of hundreds of new questions without losing what is not written yet', async () => {
    const shelf = memoryShelf();
    const [mine, theirs] = [await tab(shelf), await tab(shelf)];
    await add(mine.bank, question('a', 'one'));
    await settled();
    const many = Array.from({ length: 600 }, (_, n) => question(`n${n}`, `new ${n}`));
    const both = Promise.all([add(theirs.bank, ...many), edit(mine.bank, 'a', stem('mine'))]);
    expect(mine.bank.state.phase).toBe('ready');
    await both;
    await settled();
    expect(mine.bank.state.items).toHaveLength(601);
    expect(mine.bank.item('a')!.stem.plain).toBe('mine');
  });
});

describe('a store that refuses', () => {
  /** A store whose writes can be made to fail. */
  function failing(shelf: MemoryShelf): { store: Store; refuse: (error?: Error) => void } {
    const store = memoryStore(shelf);
    const write = store.write.bind(store);
    let error: Error | undefined;
    store.write = (bank, change) => (error ? Promise.reject(error) : write(bank, change));
    return { store, refuse: (next) => (error = next) };
  }
  const quota = Object.assign(new Error(''), { name: 'QuotaExceededError' });

  it('loses no step: all are tried again in order, and only then it is called saved', async () => {
    vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] });
    try {
      const shelf = memoryShelf();
      const { store, refuse } = failing(shelf);
      const opening = tab(shelf, 'failing', store);
      await vi.advanceTimersByTimeAsync(100);
      const { bank } = await opening;
      const done = add(bank, question('a', 'one'));
      await vi.advanceTimersByTimeAsync(10);
      await done;
      refuse(quota);
      const steps = [
        edit(bank, 'a', stem('two')),
        edit(bank, 'a', stem('three')),
        edit(bank, 'a', { points: 2 }),
      ];
      await vi.advanceTimersByTimeAsync(3000);
      expect(bank.state.save).toMatchObject({ state: 'failed', unsaved: 3 });
      expect(bank.state.save.why).toContain('no room');
      expect(stems(bank)).toEqual(['three']);
      refuse(undefined);
      await vi.advanceTimersByTimeAsync(20_000);
      await Promise.all(steps);
      expect(bank.state.save.state).toBe('saved');
      expect((await store.item('b', 'a'))!.item).toMatchObject({
        stem: { plain: 'three' },
        points: 2,
      });
    } finally {
      vi.useRealTimers();
    }
  });
  it('that lives in the page alone is never called saved', async () => {
    const worker = fakeCore();
    const bank = new Bank({ core: () => worker.core, tab: () => 't', now: () => new Date(0) });
    bank.useStore(memoryStore(), false);
    await bank.open(INFO);
    await add(bank, question('a', 'one'));
    expect(bank.state.save.state).toBe('memory');
  });
});

describe('opening another bank', () => {
  it('in mid-load drops what the first still brings', async () => {
    const shelf = memoryShelf();
    const { bank } = await tab(shelf);
    await add(bank, ...Array.from({ length: 900 }, (_, n) => question(`n${n}`, `n ${n}`)));
    const other = { id: 'other', name: 'Other', madeAt: '' };
    const [first, second] = [bank.open(INFO), bank.open(other)];
    await Promise.all([first, second]);
    await settled();
    expect(bank.state.info.id).toBe('other');
    expect(bank.state.items).toEqual([]);
  });
  it('keeps a step done while the first was loading in that bank', async () => {
    const shelf = memoryShelf();
    const { bank, store } = await tab(shelf);
    await add(bank, question('a', 'one'));
    void bank.open(INFO);
    const step = add(bank, question('b', 'late'));
    await bank.open({ id: 'other', name: 'Other', madeAt: '' });
    await step;
    expect(bank.state.items).toEqual([]);
    expect(await store.items('b', undefined, 9)).toHaveLength(2);
  });
  it('shows a clash of the first when it is opened again', async () => {
    const shelf = memoryShelf();
    const [mine, theirs] = [await tab(shelf), await tab(shelf)];
    await add(mine.bank, question('a', 'one'));
    await settled();
    const base = mine.bank.item('a')!;
    await edit(theirs.bank, 'a', stem('theirs'));
    const late = edit(mine.bank, 'a', stem('mine'), base);
    await mine.bank.open({ id: 'other', name: 'Other', madeAt: '' });
    await late;
    expect(mine.bank.state.conflicts).toEqual([]);
    await mine.bank.open(INFO);
    expect(mine.bank.state.conflicts).toMatchObject([{ mine: { plain: 'mine' } }]);
  });
});
