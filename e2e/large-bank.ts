// A bank as large as one wants, in the browser's store before the program opens it.
import type { Page } from '@playwright/test';
import { makeBank } from '../tests/bench/bank';

/** Puts the bank into the browser's store as the application itself would have left it. */
export async function storeBank(page: Page, size: number): Promise<void> {
  const items = makeBank(size);
  await page.evaluate(async (bank) => {
    const db = await new Promise<IDBDatabase>((resolve, reject) => {
      const open = indexedDB.open('cowslip');
      open.onsuccess = () => resolve(open.result);
      open.onerror = () => reject(open.error ?? new Error('The store was not opened.'));
    });
    const tx = db.transaction(['items', 'banks'], 'readwrite');
    tx.objectStore('banks').put({ id: 'own', name: 'My questions', madeAt: '' });
    bank.forEach((item, index) =>
      tx.objectStore('items').put({ bank: 'own', id: item.id, order: index + 1, rev: 1, item }),
    );
    await new Promise((resolve) => {
      tx.oncomplete = resolve;
    });
    db.close();
  }, items);
}
