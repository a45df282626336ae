// How easy a text is to read, by the published formula of its language.
import { syllable } from 'syllable';

/** Letters, words, sentences and syllables of a text. */
export type Counts = { letters: number; words: number; sentences: number; syllables: number };

/** How easy a text is, about 0 (very hard) to 100 (very easy), by whose formula, and in English the years of school it takes. */
export type Readability = { ease: number; by: string; grade?: number };

type Language = {
  /** Words that hardly a sentence is without; common practice, no source. */
  words: string;
  by: string;
  syllablesOf: (word: string) => number;
  ease: (perSentence: number, perWord: number, counts: Counts) => number;
};

const GROUPS = /[aeiouyáàâäãåæéèêëíìîïóòôöõøœúùûüýÿ]+/giu;
/** Groups of vowels stand for syllables where a language has no better count. */
const vowelGroups = (word: string): number => Math.max(1, word.match(GROUPS)?.length ?? 1);

/** The formulas; all but the two English ones are written from memory. */
const LANGUAGES: readonly Language[] = [
  {
    words: 'the of and is to in which what a an are for that on it with by from',
    by: 'Flesch 1948',
    syllablesOf: (word) => Math.max(1, syllable(word)),
    ease: (perSentence, perWord) => 206.835 - 1.015 * perSentence - 84.6 * perWord,
  },
  {
    words: 'der die das und ist zu in welche was ein eine den von mit auf für wie dem',
    by: 'Amstad 1978',
    syllablesOf: vowelGroups,
    ease: (perSentence, perWord) => 180 - perSentence - 58.5 * perWord,
  },
  {
    words: 'le la les et est à dans quel quelle un une des du de que pour en sur',
    by: 'Kandel and Moles 1958',
    syllablesOf: vowelGroups,
    ease: (perSentence, perWord) => 207 - 1.015 * perSentence - 73.6 * perWord,
  },
  {
    words: 'el la los las y es en qué cuál un una de del que para por con se',
    by: 'Fernández Huerta 1959',
    syllablesOf: vowelGroups,
    ease: (perSentence, perWord) => 206.84 - 1.02 * perSentence - 60 * perWord,
  },
  {
    words: 'il lo la i gli e è in quale che un una di del per con si da',
    by: 'Gulpease 1988',
    syllablesOf: vowelGroups,
    ease: (_sentence, _word, { letters, words, sentences }) =>
      89 + (300 * sentences - 10 * letters) / words,
  },
  {
    words: 'de het een en is in welke wat van te op voor met dat bij aan die er',
    by: 'Douma 1960',
    syllablesOf: vowelGroups,
    ease: (perSentence, perWord) => 206.84 - 0.93 * perSentence - 77 * perWord,
  },
];
const WORDS = LANGUAGES.map(({ words }) => new Set(words.split(' ')));

/** Fewer words tell nothing of a text. */
const FEWEST = 8;
const WORD = /\p{L}+(?:['’-]\p{L}+)*/gu;
const SENTENCE_END = /[.!?…:;]+(?=\s|$)/gu;

const wordsOf = (text: string): string[] => text.match(WORD) ?? [];

/** Counts by which a text is judged; `syllablesOf` counts those of one word. */
export function countsOf(text: string, syllablesOf: (word: string) => number): Counts {
  const words = wordsOf(text);
  const ends = text.trim().match(SENTENCE_END)?.length ?? 0;
  const isOpen = !/[.!?…:;]\s*$/u.test(text.trim());
  return {
    letters: words.join('').replace(/[^\p{L}]/gu, '').length,
    words: words.length,
    sentences: Math.max(1, ends + (isOpen ? 1 : 0)),
    syllables: words.reduce((sum, word) => sum + syllablesOf(word), 0),
  };
}

/** The language whose little words a text has most of; undefined where it has none of any. */
function languageOf(text: string): Language | undefined {
  const words = wordsOf(text.toLowerCase());
  const counts = WORDS.map((set) => words.filter((word) => set.has(word)).length);
  const most = Math.max(...counts);
  return most ? LANGUAGES[counts.indexOf(most)] : undefined;
}

/** The school years of Kincaid, Fishburne, Rogers and Chissom (1975). */
const gradeOf = ({ words, sentences, syllables }: Counts): number =>
  0.39 * (words / sentences) + 11.8 * (syllables / words) - 15.59;

/** How easy a text is to read; undefined where it is too short to tell, or in a language without a formula here. */
export function readabilityOf(text: string): Readability | undefined {
  const language = languageOf(text);
  if (!language || wordsOf(text).length < FEWEST) {
    return undefined;
  }
  const counts = countsOf(text, language.syllablesOf);
  const { words, sentences, syllables } = counts;
  const ease = language.ease(words / sentences, syllables / words, counts);
  return {
    ease: Math.round(ease),
    by: language.by,
    ...(language === LANGUAGES[0] ? { grade: Math.max(0, Math.round(gradeOf(counts))) } : {}),
  };
}
