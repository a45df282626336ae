// A store in memory: for tests, and for browsers that refuse IndexedDB.
import type { BankInfo, RecordKind, Records, StoredItem } from '../core/model';
import type { Conflict, Elsewhere, Store, Write, Written } from './port';
import { defined } from '../core/shared/defined';

type Bank = { info: BankInfo; items: Map<string, StoredItem>; records: Map<string, unknown> };
export type MemoryShelf = {
  banks: Map<string, Bank>;
  blanks: Map<string, Uint8Array>;
  settings: Map<string, unknown>;
  tabs: Set<{ hear: (change: Elsewhere) => void }>;
};
export const memoryShelf = (): MemoryShelf => ({
  banks: new Map(),
  blanks: new Map(),
  settings: new Map(),
  tabs: new Set(),
});

/** A store on a shelf; two stores on one shelf behave like two tabs. */
export function memoryStore(shelf: MemoryShelf = memoryShelf()): Store {
  const listeners = new Set<(change: Elsewhere) => void>();
  const tab = { hear: (change: Elsewhere) => listeners.forEach((listener) => listener(change)) };
  shelf.tabs.add(tab);
  const bankOf = (id: string): Bank => {
    let bank = shelf.banks.get(id);
    if (!bank) {
      bank = { info: { id, name: id, madeAt: '' }, items: new Map(), records: new Map() };
      shelf.banks.set(id, bank);
    }
    return bank;
  };
  const write = async (id: string, { items, records }: Write): Promise<Written> => {
    const bank = bankOf(id);
    const revs = new Map<string, number>();
    const conflicts: Conflict[] = [];
    for (const one of items) {
      const stored = bank.items.get(one.id);
      if ((stored?.rev ?? 0) !== one.rev) {
        conflicts.push(
          defined({
            id: one.id,
            theirs: stored ? structuredClone(stored) : undefined,
            mine: one.next ? one.next.item : undefined,
          }),
        );
        continue;
      }
      revs.set(one.id, one.rev + 1);
      if (one.next) {
        bank.items.set(one.id, structuredClone({ id: one.id, rev: one.rev + 1, ...one.next }));
      } else {
        bank.items.delete(one.id);
      }
    }
    for (const record of records) {
      const key = `${record.kind} ${record.id}`;
      if (record.after) {
        bank.records.set(key, structuredClone(record.after));
      } else {
        bank.records.delete(key);
      }
    }
    const change = {
      bank: id,
      items: [...revs.keys()],
      records: records.map(({ kind, id: record }) => ({ kind, id: record })),
    };
    for (const other of shelf.tabs) {
      if (other !== tab) {
        other.hear(change);
      }
    }
    return { revs, conflicts };
  };
  return {
    write,
    banks: async () => [...shelf.banks.values()].map(({ info }) => info),
    saveBank: async (info) => {
      bankOf(info.id).info = info;
    },
    items: async (id, after, count) =>
      [...bankOf(id).items.values()]
        .filter(({ order }) => order > after)
        .sort((a, b) => a.order - b.order)
        .slice(0, count)
        .map((item) => structuredClone(item)),
    item: async (id, item) => structuredClone(bankOf(id).items.get(item)),
    records: async <K extends RecordKind>(id: string, kind: K) =>
      [...bankOf(id).records]
        .filter(([key]) => key.startsWith(`${kind} `))
        .map(([, value]) => structuredClone(value) as Records[K]),
    blank: async (digest) => shelf.blanks.get(digest),
    saveBlank: async (digest, bytes) => {
      shelf.blanks.set(digest, bytes);
    },
    clear: async (id) => {
      shelf.banks.delete(id);
    },
    setting: async <T>(name: string) => shelf.settings.get(name) as T | undefined,
    saveSetting: async (name, value) => {
      shelf.settings.set(name, value);
    },
    onElsewhere: (listener) => {
      listeners.add(listener);
      return () => {
        listeners.delete(listener);
      };
    },
    close: () => {
      shelf.tabs.delete(tab);
    },
  };
}
