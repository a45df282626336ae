// Parts of the lines of a text: its first ones, and what two versions have in common at their ends.

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

/** How many lines of a long text are its first ones, so many at most: up to an empty one where there is one, so that no question is torn. */
export function untilEmpty(lines: readonly string[], most: number): number {
  const cut = lines.slice(0, most).findLastIndex((line) => !line.trim());
  return lines.length <= most || cut < 0 ? Math.min(lines.length, most) : cut;
}
