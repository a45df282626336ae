// A store in memory: for tests, and for browsers that refuse IndexedDB.
import type { BankInfo, ItemStep, RecordKind, Records, StoredItem } from '../core/model';
import { nameItems } from '../core/shared/references';
import type {
  Conflict,
  Elsewhere,
  JournalChange,
  JournalEntry,
  Store,
  Write,
  Written,
} from './port';
import { freeOrder, inOrder, settleItem, settleRecord } from './settle';

type Bank = {
  info: BankInfo;
  items: Map<string, StoredItem>;
  records: Map<string, object>;
  journal: Map<string, JournalEntry>;
};
type Tab = { hear: (change: Elsewhere) => void };
export type MemoryShelf = {
  banks: Map<string, Bank>;
  blanks: Map<string, Uint8Array>;
  settings: Map<string, unknown>;
  tabs: Set<Tab>;
};

/** An empty shelf; stores on the same shelf behave like tabs on the same disk. */
export const memoryShelf = (): MemoryShelf => ({
  banks: new Map(),
  blanks: new Map(),
  settings: new Map(),
  tabs: new Set(),
});

const isBehind = (stored: StoredItem, after: { order: number; id: string }): boolean =>
  stored.order > after.order || (stored.order === after.order && stored.id > after.id);
/** A new question with an order and a reference that no other has. */
function placed(step: ItemStep, bank: Bank): ItemStep {
  if (step.is !== 'added' || bank.items.has(step.id)) {
    return step;
  }
  const others = [...bank.items.values()];
  const order = freeOrder(step.order, (wanted) => others.some((one) => one.order === wanted));
  const [item] = nameItems(
    [step.item],
    others.map((one) => one.item.ref),
  );
  return { ...step, order, item: item! };
}

function writeItems(bank: Bank, steps: readonly ItemStep[]): Written {
  const written: Written = { items: [], gone: [], conflicts: [] };
  for (const step of steps) {
    const { put, remove, conflicts } = settleItem(bank.items.get(step.id), placed(step, bank));
    written.conflicts.push(...conflicts);
    if (put) {
      bank.items.set(step.id, structuredClone(put));
      written.items.push(structuredClone(put));
    } else if (remove) {
      bank.items.delete(step.id);
      written.gone.push(step.id);
    }
  }
  return written;
}

function writeRecords(bank: Bank, steps: Write['records']): Conflict[] {
  return steps.flatMap((step) => {
    const key = `${step.kind} ${step.id}`;
    const { put, remove, conflicts } = settleRecord(bank.records.get(key), step);
    if (put) {
      bank.records.set(key, structuredClone(put));
    } else if (remove) {
      bank.records.delete(key);
    }
    return conflicts;
  });
}

function writeJournal(bank: Bank, { tab, put, drop }: JournalChange): void {
  for (const entry of put) {
    bank.journal.set(`${tab} ${entry.n}`, structuredClone(entry));
  }
  for (const n of drop) {
    bank.journal.delete(`${tab} ${n}`);
  }
}

const emptyBank = (id: string): Bank => ({
  info: { id, name: id, madeAt: '' },
  items: new Map(),
  records: new Map(),
  journal: new Map(),
});

class MemoryStore implements Store {
  private readonly listeners = new Set<(change: Elsewhere) => void>();
  private readonly tab: Tab = {
    hear: (change) => this.listeners.forEach((listener) => listener(change)),
  };

  constructor(private readonly shelf: MemoryShelf) {
    shelf.tabs.add(this.tab);
  }

  private bankOf(id: string): Bank {
    const bank = this.shelf.banks.get(id) ?? emptyBank(id);
    this.shelf.banks.set(id, bank);
    return bank;
  }

  banks(): Promise<BankInfo[]> {
    return Promise.resolve([...this.shelf.banks.values()].map(({ info }) => info));
  }

  saveBank(info: BankInfo): Promise<void> {
    this.bankOf(info.id).info = info;
    return Promise.resolve();
  }

  items(id: string, after: StoredItem | undefined, count: number): Promise<StoredItem[]> {
    const found = [...this.bankOf(id).items.values()]
      .filter((stored) => !after || isBehind(stored, after))
      .sort(inOrder)
      .slice(0, count);
    return Promise.resolve(structuredClone(found));
  }

  item(id: string, item: string): Promise<StoredItem | undefined> {
    return Promise.resolve(structuredClone(this.bankOf(id).items.get(item)));
  }

  records<K extends RecordKind>(id: string, kind: K): Promise<Records[K][]> {
    const found = [...this.bankOf(id).records]
      .filter(([key]) => key.startsWith(`${kind} `))
      .map(([, value]) => value as Records[K]);
    return Promise.resolve(structuredClone(found));
  }

  write(id: string, { items, records, journal, info, blanks }: Write): Promise<Written> {
    const bank = this.bankOf(id);
    if (info) {
      bank.info = info;
    }
    blanks?.forEach((bytes, digest) => this.shelf.blanks.set(digest, bytes));
    const written = writeItems(bank, items);
    written.conflicts.push(...writeRecords(bank, records));
    if (journal) {
      writeJournal(bank, journal);
    }
    this.tell({
      bank: id,
      items: [...written.items.map((stored) => stored.id), ...written.gone],
      records: records.map(({ kind, id: record }) => ({ kind, id: record })),
    });
    return Promise.resolve(written);
  }

  private tell(change: Elsewhere): void {
    for (const other of this.shelf.tabs) {
      if (other !== this.tab) {
        other.hear(change);
      }
    }
  }

  journal(id: string, tab: string): Promise<JournalEntry[]> {
    const own = [...this.bankOf(id).journal]
      .filter(([key]) => key.startsWith(`${tab} `))
      .map(([, entry]) => entry)
      .sort((a, b) => a.n - b.n);
    return Promise.resolve(structuredClone(own));
  }

  blank(digest: string): Promise<Uint8Array | undefined> {
    return Promise.resolve(this.shelf.blanks.get(digest));
  }

  saveBlank(digest: string, bytes: Uint8Array): Promise<void> {
    this.shelf.blanks.set(digest, bytes);
    return Promise.resolve();
  }

  clear(id: string): Promise<void> {
    this.shelf.banks.delete(id);
    return Promise.resolve();
  }

  tidy(): Promise<void> {
    return Promise.resolve();
  }

  setting<T>(name: string): Promise<T | undefined> {
    return Promise.resolve(this.shelf.settings.get(name) as T | undefined);
  }

  settings<T>(prefix: string): Promise<Map<string, T>> {
    const found = [...this.shelf.settings].filter(([name]) => name.startsWith(prefix));
    return Promise.resolve(new Map(found) as Map<string, T>);
  }

  saveSetting(name: string, value: unknown): Promise<void> {
    if (value === undefined) {
      this.shelf.settings.delete(name);
    } else {
      this.shelf.settings.set(name, value);
    }
    return Promise.resolve();
  }

  onElsewhere(listener: (change: Elsewhere) => void): () => void {
    this.listeners.add(listener);
    return () => {
      this.listeners.delete(listener);
    };
  }

  close(): void {
    this.shelf.tabs.delete(this.tab);
  }
}

/** A store on a shelf; two stores on one shelf behave like two tabs. */
export const memoryStore = (shelf: MemoryShelf = memoryShelf()): Store => new MemoryStore(shelf);
