// The store as the rest of the program sees it: a few methods, with an IndexedDB and a memory behind them.
import type { BankInfo, Item, RecordKind, Records, RecordStep, StoredItem } from '../core/model';

/** A question to write: `rev` is the one this tab knows (0 for new), an absent `next` takes the question away. */
export type ItemWrite = { id: string; rev: number; next?: { order: number; item: Item } };
export type Write = { items: ItemWrite[]; records: RecordStep[] };

/** Questions that another tab changed meanwhile: nothing of theirs was written; `theirs` is absent where it was removed. */
export type Conflict = { id: string; theirs?: StoredItem; mine?: Item };
export type Written = { revs: Map<string, number>; conflicts: Conflict[] };
/** What another tab wrote. */
export type Elsewhere = {
  bank: string;
  items: string[];
  records: { kind: RecordKind; id: string }[];
};

export interface Store {
  banks(): Promise<BankInfo[]>;
  saveBank(info: BankInfo): Promise<void>;
  /** Questions in their order, `count` at most, behind the given order. */
  items(bank: string, after: number, count: number): Promise<StoredItem[]>;
  item(bank: string, id: string): Promise<StoredItem | undefined>;
  records<K extends RecordKind>(bank: string, kind: K): Promise<Records[K][]>;
  /** Writes in one transaction. Questions whose rev is not the stored one are left alone and told. */
  write(bank: string, write: Write): Promise<Written>;
  blank(digest: string): Promise<Uint8Array | undefined>;
  saveBlank(digest: string, bytes: Uint8Array): Promise<void>;
  /** Takes a bank with all it holds away. */
  clear(bank: string): Promise<void>;
  setting<T>(name: string): Promise<T | undefined>;
  saveSetting(name: string, value: unknown): Promise<void>;
  /** Tells what other tabs write; gives back how to stop. */
  onElsewhere(listener: (change: Elsewhere) => void): () => void;
  close(): void;
}
