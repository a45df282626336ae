// What the tests of the store share: questions, steps, and a look at what the database itself holds.
import { openDB } from 'idb';
import type { Item, ItemStep } from '../src/core/model';
import { item } from './make';

export type Added = Extract<ItemStep, { is: 'added' }>;
export const question = (id: string, stem: string, change: Partial<Item> = {}): Item =>
  item({ id, ref: `R-${id}`, stem: { plain: stem }, ...change });
export const only = (...items: ItemStep[]) => ({ items, records: [] });

/** A picture that is held in its question. */
export const PICTURE = `data:image/png;base64,${'iVBORw0KGgo='.repeat(40)}`;

/** What the database itself holds. */
export async function heldBy(name: string): Promise<{ pictures: string[]; text: string }> {
  const db = await openDB(name);
  const [pictures, items, journal] = await Promise.all(
    ['pictures', 'items', 'journal'].map((store) => db.getAll(store)),
  );
  db.close();
  return { pictures: pictures as string[], text: JSON.stringify([items, journal]) };
}
