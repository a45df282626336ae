// Steps of a bank: made from two versions, and turned round for undo.
import type { Item, ItemStep, RecordKind, Records, RecordStep, Step } from '../model';
import { changesBetween, inverseFields } from './fields';

/** What turns one version of a question into the other; undefined where they say the same. */
export function itemChange(before: Item, after: Item): ItemStep | undefined {
  const fields = changesBetween(before, after);
  return fields.length ? { id: before.id, is: 'changed', fields } : undefined;
}

/** What turns one version of a record into the other; an absent side means that it is not there. */
export function recordChange<K extends RecordKind>(
  kind: K,
  before: Records[K] | undefined,
  after: Records[K] | undefined,
): RecordStep[] {
  if (!before && !after) {
    return [];
  }
  const { id } = (after ?? before)!;
  if (!before) {
    return [{ kind, id, is: 'added', value: after } as RecordStep];
  }
  if (!after) {
    return [{ kind, id, is: 'removed', value: before } as RecordStep];
  }
  const fields = changesBetween(before, after);
  return fields.length ? [{ kind, id, is: 'changed', fields }] : [];
}

function inverseOf<Entry extends ItemStep | RecordStep>(step: Entry): Entry {
  if (step.is === 'changed') {
    return { ...step, fields: inverseFields(step.fields) };
  }
  return { ...step, is: step.is === 'added' ? ('removed' as const) : ('added' as const) };
}

/** The step that takes a step back. */
export const inverseStep = ({ label, items, records }: Step): Step => ({
  label,
  items: items.map(inverseOf),
  records: records.map(inverseOf),
});

/** The step that makes a bank's questions those of a list, which keeps the order of the list. */
export function stepBetween(
  label: string,
  before: readonly { order: number; item: Item }[],
  after: readonly Item[],
): Step {
  const wanted = new Map(after.map((item, index) => [item.id, { order: index + 1, item }]));
  const known = new Map(before.map((entry) => [entry.item.id, entry]));
  const items: ItemStep[] = [];
  for (const [id, { order, item }] of known) {
    const next = wanted.get(id);
    if (!next) {
      items.push({ id, is: 'removed', order, item });
      continue;
    }
    const change = itemChange(item, next.item);
    if (change) {
      items.push(change);
    }
  }
  for (const [id, { order, item }] of wanted) {
    if (!known.has(id)) {
      items.push({ id, is: 'added', order, item });
    }
  }
  return { label, items, records: [] };
}
