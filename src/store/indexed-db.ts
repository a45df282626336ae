// The store in the browser: IndexedDB through idb, one transaction a step, other tabs told by a channel.
import type { BankInfo, RecordKind, Records, StoredItem } from '../core/model';
import { Connection, type ConnectionEvent, type Db } from './connection';
import { bare, send, writeItems, type Writing } from './indexed-items';
import { Gallery } from './indexed-pictures';
import { SetAside, shownByStep } from './pictures';
import type {
  Conflict,
  Elsewhere,
  JournalChange,
  JournalEntry,
  Place,
  Store,
  Write,
  Written,
} from './port';
import { settleRecord } from './settle';

async function writeRecords(
  tx: Writing,
  bank: string,
  steps: Write['records'],
): Promise<Conflict[]> {
  const store = tx.objectStore('records');
  const conflicts: Conflict[] = [];
  for (const step of steps) {
    const { kind, id } = step;
    const stored = await store.get([bank, kind, id]);
    const settled = settleRecord(stored?.value, step);
    conflicts.push(...settled.conflicts);
    if (settled.put) {
      send(store.put({ bank, kind, id, value: settled.put as Records[RecordKind] }));
    } else if (settled.remove) {
      send(store.delete([bank, kind, id]));
    }
  }
  return conflicts;
}

function writeJournal(
  tx: Writing,
  bank: string,
  { tab, put, drop }: JournalChange,
  aside: SetAside,
): void {
  const store = tx.objectStore('journal');
  for (const entry of put) {
    const step = aside.step(entry.step);
    send(store.put({ bank, tab, ...entry, step, ...shownByStep(step) }));
  }
  for (const n of drop) {
    send(store.delete([bank, tab, n]));
  }
}

/** One transaction with everything in it; where any of it fails, none of it is written. */
async function write(db: Db, bank: string, change: Write, aside: SetAside): Promise<Written> {
  const items = change.items.map(aside.itemStep);
  // 'strict' waits for the disk, so that what the page shows as saved outlives a crash.
  const tx = db.transaction(
    ['banks', 'items', 'records', 'journal', 'blanks', 'pictures'],
    'readwrite',
    {
      durability: 'strict',
    },
  );
  // Where a part fails, the transaction's own failure is what is told.
  const done = tx.done;
  done.catch(() => undefined);
  try {
    if (change.info) {
      send(tx.objectStore('banks').put(change.info));
    }
    change.blanks?.forEach((bytes, digest) => send(tx.objectStore('blanks').put(bytes, digest)));
    const written = await writeItems(tx, bank, items);
    written.conflicts.push(...(await writeRecords(tx, bank, change.records)));
    if (change.journal) {
      writeJournal(tx, bank, change.journal, aside);
    }
    aside.digests.forEach((digest, href) => send(tx.objectStore('pictures').put(href, digest)));
    await done;
    return written;
  } catch (error) {
    try {
      tx.abort();
    } catch {
      // It is over already.
    }
    throw tx.error ?? error;
  }
}

async function clear(db: Db, bank: string): Promise<void> {
  const tx = db.transaction(['banks', 'items', 'records', 'journal'], 'readwrite', {
    durability: 'strict',
  });
  const all = IDBKeyRange.bound([bank], [bank, []]);
  send(tx.objectStore('banks').delete(bank));
  send(tx.objectStore('items').delete(all));
  send(tx.objectStore('records').delete(all));
  send(tx.objectStore('journal').delete(all));
  await tx.done;
}

class IndexedDbStore implements Store {
  private readonly channel: BroadcastChannel;
  private readonly gallery = new Gallery();

  constructor(
    name: string,
    private readonly connection: Connection,
  ) {
    this.channel = new BroadcastChannel(name);
  }

  async banks(): Promise<BankInfo[]> {
    return (await this.connection.use()).getAll('banks');
  }

  async saveBank(info: BankInfo): Promise<void> {
    await (await this.connection.use()).put('banks', info);
  }

