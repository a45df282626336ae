// The connection to the browser's database: opened, given up for a newer version, and opened anew when it was lost.
import { openDB, type IDBPDatabase } from 'idb';
import { migrate, migrations, type Shape } from './migrations';

export type Db = IDBPDatabase<Shape>;

/**
 * What may happen to the database besides what is asked of it: `blocked`, an older program in another tab keeps this one
 * from opening it; `outdated`, a newer program in another tab took it over; `lost`, the browser closed it.
 */
export type ConnectionEvent = 'blocked' | 'open' | 'outdated' | 'lost';

export class Connection {
  private db: Db | undefined;
  private isOutdated = false;

  constructor(
    private readonly name: string,
    private readonly tell: (event: ConnectionEvent) => void,
  ) {}

  /** The database, opened where it is not; rejects where a newer program has taken it over. */
  async use(): Promise<Db> {
    if (this.isOutdated) {
      throw new Error(
        'a newer version of this program is open in another tab; load this page again',
      );
    }
    this.db ??= await this.open();
    return this.db;
  }

  private async open(): Promise<Db> {
    const db = await openDB<Shape>(this.name, migrations.length, {
      // Where it fails, opening fails with it, and tells why.
      upgrade: (open, from, _to, upgrade) => {
        migrate(open, from, upgrade).catch(() => undefined);
      },
      blocked: () => this.tell('blocked'),
      // Holding on would keep the newer program waiting for ever.
      blocking: () => {
        this.isOutdated = true;
        this.close();
        this.tell('outdated');
      },
      terminated: () => {
        this.db = undefined;
        this.tell('lost');
      },
    });
    this.tell('open');
    return db;
  }

  close(): void {
    this.db?.close();
    this.db = undefined;
  }
}
