// What stands in front of lines that do as the others do: words with the same sign behind them, and signs behind such words.
import { keyOf, type Front } from './ways';

/** So many lines, and so much of all, have a word with one sign behind it in front: others that have it too do so on purpose. */
const FEWEST_STYLED = 6;
const STYLED = 0.6;
const WORDED = /^\s*\p{L}[\p{L}\p{N}_ +-]{0,24}([:=]\s*)$/u;

/** Whether a front is a word with the sign behind it that most other lines have behind theirs. */
export function styleOf(fronts: readonly (Front | undefined)[]): (front: Front) => boolean {
  const signs = fronts.flatMap((front) => WORDED.exec(front?.before ?? '')?.[1] ?? []);
  const [sign] = signs;
  const isStyle =
    signs.length >= Math.max(FEWEST_STYLED, fronts.length * STYLED) &&
    signs.every((one) => one === sign);
  return ({ before, words }) =>
    isStyle && words !== '' && !words.includes(' ') && WORDED.exec(before)?.[1] === sign;
}

const SIGN = /^[*+!=✓✔#>^~]{1,2}\s?(?=[\p{L}\p{N}"“„'(])/u;

/**
 * A sign behind what stands in front of some lines, 'O: *right' beside 'O: left', where lines without it stand next to each, and no
 * more have it than not: it tells right options from others.
 */
export function withSignsWithin(fronts: readonly Front[]): Front[] {
  const signs = fronts.map(({ before, text }) =>
    before.trim() ? SIGN.exec(text)?.[0] : undefined,
  );
  const isAlike = (at: number, other: number): boolean => {
    const front = fronts[other];
    return front !== undefined && keyOf(front) === keyOf(fronts[at]!) && !signs[other];
  };
  return fronts.map((front, at) => {
    const sign = signs[at];
    if (sign === undefined) {
      return front;
    }
    const own = fronts.flatMap((one, n) => (keyOf(one) === keyOf(front) ? [signs[n]] : []));
    const signed = own.filter(Boolean);
    const isTold =
      signed.length * 2 <= own.length &&
      signed.every((one) => one === sign) &&
      (isAlike(at, at - 1) || isAlike(at, at + 1));
    return isTold
      ? { ...front, before: front.before + sign, text: front.text.slice(sign.length) }
      : front;
  });
}
