// Chance that can be had again: the same seed gives the same numbers on every machine.

/** A generator of numbers in [0, 1) from a seed (mulberry32, published by its author in the public domain). */
export function seeded(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), state | 1);
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4_294_967_296;
  };
}

/** The list in another order, drawn evenly (Fisher and Yates). */
export function shuffled<T>(list: readonly T[], random: () => number): T[] {
  const drawn = [...list];
  for (let last = drawn.length - 1; last > 0; last--) {
    const other = Math.floor(random() * (last + 1));
    [drawn[last], drawn[other]] = [drawn[other]!, drawn[last]!];
  }
  return drawn;
}
