// The questions of the open bank in memory, in their order.
import type { Item, ItemStep, StoredItem } from '../../../core/model';
import type { Conflict } from '../../../store/port';
import { inOrder, settleItem } from '../../../store/settle';

/** What applying steps did: questions that are new or changed, those that are gone, and what clashed. */
export type Applied = { changed: Item[]; gone: string[]; conflicts: Conflict[] };

export class Held {
  private readonly entries = new Map<string, StoredItem>();
  /** Made when it is asked for: a bank is read in many pages, and shown after the first and the last of them. */
  private list: readonly Item[] | undefined = [];

  /** The questions in their order; the same list as long as none has changed. */
  get items(): readonly Item[] {
    this.list ??= [...this.entries.values()].sort(inOrder).map(({ item }) => item);
    return this.list;
  }

  /** The order of the last question, 0 where there is none. */
  get lastOrder(): number {
    const last = this.items.at(-1);
    return last ? this.entries.get(last.id)!.order : 0;
  }

  entry(id: string): StoredItem | undefined {
    return this.entries.get(id);
  }

  all(): StoredItem[] {
    return this.items.map(({ id }) => this.entries.get(id)!);
  }

  clear(): void {
    this.entries.clear();
    this.list = [];
  }

  /** Steps as they are done here, before the disk has them; several of them may be of the same question. */
  apply(steps: readonly ItemStep[]): Applied {
    const conflicts: Conflict[] = [];
    const after = new Map<string, StoredItem | undefined>();
    for (const step of steps) {
      const known = after.has(step.id) ? after.get(step.id) : this.entries.get(step.id);
      const settled = settleItem(known, step);
      conflicts.push(...settled.conflicts);
      if (settled.put ?? settled.remove) {
        after.set(step.id, settled.put);
      }
    }
    const put = [...after.values()].flatMap((entry) => entry ?? []);
    const gone = [...after].flatMap(([id, entry]) => (entry ? [] : [id]));
    this.take(put, gone);
    return { changed: put.map(({ item }) => item), gone, conflicts };
  }

  /** Questions as they are stored take the place of those known here. */
  take(stored: readonly StoredItem[], gone: readonly string[] = []): void {
    let moved = false;
    const changed = new Map<string, Item>();
    for (const entry of stored) {
      const known = this.entries.get(entry.id);
      moved ||= known?.order !== entry.order;
      this.entries.set(entry.id, entry);
      changed.set(entry.id, entry.item);
    }
    for (const id of gone) {
      moved = this.entries.delete(id) || moved;
    }
    if (moved) {
      this.list = undefined;
    } else if (changed.size) {
      this.list = this.list?.map((item) => changed.get(item.id) ?? item);
    }
  }
}
