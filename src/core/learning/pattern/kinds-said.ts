// What opens each block of a sample as the word for its kind, and what bare lines in it are by that.
import { kindOfWord } from '../../shared/vocabulary/kinds';
import type { Front } from './front';
import { KEYS } from './shapes';

/** Longer lines are texts. */
const LONGEST_WORD = 24;
const isShort = (line: string): boolean =>
  line.length <= LONGEST_WORD && !/[?!.:]\s*$/u.test(line) && line.trim().split(/\s+/u).length <= 2;

/** Whether the first lines of all blocks are words for kinds, each by itself. */
function areKindLines(firsts: readonly string[]): boolean {
  const words = firsts.map((line) => line.trim());
  const known = words.filter((word) => kindOfWord(word) !== undefined);
  return words.length > 1 && words.every(isShort) && known.length === words.length;
}

export type KindsSaid = {
  /** Whether a line of its own says the kind. */
  isLine: boolean;
  /** Sets bare lines of a block apart from those in blocks of other kinds. */
  placeOf: (block: number) => string;
  /** Whether the last line of a block, and of all of its kind, names options. */
  endsByKey: (block: number) => boolean;
};

/** Bare lines below a letter or number alone are none of a question's options. */
const FEWEST_ABOVE_KEY = 3;

/** What the first lines of blocks say of their kinds. */
export function kindsSaid(
  blocks: readonly (readonly string[])[],
  fronts: readonly (readonly Front[])[],
): KindsSaid {
  const isLine = areKindLines(blocks.map(([first = '']) => first));
  const words = blocks.map(([first = ''], n) => {
    const signed = fronts[n]!.find(({ before }) => before.trim());
    const { text = '', words: ahead = '' } = signed ?? {};
    const behind = isShort(text) && kindOfWord(text) !== undefined ? text : ahead;
    return isLine ? first.trim() : behind;
  });
  const isVaried = new Set(words).size > 1 && words.every((word) => kindOfWord(word) !== undefined);
  const placeOf = (n: number): string => (isVaried ? `${words[n]} ` : '');
  const endsByKey = (n: number): boolean =>
    blocks.every((block, other) => {
      const last = block.at(-1) ?? '';
      return (
        placeOf(other) !== placeOf(n) ||
        (block.length > FEWEST_ABOVE_KEY &&
          KEYS.test(last.trim()) &&
          !fronts[other]!.at(-1)!.before.trim())
      );
    });
  return { isLine, placeOf, endsByKey };
}
