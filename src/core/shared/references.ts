// References for questions that come without one: the next free number behind the bank's own prefix.
import type { Item } from '../model';

/** The items with unique references; a reference that is taken or missing gets the next free one, 'Q-0065'. */
export function nameItems(items: readonly Item[], taken: Iterable<string>): Item[] {
  const used = new Set(taken);
  let next = 1;
  for (const ref of used) {
    next = Math.max(next, Number(/^Q-(\d{1,6})$/.exec(ref)?.[1] ?? 0) + 1);
  }
  return items.map((item) => {
    if (item.ref && !used.has(item.ref)) {
      used.add(item.ref);
      return item;
    }
    let ref: string;
    do {
      ref = `Q-${String(next++).padStart(4, '0')}`;
    } while (used.has(ref));
    used.add(ref);
    return { ...item, ref };
  });
}
