// What stands at the end of lines and inside them: signs that close what others open, and the sign between halves.
import type { Layout } from '../../model';
import { LETTERED, signedOf } from './option-signs';

type Marks = NonNullable<Layout['marks']>;

const PAIR = /\S\s([^\p{L}\p{N}\s.,;:!?'"–—-]{1,3}|<-+>|-+>|<=+>|=+>)\s\S/u;

/** The sign at the end of all lines that begin with a sign: it closes what that one opens. */
export function closeOf(blocks: readonly string[][], sign: string | undefined): string | undefined {
  const ends = blocks.flat().flatMap((line) => {
    const signed = sign === undefined ? undefined : signedOf(line);
    return signed?.sign === sign ? [/([^\p{L}\p{N}\s?!.,;:…"'’”)]{1,3})$/u.exec(line)?.[1]] : [];
  });
  const [first] = ends;
  return first !== undefined && ends.every((end) => end === first) ? first : undefined;
}

/** Whether the text follows a sign right behind it, on every line that the sign begins. */
export function isTight(body: readonly string[], sign: string | undefined): boolean {
  const lines = body.map((line) => line.trim()).filter((line) => sign && line.startsWith(sign));
  return lines.length > 0 && lines.every((line) => /^\S/.test(line.slice(sign!.length)));
}

/** What closes a frame that a sign opens. */
const CLOSES: Readonly<Record<string, string>> = {
  '[': ']',
  '(': ')',
  '{': '}',
  '<': '>',
  '|': '|',
  '=': '=',
  '#': '#',
};

/** Words in a frame of their own above the questions, '[[Name]]'. */
export function titleOf(lines: readonly string[]): Pick<Marks, 'titleOpen' | 'titleClose'> {
  const framed = lines
    .filter((line) => !LETTERED.test(line.trim()))
    .map((line) => /^([[({<|=#]{1,3})\s*(\p{L}.*?)\s*([\])}>|=#]{1,3})$/u.exec(line.trim()))
    .find((match) => match && CLOSES[match[1]![0]!] === match[3]![0]);
  return framed ? { titleOpen: framed[1]!, titleClose: framed[3]! } : {};
}

/** The sign between the halves of pairs: the same in two lines or more of a block. */
export function pairSign(blocks: readonly string[][]): string | undefined {
  for (const block of blocks) {
    const signs = block.slice(1).map((line) => PAIR.exec(line)?.[1]);
    const [first] = signs;
    if (first !== undefined && signs.length > 1 && signs.every((sign) => sign === first)) {
      return first;
    }
  }
  return undefined;
}
