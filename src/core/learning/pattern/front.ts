// What stands in front of a line's text and behind it, and a way to find it.
/** A line taken apart. In `before`, `{#}` stands for a number, `{a}` and `{A}` for a letter. */
export type Front = {
  before: string;
  text: string;
  after: string;
  /** What stands behind a 1, where it is another word than behind other numbers. */
  one?: string;
  /** Words for the question's kind beside what the line says. */
  kind?: string;
  /** The words in front, without signs. */
  words: string;
  /** A code behind the first of two signs alike, 'single' of 'Q|single|', and what stands before it. */
  code?: { word: string; family: string };
  /** The sign right in front of a word, '@' of '@ask', or of a box, ticked or empty. */
  sigil?: string;
  /** The number or the letter's place, from 1, where there is one in front. */
  counter?: number;
};

export type Way = (line: string) => Front | undefined;

/** The words in a text, without signs and numbers. */
export const lettersIn = (text: string): string => text.replace(/[^\p{L}]+/gu, ' ').trim();

/** What stands for the letter of an option, in the case in which it is written. */
export const letterSign = (letter: string): string =>
  letter === letter.toLowerCase() ? '{a}' : '{A}';

/** A line that begins so; the groups are what stands in front of its text, and the text. */
export const signed =
  (pattern: RegExp, isWord = true): Way =>
  (line) => {
    const [, before, text = ''] = pattern.exec(line) ?? [];
    return before === undefined || !/[\p{L}\p{N}]/u.test(text)
      ? undefined
      : { before, text: text.trimEnd(), after: '', words: isWord ? lettersIn(before) : '' };
  };
