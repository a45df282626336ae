// Sentences of which one word or term stands in capitals, below a line that asks for gaps to be filled or speaks of capitals: the
// capitals are what goes in. 'The gas that is given off is OXYGEN.'
import { bareWords } from '../../shared/normalise';
import { kindOfWord } from '../../shared/vocabulary/kinds';
import { among } from '../../shared/vocabulary/phrases';
import { anew, isLine, type Lines } from './retyping';

const CAPITALS =
  /(?<![\p{L}\p{N}])(\p{Lu}[\p{Lu}'’-]{2,}(?:\s+\p{Lu}[\p{Lu}'’-]+)*)(?![\p{L}\p{N}])/gu;
const NUMBER = /^\s*[([]?\d{1,3}\s?[.):\]]?\s+/u;
const SENTENCE = /\p{Ll}.*[.!]\s*$/su;
const FEWEST = 3;
const FIRST_LINES = 3;

const SPEAKS_OF_CAPITALS = among({
  en: ['capitals?', 'capital letters', 'upper ?case', 'block letters'],
  de: ['grossbuchstaben', 'versalien', 'grossgeschrieben'],
  fr: ['majuscules?', 'capitales'],
  es: ['mayusculas?'],
  it: ['maiuscol[oaie]'],
  nl: ['hoofdletters?'],
  pt: ['maiusculas?'],
  cy: ['priflythrennau'],
});

/** Whether a line says that words in capitals count, or that gaps are to be filled. */
const asksForWords = (text: string): boolean =>
  SPEAKS_OF_CAPITALS.test(bareWords(text)) ||
  text.split(/[.:!?]/u).some((part) => kindOfWord(part) === 'gap');

/** Such sentences with their words in capitals as gaps, where every sentence of the text has one; what is in capitals loses them. */
export function capitalsForGaps(lines: Lines): Lines {
  const filled = lines.filter(({ text }) => text.trim());
  const task = filled
    .slice(0, FIRST_LINES)
    .findLastIndex((line) => isLine(line) && asksForWords(line.text));
  const below = task < 0 ? [] : filled.slice(task + 1);
  const areAll =
    below.length >= FEWEST &&
    below.every(
      (line) =>
        isLine(line) && SENTENCE.test(line.text) && [...line.text.matchAll(CAPITALS)].length === 1,
    );
  const own = new Set(areAll ? below : []);
  let count = 0;
  return own.size
    ? lines.map((line) => {
        const text = line.text.replace(CAPITALS, (word) => `[[${word.toLowerCase()}]]`);
        count += own.has(line) ? 1 : 0;
        return own.has(line) ? anew(line, `${count}. ${text.replace(NUMBER, '')}`) : line;
      })
    : lines;
}
