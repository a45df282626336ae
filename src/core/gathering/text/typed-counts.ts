// What stands in front of lines in short: a question's number with its kind in brackets, 'Question 3 of 4 (true/false)', and names
// that end with a full stop, 'Ans. B', 'Exp. It is dry.'
import { bareWords } from '../../shared/normalise';
import { kindOfWord } from '../../shared/vocabulary/kinds';
import { whereOften, type Lines } from './retyping';

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

/** The lines of a text with nothing behind the numbers that count questions, and names in full. */
export const inFullWords = (lines: Lines): Lines =>
  whereOften(inFull)(whereOften(countAlone, 1)(lines));
