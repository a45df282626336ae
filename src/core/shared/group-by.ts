// What is alike, together.

/** Things under what each of them is told by, in the order in which that first came (Map.groupBy, which Node 20 has not). */
export function groupBy<T, K>(things: readonly T[], keyOf: (thing: T) => K): Map<K, [T, ...T[]]> {
  const groups = new Map<K, [T, ...T[]]>();
  for (const thing of things) {
    const key = keyOf(thing);
    const known = groups.get(key);
    if (known) {
      known.push(thing);
    } else {
      groups.set(key, [thing]);
    }
  }
  return groups;
}
