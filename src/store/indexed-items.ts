// The questions of a step written to IndexedDB within its transaction: new ones get orders and references of their own.
import type { IDBPTransaction } from 'idb';
import type { ItemStep, StoredItem } from '../core/model';
import { nameItems } from '../core/shared/references';
import type { Shape } from './migrations';
import type { Written } from './port';
import { shownBy, type Shows } from './pictures';
import { freeOrder, settleItem } from './settle';

/** The transaction of one step. */
export type Writing = IDBPTransaction<
  Shape,
  ('banks' | 'items' | 'records' | 'journal' | 'blanks' | 'pictures')[],
  'readwrite'
>;
type Added = Extract<ItemStep, { is: 'added' }>;

/** A question as it is kept, without the bank that it is in and what its pictures are found by. */
export const bare = ({
  bank: _bank,
  pictures: _pictures,
  ...stored
}: StoredItem & { bank: string } & Shows): StoredItem => stored;

/** A request whose failure is told by the transaction that it fails with it. */
export const send = (request: Promise<unknown>): void => {
  request.catch(() => undefined);
};

/** The orders and references that are taken among those that new questions ask for. */
async function takenBy(
  tx: Writing,
  bank: string,
  added: readonly Added[],
): Promise<{ orders: Set<number>; refs: Set<string> }> {
  const store = tx.objectStore('items');
  const [byOrder, byRef] = [store.index('order'), store.index('ref')];
  const orders = new Set<number>();
  const refs = new Set<string>();
  await Promise.all(
    added.map(async ({ order, item }) => {
      const [atOrder, atRef] = await Promise.all([
        byOrder.getKey([bank, order]),
        byRef.getKey([bank, item.ref]),
      ]);
      if (atOrder) {
        orders.add(order);
      }
      if (atRef) {
        refs.add(item.ref);
      }
    }),
  );
  return { orders, refs };
}

/** Every reference of a bank. */
async function allRefs(tx: Writing, bank: string): Promise<string[]> {
  const range = IDBKeyRange.bound([bank], [bank, []]);
  const refs: string[] = [];
  let cursor = await tx.objectStore('items').index('ref').openKeyCursor(range);
  while (cursor) {
    refs.push(cursor.key[1]);
    cursor = await cursor.continue();
  }
  return refs;
}

/** New questions with orders and references that no other question of the bank has. */
async function placed(tx: Writing, bank: string, steps: readonly ItemStep[]): Promise<ItemStep[]> {
  const added = steps.filter((step): step is Added => step.is === 'added');
  if (!added.length) {
    return [...steps];
  }
  const { orders, refs } = await takenBy(tx, bank, added);
  const isTwin = (step: Added): boolean => !step.item.ref || refs.has(step.item.ref);
  const twins = added.filter(isTwin);
  const own = added.filter((step) => !isTwin(step)).map((step) => step.item.ref);
  const renamed = twins.length
    ? nameItems(
        twins.map((step) => step.item),
        [...(await allRefs(tx, bank)), ...own],
      )
    : [];
  const names = new Map(renamed.map((item) => [item.id, item]));
  const isTaken = (order: number): boolean => orders.has(order);
  return steps.map((step) => {
    if (step.is !== 'added') {
      return step;
    }
    const order = isTaken(step.order) ? freeOrder(step.order, isTaken) : step.order;
    return { ...step, item: names.get(step.id) ?? step.item, order };
  });
}

/** After so many reads or writes the page may draw; the transaction lives on, since it is asked for the next. */
const AT_ONCE = 100;

/** The questions of these steps as they are kept. */
async function storedOf(
  tx: Writing,
  bank: string,
  steps: readonly ItemStep[],
): Promise<Map<string, StoredItem>> {
  const store = tx.objectStore('items');
  const stored = new Map<string, StoredItem>();
  for (let from = 0; from < steps.length; from += AT_ONCE) {
    const some = steps.slice(from, from + AT_ONCE);
    const found = await Promise.all(some.map(({ id }) => store.get([bank, id])));
    found.forEach((one) => one && stored.set(one.id, bare(one)));
  }
  return stored;
}

/** Writes the questions of a step, and says what became of them. */
export async function writeItems(
  tx: Writing,
  bank: string,
  steps: readonly ItemStep[],
): Promise<Written> {
  const store = tx.objectStore('items');
  const stored = await storedOf(tx, bank, steps);
  const written: Written = { items: [], gone: [], conflicts: [] };
  const fresh = steps.filter(({ id }) => !stored.has(id));
  const places = new Map((await placed(tx, bank, fresh)).map((step) => [step.id, step]));
  for (const [n, step] of steps.entries()) {
    if (n % AT_ONCE === AT_ONCE - 1) {
      await store.getKey([bank, step.id]);
    }
    const known = stored.get(step.id);
    const settled = settleItem(known, (known ? undefined : places.get(step.id)) ?? step);
    written.conflicts.push(...settled.conflicts);
    if (settled.put) {
      stored.set(step.id, settled.put);
      written.items.push(settled.put);
      send(store.put({ bank, ...settled.put, ...shownBy(settled.put.item) }));
    } else if (settled.remove) {
      stored.delete(step.id);
      written.gone.push(step.id);
      send(store.delete([bank, step.id]));
    }
  }
  return written;
}
