// Questions with their options and the letter of the right one all on one line, letters with colons: '50 €: What lifts boats? A: lock
// B: bridge [A]'. And the blank to write a letter on in front of the first of two lists.
import { letterPlace } from '../../shared/plain';
import { isLine, OFTEN, retyped, whereOften, type Lines } from './retyping';

const WHOLE =
  /^\s*(?:(\d{1,7}\s?[€$£%]|[€$£]\s?\d{1,7})\s*[:–-]\s+|[([]?\d{1,3}[.):\]]\s+)?(\S.*?[?？؟:…])\s+(A\s?:\s.*)$/su;
const OPTION = /(?:^|\s)([A-J])\s?:\s+/gu;
const KEY = /^(.*\S)\s+[([]\s*([A-J])\s*[)\]]\s*$/su;

/** The question, what it is for, its options and the right one's letter as lines; undefined of any other line. */
function partsOf(text: string): string[] | undefined {
  const [, prize, question, rest = ''] = WHOLE.exec(text) ?? [];
  const [, listed = rest, key] = KEY.exec(rest) ?? [];
  const found = [...listed.matchAll(OPTION)];
  const isList = found.length > 1 && found.every(([, letter], at) => letterPlace(letter!) === at);
  // Without the letter behind them, what is set off may tell the right one.
  return question && isList && key
    ? [
        `Question: ${question}`,
        ...found.map((match, at) => {
          const option = listed.slice(match.index + match[0].length, found[at + 1]?.index);
          return `${match[1]!}) ${option.trim()}`;
        }),
        `Answer: ${key}`,
        ...(prize ? [`Tags: ${prize}`] : []),
      ]
    : undefined;
}
/** Such lines with one thing on each. */
export const prizesApart = whereOften(partsOf);

const BLANK_FIRST =
  /^(\s*[([]?\d{1,3}[.):\]]\s*)_{2,}\s*(?=\S.*(?:\s{2,}|\t)[([]?[A-Ja-j][.):\]]\s)/u;
/** The first of two lists side by side without the blanks in front of its words. */
export function blanksBeforeLists(lines: Lines): Lines {
  const found = lines.map((line) => isLine(line) && BLANK_FIRST.test(line.source ?? line.text));
  return found.filter(Boolean).length < OFTEN
    ? lines
    : retyped(lines, (at) => {
        const { source, text } = lines[at]!;
        return found[at] ? (source ?? text).replace(BLANK_FIRST, '$1') : undefined;
      });
}

/** A question and its answer by name on one line with a bar between them, as a line each. */
const NAMED = /^\s*(Q\p{L}{0,7}\.?\s?\d{0,3}:\s.*\S)\s*\|\s*(A\p{L}{0,5}\.?\s?\d{0,3}:\s.*)$/su;
function namedApart(text: string): string[] | undefined {
  const [, question, answer] = NAMED.exec(text) ?? [];
  return question && answer ? [question, answer, ''] : undefined;
}
export const barsApart = whereOften(namedApart);
