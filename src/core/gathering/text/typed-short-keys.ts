// A word of any language with nothing but a letter behind it, below the options of each question: 'Odp. B'.
import { alike } from '../../shared/normalise';
import { fieldOfLine } from '../../shared/vocabulary/answer-lines';
import { anew, isLine, OFTEN, type Lines } from './retyping';

const KEYED =
  /^\s*[([]?(\p{L}{2,16})\.?\s*[–—-]?\s+[([]?(\p{Lu}(?:\s*[,;&+/]\s*\p{Lu})*)[)\].]?\s*$/u;
const OPTION = /^\s*[([]?([A-Ja-j])\s?[.):\]/-]{1,2}\s*\S/u;

type Keyed = { word: string; letters: string };

/** Such a line right below one with an option's letter; what is known to answer is read as it stands. */
function keyedIn(lines: Lines, at: number): Keyed | undefined {
  const line = lines[at]!;
  const above = lines[at - 1];
  const [, word, letters] = (isLine(line) && KEYED.exec(line.text)) || [];
  const isBelow = word !== undefined && above !== undefined && OPTION.test(above.text);
  return isBelow && letters && fieldOfLine(line.text)?.role !== 'answer'
    ? { word: alike(word), letters }
    : undefined;
}

/** Such lines as the answers that they name, where all of them have the same word. */
export function keysInShort(lines: Lines): Lines {
  const found = lines.map((_, at) => keyedIn(lines, at));
  const keyed = found.filter((one) => one !== undefined);
  return keyed.length < OFTEN || new Set(keyed.map(({ word }) => word)).size > 1
    ? lines
    : lines.map((line, at) => (found[at] ? anew(line, `Answer: ${found[at].letters}`) : line));
}
