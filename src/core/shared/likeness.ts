// How alike two headings are, or two rows of them, by the pairs of letters that they share.
import { alike } from './normalise';

const pairsOf = (text: string): string[] =>
  Array.from({ length: Math.max(0, text.length - 1) }, (_, at) => text.slice(at, at + 2));

/** Digits count as one sign, so that 'Week 3' is as 'Week 12'. */
const comparable = (text: string): string => alike(text).replace(/\d+/g, '#');

/** Headings that are so alike are the same one, written a little otherwise. */
const SAME_HEADING = 0.75;

/** Whether two headings are the same one, written a little otherwise at most (Dice's coefficient of their letter pairs). */
export function isSameHeading(first: string, second: string): boolean {
  const [a, b] = [comparable(first), comparable(second)];
  if (a === b) {
    return true;
  }
  const [left, right] = [pairsOf(a), pairsOf(b)];
  const least = SAME_HEADING * (left.length + right.length);
  // A heading and a sentence differ by their lengths alone.
  if (2 * Math.min(left.length, right.length) < least || least === 0) {
    return false;
  }
  const shared = left.filter((pair) => {
    const at = right.indexOf(pair);
    if (at >= 0) {
      right.splice(at, 1);
    }
    return at >= 0;
  }).length;
  return 2 * shared >= least;
}

/** So much of two rows of headings must be the same, that what was said of the one holds for the other. */
export const SAME_ROW = 0.8;

/** How much of two rows of headings is the same, 0 to 1, their order aside; 0 where their lengths keep it below SAME_ROW. */
export function sameHeadings(kept: readonly string[], row: readonly string[]): number {
  const own = row.filter(Boolean);
  const [few, many] = [Math.min(kept.length, own.length), Math.max(kept.length, own.length)];
  // More than the shorter row has can't be the same.
  if (few < many * SAME_ROW || few === 0) {
    return 0;
  }
  const open = [...own];
  const found = kept.filter((heading) => {
    const at = open.findIndex((other) => isSameHeading(heading, other));
    if (at >= 0) {
      open.splice(at, 1);
    }
    return at >= 0;
  }).length;
  return found / many;
}
