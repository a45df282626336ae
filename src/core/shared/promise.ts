// What the first lines of a text say of how many questions are to come: "Here are 10 questions about tea."
import { bareWords } from './normalise';

export type Promised = { count: number; line: number };

const LOOKED_AT = 4;
/** Longer lines are no announcement. */
const LONGEST = 240;

const NUMBERS: readonly (readonly string[])[] = [
  ['three', 'drei', 'trois', 'tres', 'tre', 'drie'],
  ['four', 'vier', 'quatre', 'cuatro', 'quattro', 'quatro'],
  ['five', 'funf', 'cinq', 'cinco', 'cinque', 'vijf', 'fem'],
  ['six', 'sechs', 'seis', 'sei', 'zes', 'seks', 'sex'],
  ['seven', 'sieben', 'sept', 'siete', 'sette', 'zeven', 'sete'],
  ['eight', 'acht', 'huit', 'ocho', 'otto', 'oito'],
  ['nine', 'neun', 'neuf', 'nueve', 'nove', 'negen'],
  ['ten', 'zehn', 'dix', 'diez', 'dieci', 'tien', 'dez', 'ti', 'tio'],
];
const COUNTS = new Map(NUMBERS.flatMap((words, index) => words.map((word) => [word, index + 3])));
[
  ['twelve', 12],
  ['zwolf', 12],
  ['douze', 12],
  ['doce', 12],
  ['dodici', 12],
  ['twaalf', 12],
  ['fifteen', 15],
  ['twenty', 20],
  ['zwanzig', 20],
  ['vingt', 20],
  ['veinte', 20],
  ['venti', 20],
  ['twintig', 20],
].forEach(([word, count]) => COUNTS.set(word as string, count as number));

const OF_QUESTIONS =
  '(?:questions?|items|statements|flashcards|fragen|quizfragen|aufgaben|preguntas|domande|vragen|quizvragen|perguntas|questoes|cwestiynau|sporgsmal|sporsmal|fragor|pytan|kysymysta)';
/** A number and a word for questions, without accents; words between them may say of what kind. */
const ANNOUNCED = new RegExp(
  `\\b(\\d{1,3}|${[...COUNTS.keys()].join('|')}) (?:[a-z]{2,14} ){0,3}?${OF_QUESTIONS}\\b`,
  'gu',
);
const MOST = 200;

function countIn(text: string): number | undefined {
  // A count belongs to the words of its own sentence: '(10 marks) Answer all questions' promises nothing.
  const parts = text.split(/[()[\].;:!?]|\s[–—-]\s/u).map((part) => part.replace(/-/g, ' '));
  for (const [, word = ''] of parts.flatMap((part) => [...bareWords(part).matchAll(ANNOUNCED)])) {
    const count = COUNTS.get(word) ?? Number(word);
    if (count > 1 && count <= MOST) {
      return count;
    }
  }
  return undefined;
}

/** How many questions the first lines of a text promise; undefined where they promise none. */
export function promisedIn(source: string): Promised | undefined {
  const lines = source
    .slice(0, LOOKED_AT * LONGEST * 2)
    .split(/\r\n?|\n/)
    .map((text, index) => ({ text, line: index + 1 }))
    .filter(({ text }) => text.trim())
    .slice(0, LOOKED_AT);
  for (const { text, line } of lines) {
    const count = text.length > LONGEST || /[?？؟|\t]/u.test(text) ? undefined : countIn(text);
    if (count !== undefined) {
      return { count, line };
    }
  }
  return undefined;
}