  async items(bank: string, after: Place | undefined, count: number): Promise<StoredItem[]> {
    const from = after ? [bank, after.order, after.id] : [bank];
    const range = IDBKeyRange.bound(from, [bank, []], after !== undefined);
    const db = await this.connection.use();
    const found = await db.getAllFromIndex('items', 'place', range, count);
    const back = await this.gallery.for(db, found);
    return found.map(bare).map((stored) => ({ ...stored, item: back.item(stored.item) }));
  }

  async item(bank: string, id: string): Promise<StoredItem | undefined> {
    const db = await this.connection.use();
    const found = await db.get('items', [bank, id]);
    if (!found) {
      return undefined;
    }
    const back = await this.gallery.for(db, [found]);
    return { ...bare(found), item: back.item(found.item) };
  }

  async records<K extends RecordKind>(bank: string, kind: K): Promise<Records[K][]> {
    const range = IDBKeyRange.bound([bank, kind], [bank, kind, []]);
    const found = await (await this.connection.use()).getAll('records', range);
    return found.map(({ value }) => value as Records[K]);
  }

  async write(bank: string, change: Write): Promise<Written> {
    const db = await this.connection.use();
    const aside = new SetAside();
    const written = await this.gallery.hang(db, await write(db, bank, change, aside), aside);
    this.channel.postMessage({
      bank,
      items: [...written.items.map(({ id }) => id), ...written.gone],
      records: change.records.map(({ kind, id }) => ({ kind, id })),
    } satisfies Elsewhere);
    return written;
  }

  async journal(bank: string, tab: string): Promise<JournalEntry[]> {
    const range = IDBKeyRange.bound([bank, tab], [bank, tab, []]);
    const db = await this.connection.use();
    const found = await db.getAll('journal', range);
    const back = await this.gallery.for(db, found);
    return found.map(({ bank: _bank, tab: _tab, pictures: _pictures, step, ...entry }) => ({
      ...entry,
      step: back.step(step),
    }));
  }

  async blank(digest: string): Promise<Uint8Array | undefined> {
    return (await this.connection.use()).get('blanks', digest);
  }

  async saveBlank(digest: string, bytes: Uint8Array): Promise<void> {
    await (await this.connection.use()).put('blanks', bytes, digest);
  }

  async clear(bank: string): Promise<void> {
    await clear(await this.connection.use(), bank);
    await this.tidy();
  }

  async tidy(): Promise<void> {
    await this.gallery.clear(await this.connection.use());
  }

  async setting<T>(name: string): Promise<T | undefined> {
    return (await (await this.connection.use()).get('settings', name)) as T | undefined;
  }

  async settings<T>(prefix: string): Promise<Map<string, T>> {
    const db = await this.connection.use();
    const range = IDBKeyRange.bound(prefix, `${prefix}\uffff`);
    const tx = db.transaction('settings');
    const [names, values] = await Promise.all([tx.store.getAllKeys(range), tx.store.getAll(range)]);
    return new Map(names.map((name, index) => [name, values[index] as T]));
  }

  async saveSetting(name: string, value: unknown): Promise<void> {
    const db = await this.connection.use();
    await (value === undefined ? db.delete('settings', name) : db.put('settings', value, name));
  }

  onElsewhere(listener: (change: Elsewhere) => void): () => void {
    const hear = (event: MessageEvent<Elsewhere>): void => listener(event.data);
    this.channel.addEventListener('message', hear);
    return () => this.channel.removeEventListener('message', hear);
  }

  close(): void {
    this.channel.close();
    this.connection.close();
  }
}

/**
 * Opens the browser's store; `name` separates the stores of tests, `tell` hears what happens to the connection. Rejects
 * where the browser refuses, or where a newer program has changed the database.
 */
export async function indexedDbStore(
  name = 'cowslip',
  tell: (event: ConnectionEvent) => void = () => undefined,
): Promise<Store> {
  const connection = new Connection(name, tell);
  await connection.use();
  return new IndexedDbStore(name, connection);
}
