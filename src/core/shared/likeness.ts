// How alike two headings are, or two rows of them, by the pairs of letters that they share.
import { alike } from './normalise';

const pairsOf = (text: string): string[] =>
  Array.from({ length: Math.max(0, text.length - 1) }, (_, at) => text.slice(at, at + 2));

/** From 0 to 1 (Dice's coefficient of letter pairs); digits count as one sign, so that 'Week 3' is as 'Week 12'. */
export function likeness(first: string, second: string): number {
  const [a, b] = [first, second].map((text) => alike(text).replace(/\d+/g, '#'));
  if (a === b) {
    return 1;
  }
  const [left, right] = [pairsOf(a!), pairsOf(b!)];
  const open = [...right];
  const shared = left.filter((pair) => {
    const at = open.indexOf(pair);
    if (at >= 0) {
      open.splice(at, 1);
    }
    return at >= 0;
  }).length;
  return left.length + right.length ? (2 * shared) / (left.length + right.length) : 0;
}

/** Headings that are so alike are the same one, written a little otherwise. */
const SAME_HEADING = 0.75;

/** Whether two headings are the same one, written a little otherwise at most. */
export const isSameHeading = (a: string, b: string): boolean => likeness(a, b) >= SAME_HEADING;

/** How much of two rows of headings is the same, 0 to 1; their order counts for nothing. */
export function sameHeadings(kept: readonly string[], row: readonly string[]): number {
  const own = row.filter(Boolean);
  if (!kept.length || !own.length || own.length > kept.length * 2) {
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
  return found / Math.max(kept.length, own.length);
}
