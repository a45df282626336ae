import { closeElsewhere, messages, openElsewhere, page, until } from '../../../tests/page';
import { beforeAll, describe, expect, it } from 'vitest';
import { item, options } from '../../../tests/make';
import { openBankFile, saveBankFile } from './bank-file';
import {
  addItems,
  bankState,
  changeItems,
  itemById,
  keepReceipt,
  redo,
  removeItems,
  setWaiting,
  theStore,
  undo,
} from './bank';
import { openBank, openDemo, openOwn, otherBanks, resetDemo, start } from './banks';
import { demoFile } from './demo';
import { answerDraft, draftOf, keepDraft, watchDrafts, type Draft } from './draft';
import { liveTabs, settleTab, tabName } from './tab';
import { quietly } from './quietly';

const refs = (): string[] => bankState().items.map(({ ref }) => ref);

beforeAll(async () => {
  await start(false);
});

describe('banks', () => {
  it('open with one’s own questions, and remember the bank of last time', async () => {
    expect(bankState()).toMatchObject({ phase: 'ready', info: { id: 'own' }, items: [] });
    expect(bankState().notice).toBeUndefined();
    await openDemo();
    expect(bankState().info.id).toBe('demo');
    expect(bankState().items.length).toBeGreaterThan(20);
    expect(bankState().layouts.length).toBeGreaterThan(1);
    expect(await theStore().setting('bank')).toBe('demo');
  });

  it('keep one’s own questions apart from the demo’s, however quickly one is chosen after the other', async () => {
    const demo = openDemo();
    const own = openOwn();
    await Promise.all([demo, own]);
    expect(bankState()).toMatchObject({ info: { id: 'own' }, items: [] });
  });

  it('put the demo back in one step that undo takes back', async () => {
    await openDemo();
    const all = bankState().items.length;
    await removeItems('Remove', [bankState().items[0]!.id]);
    expect(bankState().items).toHaveLength(all - 1);
    await resetDemo();
    expect(bankState().items).toHaveLength(all);
    await undo();
    expect(bankState().items).toHaveLength(all - 1);
    await redo();
    expect(bankState().items).toHaveLength(all);
  });

  it('say so where the demo can’t be had', async () => {
    page.missing.add('bank.json');
    await expect(demoFile('bank.json')).rejects.toThrow('could not be fetched (503)');
    await openDemo();
    // It is there already; only a first visit needs the server.
    expect(bankState().info.id).toBe('demo');
    page.missing.clear();
  });

  it('become a file with everything in them, and come back as a bank of their own', async () => {
    await openDemo();
    const before = { items: bankState().items, layouts: bankState().layouts };
    const { name, missing } = await saveBankFile();
    expect(missing).toEqual([]);
    expect(page.taken.at(-1)!.name).toBe(name);
    const bytes = await page.taken.at(-1)!.bytes();
    expect(await openBankFile(new File([bytes as never], name))).toBeUndefined();
    expect(bankState().info.id).toMatch(/^bank-/);
    expect(bankState().items).toEqual(before.items);
    expect(bankState().layouts.map(({ layout }) => layout)).toEqual(
      before.layouts.map(({ layout }) => layout),
    );
    expect((await otherBanks()).map(({ id }) => id)).toEqual([bankState().info.id]);
    const [other] = await otherBanks();
    await openOwn();
    await openBank(other!);
    expect(bankState().items).toEqual(before.items);
  });

  it('refuse a file that is none', async () => {
    const no = new File([new Uint8Array([1, 2, 3])], 'odd.bank.zip');
    expect(await openBankFile(no)).toContain('is no bank file');
  });

  it('tell why one can’t be opened, and keep what is open', async () => {
    await openOwn();
    const store = theStore();
    const records = store.records.bind(store);
    store.records = () => Promise.reject(new Error('the disk is gone'));
    await openDemo();
    expect(messages().at(-1)).toContain('could not be opened: the disk is gone');
    store.records = records;
    await openOwn();
    expect(bankState().phase).toBe('ready');
  });
});

