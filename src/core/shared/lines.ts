// What two versions of a text have in common at its ends.

/** How many lines at the head and at the tail an edit left alone; the two never overlap. */
export function unchangedEnds(
  before: readonly string[],
  after: readonly string[],
): { head: number; tail: number } {
  const most = Math.min(before.length, after.length);
  let head = 0;
  while (head < most && before[head] === after[head]) {
    head++;
  }
  let tail = 0;
  while (
    tail < most - head &&
    before[before.length - 1 - tail] === after[after.length - 1 - tail]
  ) {
    tail++;
  }
  return { head, tail };
}
