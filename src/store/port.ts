// The store as the rest of the program sees it: a few methods, with an IndexedDB and a memory behind them.
import type {
  BankInfo,
  ItemStep,
  RecordKind,
  Records,
  RecordStep,
  Step,
  StoredItem,
} from '../core/model';

/** A step in a tab's list of what can be undone; `n` counts up in the tab, `at` is when it was done. */
export type JournalEntry = { n: number; step: Step; undone: boolean; at?: string };
/** What a write changes in a tab's list: entries put, and numbers that are gone. */
export type JournalChange = { tab: string; put: JournalEntry[]; drop: number[] };

/** Everything that one transaction brings: all of it is on the disk afterwards, or none. */
export type Write = {
  items: readonly ItemStep[];
  records: readonly RecordStep[];
  journal?: JournalChange;
  /** The bank itself where it is new, and the bytes of blanks by their digest. */
  info?: BankInfo;
  blanks?: ReadonlyMap<string, Uint8Array>;
};

/**
 * What another tab changed meanwhile, so that it was left alone. `path` is the field, or empty where the whole entry
 * clashes: it was removed there (`theirs` absent) or was to be removed here (`mine` absent).
 */
export type Conflict = {
  kind: 'items' | RecordKind;
  id: string;
  path: string;
  mine?: unknown;
  theirs?: unknown;
  /** What this tab had written there before, and could not save either; the newest at the end. */
  earlier?: readonly unknown[];
};
/** `items` as they stand after the write, where it touched them; `gone` were removed. */
export type Written = { items: StoredItem[]; gone: string[]; conflicts: Conflict[] };

/** What another tab wrote. */
export type Elsewhere = {
  bank: string;
  items: string[];
  records: { kind: RecordKind; id: string }[];
};

/** Where a page of questions ends, so that the next begins behind it. */
export type Place = { order: number; id: string };

export interface Store {
  banks(): Promise<BankInfo[]>;
  saveBank(info: BankInfo): Promise<void>;
  /** Questions in their order, `count` at most, behind the given place. */
  items(bank: string, after: Place | undefined, count: number): Promise<StoredItem[]>;
  item(bank: string, id: string): Promise<StoredItem | undefined>;
  records<K extends RecordKind>(bank: string, kind: K): Promise<Records[K][]>;
  /**
   * Writes in one transaction. A field that says something else than the step expected is left alone and told. New
   * questions get an order and a reference that no other question of the bank has.
   */
  write(bank: string, write: Write): Promise<Written>;
  /** A tab's list of steps, the oldest first. */
  journal(bank: string, tab: string): Promise<JournalEntry[]>;
  blank(digest: string): Promise<Uint8Array | undefined>;
  saveBlank(digest: string, bytes: Uint8Array): Promise<void>;
  /** Takes a bank with all it holds away. */
  clear(bank: string): Promise<void>;
  /** Lets go of pictures that no question and no step shows any more. */
  tidy(): Promise<void>;
  setting<T>(name: string): Promise<T | undefined>;
  /** Settings whose names begin so, by their names. */
  settings<T>(prefix: string): Promise<Map<string, T>>;
  /** Keeps a setting; undefined takes it away. */
  saveSetting(name: string, value: unknown): Promise<void>;
  /** Tells what other tabs write; gives back how to stop. */
  onElsewhere(listener: (change: Elsewhere) => void): () => void;
  close(): void;
}
