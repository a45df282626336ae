import { page } from '../../../tests/page';
import { beforeAll, expect, it } from 'vitest';
import { item } from '../../../tests/make';
import { addItems, bankState, theStore } from './bank';
import { start } from './banks';
import { countSteps, fileSaved, MUCH } from './since-file';

beforeAll(async () => {
  await start(false);
  expect(page.workers.length).toBeGreaterThan(0);
});

const counted = async (): Promise<number | undefined> =>
  (await theStore().setting<{ steps: number }>(`since file ${bankState().info.id}`))?.steps;

it('every step since the last file is counted, however fast they come, and a file begins anew', async () => {
  const stop = countSteps('demo');
  await Promise.all(
    Array.from({ length: MUCH }, (_, n) => addItems('Add', [item({ id: `s${n}`, ref: `S-${n}` })])),
  );
  await expect.poll(counted).toBe(MUCH);
  fileSaved();
  await expect.poll(counted).toBe(0);
  stop();
  await addItems('Add', [item({ id: 'after', ref: 'after' })]);
  expect(await counted()).toBe(0);
});

it('the demo is not counted', async () => {
  const stop = countSteps(bankState().info.id);
  await addItems('Add', [item({ id: 'demo', ref: 'demo' })]);
  await new Promise((done) => setTimeout(done, 30));
  expect(await counted()).toBe(0);
  stop();
});
