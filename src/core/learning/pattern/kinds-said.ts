// What opens each block of a sample as the word for its kind, and what bare lines in it are by that.
import { fieldOfLine } from '../../shared/vocabulary/answer-lines';
import { kindOfWord } from '../../shared/vocabulary/kinds';
import type { Front } from './front';
import { isLettered } from './ways';
import { areCodes, KEYS } from './shapes';

/** Longer lines are texts. */
const LONGEST_WORD = 24;
const isShort = (line: string): boolean =>
  line.length <= LONGEST_WORD &&
  !/[?!.:]\s*$|\d/u.test(line) &&
  line.trim().split(/\s+/u).length <= 2;

/** Whether the first lines of all blocks are words for kinds, each by itself. */
function areKindLines(firsts: readonly string[]): boolean {
  const words = firsts.map((line) => line.trim());
  return words.length > 1 && words.every((word) => isShort(word) && kindOfWord(word) !== undefined);
}

export type KindsSaid = {
  /** Whether a line of a block says its kind, by itself. */
  isKind: (place: number) => boolean;
  /** Whether a line of a block is a code, by which its question is called. */
  isCode: (place: number) => boolean;
  /** Sets a bare line of a block apart from those in blocks of other kinds, and from those that are no lists. */
  placeOf: (block: number, place: number) => string;
  /** Sets a line for answers apart where blocks of several kinds have one, and with options in letters and without. */
  answersOf: (block: number, words: string) => string;
  /** Whether the last line of a block, and of all of its kind, names options. */
  endsByKey: (block: number) => boolean;
};

/** Bare lines below a letter or number alone are none of a question's options. */
const FEWEST_ABOVE_KEY = 3;

/** Where the lines stand that say the kinds: the first ones, or those below a number; undefined where none do. */
function kindPlace(blocks: readonly (readonly string[])[]): number | undefined {
  const lineAt = (place: number): string[] => blocks.map((block) => block[place] ?? '');
  const areNumbers = lineAt(0).every((line) => /^\s*\d{1,4}\s*$/u.test(line));
  return [0, ...(areNumbers ? [1] : [])].find((place) => areKindLines(lineAt(place)));
}

const LIST = /\S\s?[;|/]\s?\S|\S,\s?\S+\s?,\s?\S/u;

/** The places at which all blocks, of as many lines each, have a list of texts. */
function listPlaces(blocks: readonly (readonly string[])[]): number[] {
  const [first = []] = blocks;
  return blocks.length > 1 && blocks.every(({ length }) => length === first.length)
    ? first.flatMap((_, place) =>
        blocks.every((block) => LIST.test(block[place]!)) ? [place] : [],
      )
    : [];
}

const ANSWERS: ReadonlySet<string> = new Set(['answer', 'key', 'accepted', 'right']);

/** What lines of blocks say of their kinds, and of what other lines are. */
export function kindsSaid(
  blocks: readonly (readonly string[])[],
  fronts: readonly (readonly Front[])[],
): KindsSaid {
  const at = kindPlace(blocks);
  const words = blocks.map((block, n) => {
    const signed = fronts[n]!.find(({ before }) => before.trim());
    const { text = '', words: ahead = '' } = signed ?? {};
    const behind = isShort(text) && kindOfWord(text) !== undefined ? text : ahead;
    return at === undefined ? behind : block[at]!.trim();
  });
  const isVaried = new Set(words).size > 1 && words.every((word) => kindOfWord(word) !== undefined);
  const wordOf = (n: number): string => (isVaried ? `${words[n]} ` : '');
  const hasCodes = areCodes(blocks.map(([first = '']) => first.trim()));
  const lists = listPlaces(blocks);
  const areLettered = fronts.map((block) => block.some(isLettered));
  const endsByKey = (n: number): boolean =>
    blocks.every((block, other) => {
      const last = block.at(-1) ?? '';
      const isAbove = block.length > FEWEST_ABOVE_KEY || lists.includes(block.length - 2);
      return (
        wordOf(other) !== wordOf(n) ||
        (isAbove && KEYS.test(last.trim()) && !fronts[other]!.at(-1)!.before.trim())
      );
    });
  return {
    isKind: (place) => place === at,
    isCode: (place) => place === 0 && hasCodes,
    placeOf: (n, place) => wordOf(n) + (lists.includes(place) ? '~' : ''),
    answersOf: (n, ahead) =>
      ANSWERS.has(fieldOfLine(`${ahead}: x`)?.role ?? '')
        ? wordOf(n) + (areLettered[n] ? '' : '~')
        : '',
    endsByKey,
  };
}
