// The letters by which people count in scripts other than Latin. From memory; common practice, no source.
import { letterPlace } from '../plain';

/** The letters that count options, alphabet by alphabet. */
const ALPHABETS: readonly string[] = [
  'абвгдежз',
  'αβγδεζηθ',
  'أبجدهوزح',
  'ابجدهوزح',
  'אבגדהוזח',
  '가나다라마바사아',
  'アイウエオカキク',
  '甲乙丙丁戊己庚辛',
  'कखगघङचछज',
  'ａｂｃｄｅｆｇｈ',
];
const LATIN = 'abcdefgh';
const LETTERS: ReadonlyMap<string, string> = new Map(
  ALPHABETS.flatMap((letters) =>
    [...letters].flatMap((letter, index): [string, string][] => [
      [letter, LATIN[index]!],
      [letter.toUpperCase(), LATIN[index]!.toUpperCase()],
    ]),
  ),
);

/** The letter that counts as much in Latin script, its case kept; undefined of any other sign. */
export const letterInLatin = (letter: string): string | undefined => LETTERS.get(letter);

/** The place, from 0, that a letter of any alphabet counts by; undefined where a text is no such letter. */
export function placeOfLetter(text: string): number | undefined {
  const letter = letterInLatin(text) ?? text;
  return /^[A-Za-z]$/.test(letter) ? letterPlace(letter) : undefined;
}
