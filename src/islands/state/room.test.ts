import { page } from '../../../tests/page';
import { beforeAll, expect, it } from 'vitest';
import { item } from '../../../tests/make';
import { addItems } from './bank';
import { start } from './banks';
import { roomTaken } from './room';

beforeAll(async () => {
  await start(false);
  expect(page.workers.length).toBeGreaterThan(0);
});

it('a bank takes as much room as what it holds, each of its pictures once', async () => {
  const { bank: before } = await roomTaken();
  const picture = `data:image/png;base64,${'A'.repeat(40_000)}`;
  const media = [{ at: 'stem' as const, href: picture }];
  await addItems('Add', [item({ id: 'r', media }), item({ id: 's', media })]);
  const { bank: after } = await roomTaken();
  expect(after - before).toBeGreaterThan(40_000);
  expect(after - before).toBeLessThan(41_000);
});

it('the browser’s own estimate is given where it makes one', async () => {
  Object.defineProperty(navigator, 'storage', {
    configurable: true,
    value: { estimate: () => Promise.resolve({ usage: 3_000_000, quota: 2_000_000_000 }) },
  });
  expect(await roomTaken()).toMatchObject({ used: 3_000_000, given: 2_000_000_000 });
  Object.defineProperty(navigator, 'storage', {
    configurable: true,
    value: { estimate: () => Promise.reject(new Error('not allowed')) },
  });
  expect(Object.keys(await roomTaken())).toEqual(['bank']);
});
