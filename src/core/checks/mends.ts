// Mends applied: never two that touch the same field of the same question, and what was skipped is handed back.
import { ItemSchema, type Finding, type Item } from '../model';

/** The item with a patch's fields set; `null` takes a field away. Gives undefined where the result is no item. */
export function applyPatch(item: Item, patch: unknown): Item | undefined {
  if (typeof patch !== 'object' || patch === null) {
    return undefined;
  }
  const changed: Record<string, unknown> = { ...item, ...patch, id: item.id };
  for (const [name, value] of Object.entries(changed)) {
    if (value === null) {
      delete changed[name];
    }
  }
  const parsed = ItemSchema.safeParse(changed);
  return parsed.success ? parsed.data : undefined;
}

/** Applies the mends of the findings in their order. `skipped` are those that overlapped or no longer fit. */
export function applyMends(
  items: readonly Item[],
  findings: readonly Finding[],
): { items: Item[]; changed: string[]; skipped: Finding[] } {
  const byId = new Map(items.map((item) => [item.id, item]));
  const touched = new Set<string>();
  const changed = new Set<string>();
  const skipped: Finding[] = [];
  for (const finding of findings) {
    if (!finding.mend || !finding.item) {
      continue;
    }
    const item = byId.get(finding.item);
    const fields = Object.keys(finding.mend.patch ?? {}).map((field) => `${finding.item} ${field}`);
    const mended =
      item && !fields.some((field) => touched.has(field))
        ? applyPatch(item, finding.mend.patch)
        : undefined;
    if (!mended) {
      skipped.push(finding);
      continue;
    }
    fields.forEach((field) => touched.add(field));
    byId.set(mended.id, mended);
    changed.add(mended.id);
  }
  return { items: items.map((item) => byId.get(item.id)!), changed: [...changed], skipped };
}
