import { page } from '../../../tests/page';
import { afterAll, expect, it, vi } from 'vitest';
import { item } from '../../../tests/make';
import { Connection } from '../../store/connection';
import { addItems, bankState } from './bank';
import { start } from './banks';
import { restoreBench } from './gather';

/** Opens the database as a newer program would. */
function takeOver(): Promise<void> {
  return new Promise((resolve) => {
    const newer = indexedDB.open('cowslip', 99);
    newer.addEventListener('success', () => {
      newer.result.close();
      resolve();
    });
  });
}

const rejected: unknown[] = [];
const note = (reason: unknown): number => rejected.push(reason);
process.on('unhandledRejection', note);
afterAll(() => {
  process.off('unhandledRejection', note);
});

it('a store taken over while the page starts is told, and one works on in the page alone', async () => {
  const real = Object.getOwnPropertyDescriptor(Connection.prototype, 'use')!
    .value as Connection['use'];
  let asked = 0;
  // It opens, and is taken over before the page asks for the bank of last time.
  vi.spyOn(Connection.prototype, 'use').mockImplementation(async function (this: Connection) {
    if (++asked === 2) {
      await takeOver();
    }
    return real.call(this);
  });
  await start(false).then(restoreBench);
  expect(bankState().phase).toBe('ready');
  expect(bankState().notice).toMatch(/kept in this page alone/);
  await addItems('Add', [item()]);
  expect(bankState().items).toHaveLength(1);
  await new Promise((resolve) => setTimeout(resolve, 50));
  expect(rejected).toEqual([]);
  expect(page.taken).toEqual([]);
});
