// How the browser's database came to its present shape. Append only: a step that has shipped is never changed.
import type { DBSchema, IDBPDatabase } from 'idb';
import type { BankInfo, RecordKind, Records, StoredItem } from '../core/model';

export interface Shape extends DBSchema {
  banks: { key: string; value: BankInfo };
  items: {
    key: [string, string];
    value: StoredItem & { bank: string };
    indexes: { order: [string, number] };
  };
  records: {
    key: [string, RecordKind, string];
    value: { bank: string; kind: RecordKind; id: string; value: Records[RecordKind] };
  };
  blanks: { key: string; value: Uint8Array };
  settings: { key: string; value: unknown };
}

export const migrations: readonly ((db: IDBPDatabase<Shape>) => void)[] = [
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
];

/** Brings a database from any earlier version to the newest. */
export function migrate(db: IDBPDatabase<Shape>, from: number): void {
  for (const step of migrations.slice(from)) {
    step(db);
  }
}
