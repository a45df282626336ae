// How the browser's database came to its present shape. Append only: a step that has shipped is never changed.
import type { DBSchema, IDBPDatabase, IDBPTransaction, StoreNames } from 'idb';
import type { BankInfo, RecordKind, Records, StoredItem } from '../core/model';
import type { JournalEntry } from './port';

export interface Shape extends DBSchema {
  banks: { key: string; value: BankInfo };
  items: {
    key: [string, string];
    value: StoredItem & { bank: string };
    indexes: {
      /** Of the first version; questions with the same order follow each other in no order. */
      order: [string, number];
      place: [string, number, string];
      ref: [string, string];
    };
  };
  records: {
    key: [string, RecordKind, string];
    value: { bank: string; kind: RecordKind; id: string; value: Records[RecordKind] };
  };
  journal: {
    key: [string, string, number];
    value: JournalEntry & { bank: string; tab: string };
  };
  blanks: { key: string; value: Uint8Array };
  settings: { key: string; value: unknown };
}

type Upgrade = IDBPTransaction<Shape, StoreNames<Shape>[], 'versionchange'>;

export const migrations: readonly ((db: IDBPDatabase<Shape>, upgrade: Upgrade) => void)[] = [
  (db) => {
    db.createObjectStore('banks', { keyPath: 'id' });
    db.createObjectStore('items', { keyPath: ['bank', 'id'] }).createIndex('order', [
      'bank',
      'order',
    ]);
    db.createObjectStore('records', { keyPath: ['bank', 'kind', 'id'] });
    db.createObjectStore('blanks');
    db.createObjectStore('settings');
  },
  (db, upgrade) => {
    const items = upgrade.objectStore('items');
    items.createIndex('place', ['bank', 'order', 'id']);
    items.createIndex('ref', ['bank', 'item.ref']);
    db.createObjectStore('journal', { keyPath: ['bank', 'tab', 'n'] });
  },
];

/** Brings a database from any earlier version to the newest. */
export function migrate(db: IDBPDatabase<Shape>, from: number, upgrade: Upgrade): void {
  for (const step of migrations.slice(from)) {
    step(db, upgrade);
  }
}
