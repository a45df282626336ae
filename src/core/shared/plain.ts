// Words for numbers of things, as the messages of every station use them.
import type { Item } from '../model';
import { wellFormed } from './markup';
import { say } from './say';

/** '1 question', '2 questions'. */
export const count = (n: number, thing: string, many = `${thing}s`): string =>
  `${n} ${n === 1 ? thing : many}`;

/** A text as it stands in a message: in quotes, cut where it is long. */
export function quoted(text: string, most = 60): string {
  const flat = text.replace(/\s+/gu, ' ').trim();
  return `“${flat.length > most ? `${flat.slice(0, most - 1).trimEnd()}…` : flat}”`;
}

/** 'a, b and c'. */
export function listed(words: readonly string[]): string {
  return words.length < 2
    ? words.join('')
    : say('{words} and {last}', { words: words.slice(0, -1).join(', '), last: words.at(-1) });
}

/** The letter of an option, A for the first. */
export const optionLetter = (index: number): string => String.fromCharCode(65 + index);

/** The place of a letter from A to Z, large or small, from 0; of other signs outside of 0 to 25, of an empty text NaN. */
export const letterPlace = (letter: string): number => letter.toUpperCase().charCodeAt(0) - 65;

/** Signs without a shape, and those that turn the direction of a text, which make a name look like another. */
const UNSEEN = /[\u200b-\u200f\u202a-\u202e\u2060\u2066-\u2069\ufeff]/g;
/** Names that some systems keep for devices. */
const RESERVED = /^(?:con|prn|aux|nul|com\d|lpt\d)(?:\.|$)/i;

/** A name that a file may bear on every system: signs that some forbid become blanks; `otherwise` where nothing is left. */
export function safeName(name: string, otherwise: string): string {
  const safe = wellFormed(name)
    .replace(UNSEEN, '')
    .replace(/[\u0000-\u001f\u007f<>:"/\\|?*]+/g, ' ')
    .replace(/\s+/g, ' ')
    .trim();
  return safe === '' || RESERVED.test(safe) ? `${otherwise} ${safe}`.trim() : safe;
}

/** A tag as people write it: 'level: beginner', or the plain word. */
export const tagText = (tag: { name?: string; value: string }): string =>
  tag.name ? `${tag.name}: ${tag.value}` : tag.value;

/** A number with what is written beside it: '12.5 ± 0.2 m'. */
export const numberWords = ({ value, tolerance, unit }: NonNullable<Item['number']>): string =>
  [String(value), tolerance ? `± ${tolerance}` : '', unit ?? ''].filter(Boolean).join(' ');

/** A name that is not among those taken, counted on where it is; `ending` stands behind the number. It counts as taken from now on. */
export function freeName(stem: string, ending: string, taken: Set<string>): string {
  let own = stem + ending;
  for (let n = 2; taken.has(own.toLowerCase()); n++) {
    own = `${stem} (${n})${ending}`;
  }
  taken.add(own.toLowerCase());
  return own;
}

/** A share as people read it: 26 %. */
export const percent = (share: number): string => `${Math.round(share * 100)} %`;
