// Pairs that an answer says in words below a task to match: 'Clovis - 5th century; Charlemagne - 8th century'.
import type { Item } from '../../model';
import { alike } from '../../shared/normalise';
import { asksToMatch } from '../../shared/vocabulary/match-words';
import { plainOfPieces, type Draft } from './draft';

const LEAST = 2;
const BETWEEN = /\s*[;\n|]\s*/u;
const JOINED = /\s+(?:[-–—=→:]|->|=>)\s+|\s*→\s*/u;

/** The task without the lines that hold what is to be matched, and the pairs; undefined where an answer says none. */
export function pairsSaid(
  { stem }: Draft,
  said: string,
): { stem: Draft['stem']; pairs: NonNullable<Item['pairs']> } | undefined {
  const halves = said
    .split(BETWEEN)
    .filter(Boolean)
    .map((part) => part.split(JOINED));
  const arePairs = halves.length >= LEAST && halves.every(({ length }) => length === 2);
  if (!arePairs || !asksToMatch(plainOfPieces(stem.slice(0, 1)))) {
    return undefined;
  }
  const sides = halves.flat().map(alike);
  const isListed = (text: string): boolean => sides.some((side) => alike(text).includes(side));
  return {
    stem: stem.filter((piece, at) => at === 0 || !isListed(plainOfPieces([piece]))),
    pairs: halves.map(([left = '', right = '']) => ({
      left: { plain: left.trim() },
      right: { plain: right.trim().replace(/\.$/u, '') },
    })),
  };
}
