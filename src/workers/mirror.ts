// The worker's copy of the open bank: the page tells of every change, so that questions need not travel with each call.
import type { Item } from '../core/model';
import { DoublesIndex, type Double } from '../core/banks';
import { Fits } from './fits';

/** So many questions are looked at before the page is told how far it is. */
const TOLD_EACH = 500;

export class Mirror {
  readonly fits = new Fits();
  private readonly bank = new Map<string, Item>();
  private deck: { cards: Item[]; edition: number } | undefined;
  private edition = 0;
  /** Made when doubles are first asked for, and kept up to date from then on. */
  private likes: DoublesIndex | undefined;

  /** Takes changed questions and lets removed ones go; `clear` begins with an empty bank. */
  take(items: readonly Item[], removed: readonly string[], clear: boolean): void {
    if (clear) {
      this.bank.clear();
      this.fits.clear();
      this.deck = undefined;
      this.likes = undefined;
    }
    for (const item of items) {
      this.set(item.id, item);
    }
    for (const id of removed) {
      this.set(id, undefined);
    }
  }

  private set(id: string, item: Item | undefined): void {
    if (item?.kind === 'card' || this.bank.get(id)?.kind === 'card') {
      this.deck = undefined;
    }
    if (item) {
      this.bank.set(id, item);
      this.likes?.put(item);
    } else {
      this.bank.delete(id);
      this.likes?.remove(id);
    }
  }

  /** The questions that are nearly alike; `progress` is told how far a first look is. */
  doubles(progress: (done: number, of: number) => void): Double[] {
    if (!this.likes) {
      const index = new DoublesIndex();
      let done = 0;
      for (const item of this.bank.values()) {
        index.put(item);
        if (++done % TOLD_EACH === 0) {
          progress(done, this.bank.size);
        }
      }
      this.likes = index;
    }
    return this.likes.pairs();
  }

  get(id: string): Item | undefined {
    return this.bank.get(id);
  }

  all(): Item[] {
    return [...this.bank.values()];
  }

  /** The questions of these ids that are still there, in the order asked for. */
  pick(ids: readonly string[]): Item[] {
    return ids.flatMap((id) => this.bank.get(id) ?? []);
  }

  /** All cards of the bank, which lend distractors to each other, and a count of how often they changed. */
  cards(): { cards: readonly Item[]; edition: number } {
    this.deck ??= {
      cards: this.all().filter((item) => item.kind === 'card'),
      edition: ++this.edition,
    };
    return this.deck;
  }
}
