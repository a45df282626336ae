// What the store holds of a bank, read in bites.
import type { StoredItem } from '../../../core/model';
import type { Store } from '../../../store/port';
import { byName, newestFirst, type RecordLists } from './lists';

/** So many questions are read from the store at a time, so that the page can breathe between. */
const PAGE = 400;
/** Past this many questions changed elsewhere, reading the bank again costs less than asking for each. */
export const MANY = 200;

/** The questions of a bank in their order, page by page. */
export async function* pagesOf(store: Store, bank: string): AsyncGenerator<StoredItem[]> {
  let after: StoredItem | undefined;
  for (;;) {
    const page = await store.items(bank, after, PAGE);
    if (page.length) {
      yield page;
    }
    if (page.length < PAGE) {
      return;
    }
    after = page.at(-1);
  }
}

/** The records of a bank as they are listed. */
export async function recordsOf(store: Store, bank: string): Promise<RecordLists> {
  const [layouts, sources, receipts, sets, sittings] = await Promise.all([
    store.records(bank, 'layouts'),
    store.records(bank, 'sources'),
    store.records(bank, 'receipts'),
    store.records(bank, 'sets'),
    store.records(bank, 'sittings'),
  ]);
  return {
    layouts: byName(layouts),
    sources,
    receipts: newestFirst(receipts),
    sets: newestFirst(sets),
    sittings: newestFirst(sittings),
  };
}

async function manyOf(store: Store, bank: string): Promise<StoredItem[]> {
  const stored: StoredItem[] = [];
  for await (const page of pagesOf(store, bank)) {
    stored.push(...page);
  }
  return stored;
}

/** What the store has of these questions, and which of them are gone; past MANY, all that it has. */
export async function storedOf(
  store: Store,
  bank: string,
  ids: readonly string[],
): Promise<{ stored: StoredItem[]; gone: string[] }> {
  const stored =
    ids.length > MANY
      ? await manyOf(store, bank)
      : (await Promise.all(ids.map((id) => store.item(bank, id)))).flatMap((found) => found ?? []);
  const there = new Set(stored.map(({ id }) => id));
  return { stored, gone: ids.filter((id) => !there.has(id)) };
}
