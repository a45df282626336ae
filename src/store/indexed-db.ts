// The store in the browser: IndexedDB through idb, one transaction a step, other tabs told by a channel.
import { openDB, type IDBPDatabase } from 'idb';
import type { RecordKind, Records, StoredItem } from '../core/model';
import { migrate, migrations, type Shape } from './migrations';
import type { Conflict, Elsewhere, Store, Write, Written } from './port';
import { defined } from '../core/shared/defined';

type Db = IDBPDatabase<Shape>;

const bare = ({ bank: _bank, ...stored }: StoredItem & { bank: string }): StoredItem => stored;

async function write(db: Db, bank: string, { items, records }: Write): Promise<Written> {
  // 'strict' waits for the disk, so that what the page shows as saved outlives a crash.
  const tx = db.transaction(['items', 'records'], 'readwrite', { durability: 'strict' });
  const store = tx.objectStore('items');
  const revs = new Map<string, number>();
  const conflicts: Conflict[] = [];
  for (const one of items) {
    const stored = one.rev === 0 && items.length > 50 ? undefined : await store.get([bank, one.id]);
    if ((stored?.rev ?? 0) !== one.rev) {
      conflicts.push(
        defined({
          id: one.id,
          theirs: stored ? bare(stored) : undefined,
          mine: one.next ? one.next.item : undefined,
        }),
      );
      continue;
    }
    revs.set(one.id, one.rev + 1);
    if (one.next) {
      void store.put({ bank, id: one.id, rev: one.rev + 1, ...one.next });
    } else {
      void store.delete([bank, one.id]);
    }
  }
  const kept = tx.objectStore('records');
  for (const { kind, id, after } of records) {
    if (after) {
      void kept.put({ bank, kind, id, value: after });
    } else {
      void kept.delete([bank, kind, id]);
    }
  }
  await tx.done;
  return { revs, conflicts };
}

async function clear(db: Db, bank: string): Promise<void> {
  const tx = db.transaction(['banks', 'items', 'records'], 'readwrite', { durability: 'strict' });
  void tx.objectStore('banks').delete(bank);
  void tx.objectStore('items').delete(IDBKeyRange.bound([bank], [bank, []]));
  void tx.objectStore('records').delete(IDBKeyRange.bound([bank], [bank, []]));
  await tx.done;
}

/** Opens the browser's store; `name` separates the stores of tests. */
export async function indexedDbStore(name = 'cowslip'): Promise<Store> {
  const db = await openDB<Shape>(name, migrations.length, {
    upgrade: (open, from) => migrate(open, from),
  });
  const channel = new BroadcastChannel(name);
  return {
    banks: () => db.getAll('banks'),
    saveBank: async (info) => {
      await db.put('banks', info);
    },
    items: async (bank, after, count) =>
      (
        await db.getAllFromIndex(
          'items',
          'order',
          IDBKeyRange.bound([bank, after], [bank, Infinity], true),
          count,
        )
      ).map(bare),
    item: async (bank, id) => {
      const found = await db.get('items', [bank, id]);
      return found && bare(found);
    },
    records: async <K extends RecordKind>(bank: string, kind: K) =>
      (await db.getAll('records', IDBKeyRange.bound([bank, kind], [bank, kind, []]))).map(
        ({ value }) => value as Records[K],
      ),
    async write(bank, change) {
      const written = await write(db, bank, change);
      channel.postMessage({
        bank,
        items: [...written.revs.keys()],
        records: change.records.map(({ kind, id }) => ({ kind, id })),
      } satisfies Elsewhere);
      return written;
    },
    blank: (digest) => db.get('blanks', digest),
    saveBlank: async (digest, bytes) => {
      await db.put('blanks', bytes, digest);
    },
    clear: (bank) => clear(db, bank),
    setting: async <T>(key: string) => (await db.get('settings', key)) as T | undefined,
    saveSetting: async (key, value) => {
      await db.put('settings', value, key);
    },
    onElsewhere(listener) {
      const hear = (event: MessageEvent<Elsewhere>): void => listener(event.data);
      channel.addEventListener('message', hear);
      return () => channel.removeEventListener('message', hear);
    },
    close() {
      channel.close();
      db.close();
    },
  };
}
