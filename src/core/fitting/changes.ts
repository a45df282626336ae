// A question on its way into a layout: every step that alters it is written down with its reason.
import type { Item } from '../model';
import {
  refused,
  type ChangeCode,
  type Reason,
  type RefusalCode,
  type RefusalValues,
} from './words';

/** Thrown by a step when a question can't be carried; `fit` turns it into a refusal. */
export class Refusal {
  constructor(readonly reason: Reason<RefusalCode>) {}
}

/** A refusal by its code and the values of its sentence, to be thrown. */
export const refusal = <Code extends RefusalCode>(
  code: Code,
  ...values: RefusalValues<Code>
): Refusal => new Refusal(refused(code, ...values));

/** A change whose sentence is not made yet. */
export type Noted = { field: string; from: string; to: string; reason: Reason<ChangeCode> };

/** One question of the file. `prefix` stands before its fields where a question of the bank becomes several. */
export class Draft {
  constructor(
    public item: Item,
    readonly changes: Noted[] = [],
    readonly prefix = '',
  ) {}

  /** Notes a change; a change to the same text is none. */
  note(field: string, from: string, to: string, reason: Reason<ChangeCode>): void {
    if (from !== to) {
      this.changes.push({ field: this.prefix + field, from, to, reason });
    }
  }

  set(fields: Partial<Item>): void {
    this.item = { ...this.item, ...fields };
  }
}
