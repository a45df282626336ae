// A question on its way into a layout: every step that alters it is written down with its reason.
import type { Change, Item } from '../model';

/** What the user decided for one question and one layout: leave it out, or own texts for some fields. */
export type Decision = { leaveOut?: boolean; own?: Record<string, string> };

/** Thrown by a step when a question can't be carried; `fit` turns it into a refusal. */
export class Refusal {
  constructor(readonly reason: string) {}
}

/** One question of the file. `prefix` stands before its fields where a question of the bank becomes several. */
export class Draft {
  constructor(
    public item: Item,
    readonly changes: Change[] = [],
    readonly prefix = '',
  ) {}

  /** Notes a change; a change to the same text is none. */
  note(field: string, from: string, to: string, why: string): void {
    if (from !== to) {
      this.changes.push({ field: this.prefix + field, from, to, why });
    }
  }

  set(fields: Partial<Item>): void {
    this.item = { ...this.item, ...fields };
  }
}
