// One more question below counted ones, with a name in place of its number and its answer behind it as theirs have: 'TIEBREAK: How many
// islands are there? 12'.
import { fieldOfLine } from '../../shared/vocabulary/answer-lines';
import { anew, isLine, type Lines } from './retyping';

const COUNTED = /^(\s*[([]?)(\d{1,3})(\s?[.):\]]?)\s+\S.*[?？؟]\s*\S/su;
const NAMED = /^\s*(\p{L}[\p{L} -]{2,20}?)\s?:\s+(\S.*[?？؟].*)$/su;
const FEWEST = 3;

type Last = { at: number; name: string; text: string };

/** The last line of a text as such a question; undefined where it is none, or its name is one that is known. */
function lastOf(lines: Lines): Last | undefined {
  const at = lines.findLastIndex(({ text }) => text.trim());
  const line = lines[at];
  const [, name, text] = (line && isLine(line) && NAMED.exec(line.text)) || [];
  return name && text && !fieldOfLine(line!.text) ? { at, name: name.trim(), text } : undefined;
}

/** Such a question with the next number, and its name as what is said of it. */
export function lastCounted(lines: Lines): Lines {
  const last = lastOf(lines);
  const numbers = last
    ? lines.slice(0, last.at).flatMap((line) => {
        const [, open, n, close] = (isLine(line) && COUNTED.exec(line.text)) || [];
        return n === undefined ? [] : [{ open, n: Number(n), close }];
      })
    : [];
  const end = numbers.at(-1);
  const areCounted = numbers.every(({ n }, at) => n === numbers[0]!.n + at);
  if (!last || !end || numbers.length < FEWEST || !areCounted) {
    return lines;
  }
  const line = lines[last.at]!;
  return [
    ...lines.slice(0, last.at),
    anew(line, `${end.open}${end.n + 1}${end.close} ${last.text}`),
    anew(line, `Tags: ${last.name}`),
    ...lines.slice(last.at + 1),
  ];
}
