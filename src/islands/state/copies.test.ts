import { page } from '../../../tests/page';
import { beforeAll, describe, expect, it, vi } from 'vitest';
import { item } from '../../../tests/make';
import { addItems, bankState, removeItems } from './bank';
import { openOwn, start } from './banks';
import { copiesOf, forgetCopies, keepCopies, keepCopy, openCopy } from './copies';

beforeAll(async () => {
  await start(false);
  expect(page.workers.length).toBeGreaterThan(0);
});

describe('earlier states of a bank', () => {
  it('are kept, the last ten of them, and opened as a bank of their own', async () => {
    await addItems('Add', [item({ id: 'a', ref: 'A-1' }), item({ id: 'b', ref: 'A-2' })]);
    for (let n = 0; n < 12; n++) {
      await keepCopy();
    }
    const copies = await copiesOf();
    expect(copies).toHaveLength(10);
    expect(copies.every(({ questions }) => questions === 2)).toBe(true);
    await removeItems('Remove', ['a', 'b']);
    expect(bankState().items).toHaveLength(0);
    expect(await openCopy(copies[0]!, 'this morning')).toBeUndefined();
    expect(bankState().info.name).toContain('this morning');
    expect(bankState().items.map(({ ref }) => ref)).toEqual(['A-1', 'A-2']);
    await openOwn();
    expect(bankState().items).toHaveLength(0);
    await forgetCopies(bankState().info.id);
    expect(await copiesOf()).toEqual([]);
  });

  it('are made by themselves once enough was done and nothing is done for a while', async () => {
    vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] });
    const stop = keepCopies();
    for (let n = 0; n < 25; n++) {
      await addItems('Add', [item({ id: `c${n}`, ref: `C-${n}` })]);
    }
    vi.advanceTimersByTime(16_000);
    vi.useRealTimers();
    await expect.poll(async () => (await copiesOf()).length, { timeout: 10_000 }).toBe(1);
    expect((await copiesOf())[0]!.questions).toBe(25);
    stop();
  });
});
