// How the browser's database came to its present shape. Append only: a step that has shipped is never changed.
import type { DBSchema, IDBPDatabase, IDBPTransaction, StoreNames } from 'idb';
import type { BankInfo, RecordKind, Records, StoredItem } from '../core/model';
import { SetAside, shownBy, shownByStep, type Shows } from './pictures';
import type { JournalEntry } from './port';

export interface Shape extends DBSchema {
  banks: { key: string; value: BankInfo };
  items: {
    key: [string, string];
    value: StoredItem & { bank: string } & Shows;
    indexes: {
      /** Of the first version; questions with the same order follow each other in no order. */
      order: [string, number];
      place: [string, number, string];
      ref: [string, string];
      picture: string;
    };
  };
  records: {
    key: [string, RecordKind, string];
    value: { bank: string; kind: RecordKind; id: string; value: Records[RecordKind] };
  };
  journal: {
    key: [string, string, number];
    value: JournalEntry & { bank: string; tab: string } & Shows;
    indexes: { picture: string };
  };
  /** The addresses of pictures that are held here, by their digests. */
  pictures: { key: string; value: string };
  blanks: { key: string; value: Uint8Array };
  settings: { key: string; value: unknown };
}

type Upgrade = IDBPTransaction<Shape, StoreNames<Shape>[], 'versionchange'>;

/** Moves the pictures of all questions and steps into a store of their own. */
async function movePictures(upgrade: Upgrade): Promise<void> {
  const aside = new SetAside();
  let question = await upgrade.objectStore('items').openCursor();
  while (question) {
    const item = aside.item(question.value.item);
    if (item !== question.value.item) {
      await question.update({ ...question.value, item, ...shownBy(item) });
    }
    question = await question.continue();
  }
  let entry = await upgrade.objectStore('journal').openCursor();
  while (entry) {
    const step = aside.step(entry.value.step);
    const shown = shownByStep(step);
    if (shown.pictures) {
      await entry.update({ ...entry.value, step, ...shown });
    }
    entry = await entry.continue();
  }
  for (const [href, digest] of aside.digests) {
    await upgrade.objectStore('pictures').put(href, digest);
  }
}

type Migration = (db: IDBPDatabase<Shape>, upgrade: Upgrade) => void | Promise<void>;
export const migrations: readonly Migration[] = [
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
  (db, upgrade) => {
    db.createObjectStore('pictures');
    for (const name of ['items', 'journal'] as const) {
      upgrade.objectStore(name).createIndex('picture', 'pictures', { multiEntry: true });
    }
    return movePictures(upgrade);
  },
];

/** Brings a database from any earlier version to the newest. A step that fails takes the whole upgrade back. */
export async function migrate(
  db: IDBPDatabase<Shape>,
  from: number,
  upgrade: Upgrade,
): Promise<void> {
  try {
    for (const step of migrations.slice(from)) {
      await step(db, upgrade);
    }
  } catch (error) {
    upgrade.abort();
    throw error;
  }
}
