// What a step does to a stored entry that another tab may have changed meanwhile; the same for every store.
import type { ItemStep, RecordKind, RecordStep, StoredItem } from '../core/model';
import { defined } from '../core/shared/defined';
import { mergeFields, sameValue } from '../core/shared/fields';
import type { Conflict } from './port';

/** What becomes of an entry: put, removed or left alone, and what clashed. */
export type Settled<Entry> = { put?: Entry; remove?: true; conflicts: Conflict[] };

const UNTOUCHED = { conflicts: [] };
const whole = (kind: Conflict['kind'], id: string, mine: unknown, theirs: unknown): Conflict =>
  defined({ kind, id, path: '', mine, theirs });

/** A step's effect on a question as it is stored; undefined where it is not there. */
export function settleItem(stored: StoredItem | undefined, step: ItemStep): Settled<StoredItem> {
  const rev = (stored?.rev ?? 0) + 1;
  switch (step.is) {
    case 'added':
      if (!stored) {
        return { put: { id: step.id, order: step.order, rev, item: step.item }, conflicts: [] };
      }
      return sameValue(stored.item, step.item)
        ? UNTOUCHED
        : { conflicts: [whole('items', step.id, step.item, stored.item)] };
    case 'removed':
      if (!stored) {
        return UNTOUCHED;
      }
      return sameValue(stored.item, step.item)
        ? { remove: true, conflicts: [] }
        : { conflicts: [whole('items', step.id, undefined, stored.item)] };
    case 'changed': {
      if (!stored) {
        return { conflicts: [whole('items', step.id, undefined, undefined)] };
      }
      const { merged, clashes } = mergeFields(stored.item, step.fields);
      const conflicts = clashes.map((clash) => ({ kind: 'items' as const, id: step.id, ...clash }));
      return merged === stored.item
        ? { conflicts }
        : { put: { ...stored, rev, item: merged }, conflicts };
    }
  }
}

/** A step's effect on a record. A clash in one field leaves all of the step's fields alone, since they belong together. */
export function settleRecord(stored: object | undefined, step: RecordStep): Settled<object> {
  const { kind, id } = step as { kind: RecordKind; id: string };
  switch (step.is) {
    case 'added':
      return !stored || sameValue(stored, step.value)
        ? { put: step.value, conflicts: [] }
        : { conflicts: [whole(kind, id, step.value, stored)] };
    case 'removed':
      if (!stored) {
        return UNTOUCHED;
      }
      return sameValue(stored, step.value)
        ? { remove: true, conflicts: [] }
        : { conflicts: [whole(kind, id, undefined, stored)] };
    case 'changed': {
      if (!stored) {
        return { conflicts: [whole(kind, id, undefined, undefined)] };
      }
      const { merged, clashes } = mergeFields(stored, step.fields);
      return clashes.length
        ? { conflicts: clashes.map((clash) => ({ kind, id, ...clash })) }
        : { put: merged, conflicts: [] };
    }
  }
}

/** Questions by their places; two at the same place by their ids, so that the order is the same everywhere. */
export const inOrder = (a: StoredItem, b: StoredItem): number =>
  a.order - b.order || (a.id < b.id ? -1 : 1);

/** The smallest step between two orders, so small that whole numbers stay apart. */
const NUDGE = 2 ** -12;

/** A free order at or behind the wanted one; `isTaken` says which are not free. */
export function freeOrder(wanted: number, isTaken: (order: number) => boolean): number {
  let order = wanted;
  while (isTaken(order)) {
    order += NUDGE;
  }
  return order;
}
