// Steps on their way to the disk, in the order in which they were done; none is forgotten before it is there.
import type { ItemStep } from '../../../core/model';
import type { JournalEntry, Store, Write, Written } from '../../../store/port';
import type { SaveState } from './types';
import { i18n } from '../../../languages';

type Unsaved = { bank: string; write: Write; done: (written: Written) => void };

/** How long to wait before a write is tried again, in milliseconds: soon at first, then in patience. */
const RETRIES = [500, 1000, 2000, 5000, 10_000];

/** What the browser says of a write that failed, in words that help. */
const REASONS: Readonly<Record<string, string>> = {
  QuotaExceededError: i18n._(
    'the browser has no room left for it. Free some, or save the bank as a file',
  ),
  UnknownError: i18n._('the disk refused it. Save the bank as a file'),
  InvalidStateError: i18n._(
    'the browser closed its store. Load the page again; first save the bank as a file',
  ),
};

/** Why something could not be written, as the end of a sentence. */
export function reasonOf(error: unknown): string {
  if (!(error instanceof Error)) {
    return i18n._('the browser refused to keep it');
  }
  return REASONS[error.name] ?? (error.message || i18n._('the browser refused to keep it'));
}

export class SavingQueue {
  private readonly unsaved: Unsaved[] = [];
  private running = false;
  private failures = 0;
  private wake: () => void = () => undefined;

  constructor(
    private readonly store: () => Store,
    private readonly tell: (save: Pick<SaveState, 'state' | 'why' | 'unsaved'>) => void,
  ) {}

  /** How many writes are not on the disk. */
  get size(): number {
    return this.unsaved.length;
  }

  /** Steps of a bank that the disk does not have yet, the oldest first. */
  pending(bank: string): ItemStep[] {
    return this.unsaved.filter((one) => one.bank === bank).flatMap(({ write }) => write.items);
  }

  /** What the list of steps of a bank will be on the disk, by what it is there now. */
  pendingJournal(bank: string): (stored: readonly JournalEntry[]) => JournalEntry[] {
    const changes = this.unsaved.flatMap((one) =>
      one.bank === bank && one.write.journal ? [one.write.journal] : [],
    );
    return (stored) => {
      const entries = new Map(stored.map((entry) => [entry.n, entry]));
      for (const { put, drop } of changes) {
        put.forEach((entry) => entries.set(entry.n, entry));
        drop.forEach((n) => entries.delete(n));
      }
      return [...entries.values()].sort((a, b) => a.n - b.n);
    };
  }

  /** Writes behind all earlier writes; resolves when the disk has it. */
  push(bank: string, write: Write): Promise<Written> {
    return new Promise((done) => {
      this.unsaved.push({ bank, write, done });
      this.tell({ state: 'saving', unsaved: this.size });
      this.wake();
      void this.run();
    });
  }

  /** Tries again at once what could not be written. */
  retry(): void {
    this.wake();
  }

  private async run(): Promise<void> {
    if (this.running) {
      return;
    }
    this.running = true;
    while (this.unsaved.length) {
      await this.writeFirst();
    }
    this.running = false;
    this.tell({ state: 'saved', unsaved: 0 });
  }

  private async writeFirst(): Promise<void> {
    const { bank, write, done } = this.unsaved[0]!;
    try {
      const written = await this.store().write(bank, write);
      this.failures = 0;
      this.unsaved.shift();
      if (this.size) {
        this.tell({ state: 'saving', unsaved: this.size });
      }
      done(written);
    } catch (error) {
      this.tell({ state: 'failed', why: reasonOf(error), unsaved: this.size });
      await this.pause(RETRIES[Math.min(this.failures++, RETRIES.length - 1)]!);
    }
  }

  /** Waits, or less where somebody asks for another try. */
  private pause(milliseconds: number): Promise<void> {
    return new Promise((resolve) => {
      const timer = setTimeout(resolve, milliseconds);
      this.wake = () => {
        clearTimeout(timer);
        resolve();
      };
    });
  }
}