describe('steps', () => {
  it('add, change, remove and take back', async () => {
    await openOwn();
    await addItems('Add', [item({ id: 'a', ref: 'A' }), item({ id: 'b', ref: 'B' })]);
    expect(refs()).toEqual(['A', 'B']);
    await changeItems('Edit', [{ ...itemById('a')!, stem: { plain: 'Other words' } }]);
    expect(itemById('a')!.stem.plain).toBe('Other words');
    await changeItems('Edit', [item({ id: 'not there' })]);
    await removeItems('Remove', ['b']);
    expect(refs()).toEqual(['A']);
    await undo();
    await undo();
    expect(refs()).toEqual(['A', 'B']);
    expect(itemById('a')!.stem.plain).not.toBe('Other words');
    setWaiting(3);
    expect(bankState().waiting).toBe(3);
  });

  it('keep receipts without a step', async () => {
    const steps = bankState().undo.length;
    await keepReceipt({ id: 'r', at: '2026-11-26T10:00:00Z' } as never);
    expect(bankState().receipts.map(({ id }) => id)).toContain('r');
    expect(bankState().undo).toHaveLength(steps);
  });

  it('give a worker that was lost the bank anew', async () => {
    page.workers.at(-1)!.die();
    await until(() => page.workers.length > 1);
    await changeItems('Edit', [{ ...itemById('a')!, options: options('x', 'y', 'z') }]);
    await until(() => (bankState().findings.get('a') ?? []).length > 0);
    expect(
      bankState()
        .findings.get('a')!
        .map(({ rule }) => rule),
    ).toContain('key-missing');
  });
});

describe('drafts', () => {
  const leave = (tab: string, text: string, item = 'a') =>
    theStore().saveSetting(`draft ${bankState().info.id} ${tab} ${item} stem`, {
      bank: bankState().info.id,
      tab,
      item,
      field: 'stem',
      text,
    } satisfies Draft);
  const kept = async () =>
    [...(await theStore().settings<Draft>('draft '))].map(([, { tab, text }]) => [tab, text]);
  /** What is offered from now on. */
  const watch = () => {
    const offered: Draft[] = [];
    const stop = watchDrafts(bankState().info.id, (more) => offered.push(...more));
    return { stop, texts: () => offered.map(({ text }) => text), offered };
  };

  it('of a closed page are offered until they are answered, those of a page that is open when it ends', async () => {
    await leave('gone', 'half a sent');
    await leave('before', itemById('a')!.stem.plain);
    await leave('gone', 'for none', 'not there');
    await leave('other', 'theirs');
    openElsewhere('other');
    const first = watch();
    await until(() => first.offered.length > 0);
    // What stands in its cell and what has no question any more are not offered, and not kept.
    expect(first.texts()).toEqual(['half a sent']);
    first.stop();
    await until(async () => (await kept()).length === 2);
    // The page ended before they were answered.
    const second = watch();
    await until(() => second.offered.length > 0);
    expect(second.texts()).toEqual(['half a sent']);
    second.offered.forEach(answerDraft);
    closeElsewhere('other');
    await until(() => second.offered.length > 1);
    expect(second.texts()).toEqual(['half a sent', 'theirs']);
    second.stop();
    second.offered.forEach(answerDraft);
    await until(async () => (await kept()).length === 0);
  });

  it('that are typed here are kept until the disk has the text, offered to nobody, and not forgotten with what was typed before', async () => {
    keepDraft('a', 'stem', 'first');
    const forget = draftOf('a', 'stem');
    keepDraft('a', 'stem', 'typed since');
    forget();
    await leave('gone', 'another');
    const { stop, texts, offered } = watch();
    await until(() => offered.length > 0);
    expect(texts()).toEqual(['another']);
    expect((await kept()).map(([, text]) => text).sort()).toEqual(['another', 'typed since']);
    offered.forEach(answerDraft);
    stop();
    draftOf('a', 'stem')();
    await until(async () => (await kept()).length === 0);
  });
});

describe('a tab', () => {
  it('keeps its name over a reload, and takes another where a second page bears it', async () => {
    const name = tabName();
    expect(await liveTabs()).toContain(name);
    // A duplicated tab begins with the same session, while this one still holds the name.
    await settleTab();
    expect(tabName()).not.toBe(name);
  });

  it('lets work beside the user’s own fail quietly', async () => {
    quietly(Promise.reject(new Error('no matter')));
    await Promise.resolve();
  });
});
