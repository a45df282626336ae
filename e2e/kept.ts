// What the browser's store holds, read past the program.
import type { Page } from '@playwright/test';

/** The bank of the demo, and how many of its first questions are looked at. */
export const DEMO = 'Lock keepers, autumn intake';
export const ROWS = 8;

export type Store = {
  rows: string[];
  counts: Record<string, number>;
  banks: Record<string, number>;
  /** Whether each receipt is whole. */
  receipts: boolean[];
};

/** What it holds: the first questions of the demo, how many of each batch, and of each bank. */
export const readStore = (page: Page): Promise<Store> =>
  page.evaluate(
    async ({ rows, demo, parts }) => {
      const db = await new Promise<IDBDatabase>((resolve, reject) => {
        const asked = indexedDB.open('cowslip');
        asked.onsuccess = () => resolve(asked.result);
        asked.onerror = () => reject(asked.error ?? new Error('The store was not opened.'));
      });
      const all = <T>(name: string): Promise<T[]> =>
        new Promise((resolve, reject) => {
          const asked = db.transaction(name).objectStore(name).getAll();
          asked.onsuccess = () => resolve(asked.result as T[]);
          asked.onerror = () => reject(asked.error ?? new Error(name));
        });
      type Kept = { bank: string; order: number; item: { stem: { plain: string } } };
      const banks = await all<{ id: string; name: string }>('banks');
      const items = await all<Kept>('items');
      const records = await all<{ kind: string; value: object }>('records');
      db.close();
      const own = banks.find(({ name }) => name === demo)?.id;
      const stems = items
        .filter(({ bank }) => bank === own)
        .sort((a, b) => a.order - b.order)
        .map(({ item }) => item.stem.plain);
      const counts: Record<string, number> = {};
      for (const batch of stems.flatMap((stem) => /^Batch \d+/.exec(stem)?.[0] ?? [])) {
        counts[batch] = (counts[batch] ?? 0) + 1;
      }
      const held: Record<string, number> = { [demo]: stems.length };
      for (const { id, name } of banks.filter(({ name }) => name !== demo)) {
        held[name] = items.filter(({ bank }) => bank === id).length;
      }
      const receipts = records
        .filter(({ kind }) => kind === 'receipts')
        .map(({ value }) => parts.every((key) => key in value));
      return { rows: stems.slice(0, rows), counts, banks: held, receipts };
    },
    {
      rows: ROWS,
      demo: DEMO,
      parts: ['id', 'at', 'set', 'file', 'questions', 'items', 'readBack'],
    },
  );

/** The texts that are kept aside while they are typed. */
export const keptDrafts = (page: Page): Promise<string[]> =>
  page.evaluate(async () => {
    const asked = indexedDB.open('cowslip');
    await new Promise((resolve) => asked.addEventListener('success', resolve));
    const range = IDBKeyRange.bound('draft ', 'draft \uffff');
    const found = asked.result.transaction('settings').objectStore('settings').getAll(range);
    await new Promise((resolve) => found.addEventListener('success', resolve));
    asked.result.close();
    return (found.result as { text: string }[]).map(({ text }) => text);
  });
