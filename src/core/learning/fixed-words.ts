// Words that stand in front of lines of a sample as signs do: "Q: ", "RIGHT ", "OPT*=", and lone ones that open and close a question.
import type { Layout } from '../model';

type Marks = NonNullable<Layout['marks']>;

/** A word with the sign behind it, or one in capitals with a blank behind it. */
const WORDED =
  /^\s*(\p{L}[\p{L}\d_-]{0,14}\s?[*+!✓]?\s?[:=>]+|\p{Lu}[\p{Lu}\d_-]{1,14}(?=\s))(\s*)(?=\S)/u;
/** A line of one word in capitals, in brackets or not. */
const ALONE = /^\s*(\p{Lu}[\p{Lu}\d_-]{1,14}|[[<{(]\/?\p{L}[\p{L}\d_-]{0,14}[\]>})])\s*$/u;
const OFTEN = 2;
/** Signs of no text, one for each word (Unicode's private use). */
const FIRST_SIGN = 0xe100;
const MOST = 40;

export type FixedWords = {
  many: number;
  /** What each word says of its sign, as a comment would. */
  said: readonly string[];
  /** A line with the word in front of it as a sign. */
  hide: (line: string) => string;
  /** Marks with the words in the place of their signs. */
  shown: (marks: Marks) => Marks;
};

const wordIn = (line: string): { word: string; rest: string; isTight: boolean } | undefined => {
  const alone = ALONE.exec(line)?.[1];
  if (alone) {
    return { word: alone, rest: '', isTight: false };
  }
  const match = WORDED.exec(line);
  return match
    ? { word: match[1]!, rest: line.slice(match[0].length), isTight: match[2] === '' }
    : undefined;
};

/** The words that stand in front of several lines. */
export function fixedWords(body: readonly string[]): FixedWords {
  const times = new Map<string, number>();
  let tight = 0;
  let loose = 0;
  for (const line of body) {
    const found = wordIn(line);
    if (found) {
      times.set(found.word, (times.get(found.word) ?? 0) + 1);
      tight += Number(found.isTight);
      loose += Number(!found.isTight && found.rest !== '');
    }
  }
  const words = [...times]
    .filter(([, n]) => n >= OFTEN)
    .map(([word]) => word)
    .slice(0, MOST);
  const signs = new Map(words.map((word, at) => [word, String.fromCodePoint(FIRST_SIGN + at)]));
  const back = new Map([...signs].map(([word, sign]) => [sign, word]));
  const isTight = words.length > 0 && tight > loose;
  return {
    many: words.length,
    said: words.map((word) => `${signs.get(word)} ${word.toLowerCase()}`),
    hide(line) {
      const found = wordIn(line);
      const sign = found && signs.get(found.word);
      return sign ? `${sign} ${found.rest}`.trimEnd() : line;
    },
    shown(marks) {
      const entries = Object.entries(marks).map(([name, value]) => [
        name,
        typeof value === 'string' ? (back.get(value) ?? value) : value,
      ]);
      return { ...(Object.fromEntries(entries) as Marks), ...(isTight ? { tight: true } : {}) };
    },
  };
}
