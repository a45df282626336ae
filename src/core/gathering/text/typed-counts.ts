// What stands in front of lines in short: a question's number with its kind in brackets, 'Question 3 of 4 (true/false)', and names
// that end with a full stop, 'Ans. B', 'Exp. It is dry.'
import { bareWords } from '../../shared/normalise';
import { kindOfWord } from '../../shared/vocabulary/kinds';
import { isLine, OFTEN, retyped, whereOften, type Lines } from './retyping';

const COUNT =
  /^(\s*[#*]{0,4}\s*\p{L}{1,14}\.? ?\d{1,3}(?:\s*(?:\/|\p{L}{1,4}\s)\s*\d{1,3})?)\s*[.:–-]?\s*[([]([^()[\]]{2,40})[)\]]\s*[.:]?\s*$/u;

/** Such a line without its brackets: what stands below it shows the kind; undefined of another line. */
function countAlone(text: string): string[] | undefined {
  const [, count, kind = ''] = COUNT.exec(text) ?? [];
  return count && kindOfWord(kind) ? [count] : undefined;
}

/** Short names, bare of accents, with the words that they stand for. */
const SHORT: Readonly<Record<string, string>> = {
  ans: 'Answer',
  antw: 'Answer',
  lsg: 'Answer',
  rep: 'Answer',
  resp: 'Answer',
  risp: 'Answer',
  sol: 'Answer',
  begr: 'Explanation',
  erkl: 'Explanation',
  exp: 'Explanation',
  expl: 'Explanation',
  spieg: 'Explanation',
  hinw: 'Hint',
};
const DOTTED = /^(\s*)(\p{L}{3,5})\.\s+(\S.*)$/su;

/** A line that a short name with a full stop opens, with the word in full; undefined of another line. */
function inFull(text: string): string[] | undefined {
  const [, indent, name = '', rest] = DOTTED.exec(text) ?? [];
  const word = SHORT[bareWords(name)];
  return word && rest ? [`${indent}${word}: ${rest}`] : undefined;
}

const OF_ALL = /^\s*(\d{1,3})\s?\/\s?(\d{1,3})[.:)]?\s+(\S.*)$/su;
/** Questions that count how many there are, '1/10 What floats?', with their own number alone. */
function ofAll(lines: Lines): Lines {
  const found = lines.map((line) => (isLine(line) ? OF_ALL.exec(line.text) : null));
  const counted = found.filter((match) => match !== null);
  const isEven =
    counted.length >= OFTEN &&
    new Set(counted.map(([, , all]) => all)).size === 1 &&
    counted.every(([, n], at) => at === 0 || Number(n) === Number(counted[at - 1]![1]) + 1);
  return isEven
    ? retyped(lines, (at) => (found[at] ? `${found[at][1]}. ${found[at][3]}` : undefined))
    : lines;
}

const IN_CHAPTER = /^(\s*)(\d{1,2})\.(\d{1,2})[.:)]?\s+(\S.*)$/su;
/** Lines that count within their chapter, '4.1 …' above '4.2 …', and again below all of them in its key, by their own numbers. */
function inChapters(lines: Lines): Lines {
  const found = lines.map((line) => (isLine(line) ? IN_CHAPTER.exec(line.text) : null));
  const counted = found.flatMap((match) => (match ? [`${match[2]}.${match[3]}`] : []));
  const half = counted.length / 2;
  const comesTwice =
    half >= OFTEN &&
    counted.slice(0, half).join() === counted.slice(half).join() &&
    new Set(counted).size === half;
  const isOne = new Set(found.flatMap((match) => (match ? [match[2]] : []))).size === 1;
  return comesTwice && isOne
    ? retyped(lines, (at) =>
        found[at] ? `${found[at][1]}${found[at][3]}. ${found[at][4]}` : undefined,
      )
    : lines;
}

/** The lines of a text with nothing behind the numbers that count questions, and names in full. */
export const inFullWords = (lines: Lines): Lines =>
  whereOften(inFull)(whereOften(countAlone, 1)(ofAll(inChapters(lines))));

const COUNTED_ALONE = /^\s*(\p{L}{3,14})\s(\d{1,3})\s*[.:]?\s*$/u;
/** Longer lines say more than that another question follows. */
const LONGEST = 30;

/** A line that names one more question without its number, 'Bonusvraag' behind 'Vraag 2' or 'Bonus question' behind 'Question 2', with the next. */
export function oneMoreCounted(lines: Lines): Lines {
  const counted = lines.flatMap(({ text }) => {
    const [, word, n] = COUNTED_ALONE.exec(text) ?? [];
    return word ? [{ word, n: Number(n) }] : [];
  });
  const [first] = counted;
  const areCounted =
    first !== undefined &&
    counted.length >= OFTEN &&
    counted.every(({ word, n }, at) => word === first.word && n === first.n + at);
  if (!areCounted) {
    return lines;
  }
  const word = bareWords(first.word);
  const isOneMore = (text: string, at: number): boolean =>
    text.trim().length <= LONGEST &&
    !/\d/u.test(text) &&
    !lines[at - 1]?.text.trim() &&
    Boolean(lines[at + 1]?.text.trim()) &&
    bareWords(text) !== word &&
    bareWords(text).endsWith(word);
  let n = 0;
  return retyped(lines, (at) => {
    const { text } = lines[at]!;
    n = Number(COUNTED_ALONE.exec(text)?.[2] ?? n);
    return n > 0 && isOneMore(text, at) ? `${first.word} ${(n += 1)}` : undefined;
  });
}
