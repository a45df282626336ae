// The words of a heading as figures: the pieces that its text is made of, and what shows without any word.
import { bareWords } from '../shared/normalise';

/** How many places the pieces of words are hashed into. */
export const BUCKETS = 4096;
const SHORTEST_PIECE = 3;
const LONGEST_PIECE = 5;
/** A heading longer than this is a sentence; its pieces beyond tell nothing more. */
const LONGEST_HEADING = 80;

const splitCamel = (text: string): string => text.replace(/(\p{Ll})(\p{Lu})/gu, '$1 $2');
const withoutBrackets = (text: string): string => {
  const bare = text.replace(/[([{<][^)\]}>]*[)\]}>]/gu, ' ');
  return /\p{L}/u.test(bare) ? bare : text;
};

/** The words of a heading without case, accents and signs; numbers and the letters of options become 0. */
export function plainHeading(text: string): string {
  const words = bareWords(splitCamel(withoutBrackets(text.slice(0, LONGEST_HEADING * 2))))
    .slice(0, LONGEST_HEADING)
    .replace(/\d+/g, '0')
    .split(' ');
  return words
    .map((word, index) =>
      index > 0 && index === words.length - 1 && /^[a-j]$/.test(word) ? '0' : word,
    )
    .join(' ');
}

/** FNV-1a, a published hash of 32 bits (draft-eastlake-fnv). */
function hash(text: string): number {
  let value = 0x811c9dc5;
  for (let index = 0; index < text.length; index++) {
    value = Math.imul(value ^ text.charCodeAt(index), 0x01000193);
  }
  return (value >>> 0) % BUCKETS;
}

/** The places of a heading's pieces: its whole, its words, and all runs of three to five signs within them. */
export function piecesOf(text: string): number[] {
  const plain = plainHeading(text);
  if (!/\p{L}|%|#/u.test(plain)) {
    return [];
  }
  const pieces = [hash(`=${plain}`)];
  for (const word of plain.split(' ')) {
    pieces.push(hash(`_${word}`));
  }
  const run = ` ${plain} `;
  for (let size = SHORTEST_PIECE; size <= LONGEST_PIECE; size++) {
    for (let start = 0; start + size <= run.length; start++) {
      pieces.push(hash(run.slice(start, start + size)));
    }
  }
  return pieces;
}

/** The number or letter that a heading ends with or consists of, from 1 ('Answer B' gives 2); undefined where it has none. */
export function labelOf(heading: string): number | undefined {
  const bare = bareWords(splitCamel(withoutBrackets(heading)));
  const words = bare.split(' ');
  const label =
    [...words].reverse().find((word) => /^(?:\d{1,2}|[a-j])$/.test(word)) ??
    /\p{L}(\d{1,2})$/u.exec(bare)?.[1] ??
    /^([a-j])\d?$/.exec(bare)?.[1];
  if (label === undefined || (words.length > 1 && words[0] === label && !/\d/.test(label))) {
    return undefined;
  }
  return /\d/.test(label) ? Number(label) : label.charCodeAt(0) - 96;
}

/** A heading's words without its number, by which the headings of one row are grouped. */
export const headingGroup = (heading: string): string => plainHeading(heading).replace(/\s*0\b/g, '');

const flag = (is: boolean): number => (is ? 1 : 0);
/** What shows of a heading without knowing a word. */
export function headingSigns(heading: string): number[] {
  const bare = heading.trim();
  return [
    flag(!bare),
    flag(/^[([]?[a-j][)\].:]?$/i.test(bare)),
    flag(/^\d{1,2}\.?$/.test(bare)),
    flag(bare.length > 1 && labelOf(bare) !== undefined),
    flag(bare.includes('?')),
    flag(bare.includes('%')),
    Math.min(1, bare.length / 40),
    flag(/^[#№]$/.test(bare)),
    flag(/[±]|\+\/-/.test(bare)),
    flag(/\((?:s|sec|sek|seg)\.?\)/i.test(bare)),
  ];
}
export const HEADING_SIGNS = headingSigns('').length;
