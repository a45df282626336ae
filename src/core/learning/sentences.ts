// Rules that a blank states in words: how long a text may be, how many options, how many questions.
import type { Limits } from '../model';
import { bareWords } from '../shared/normalise';

const NUMBERS: Record<string, number> = {
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  twelve: 12,
  fifteen: 15,
  twenty: 20,
  thirty: 30,
  forty: 40,
  fifty: 50,
  sixty: 60,
  hundred: 100,
  zwanzig: 20,
  dreissig: 30,
  vierzig: 40,
  funfzig: 50,
  zwei: 2,
  drei: 3,
  vier: 4,
  funf: 5,
  sechs: 6,
  sieben: 7,
  acht: 8,
  neun: 9,
  zehn: 10,
  deux: 2,
  trois: 3,
  quatre: 4,
  cinq: 5,
  sept: 7,
  huit: 8,
  neuf: 9,
  dix: 10,
};
const N = `(\\d{1,4}|${Object.keys(NUMBERS).join('|')})`;
const toNumber = (word: string): number => NUMBERS[word] ?? Number(word);
const CHARACTERS =
  '(?:characters?|chars?|letters|signs|zeichen|caracteres?|caratteri|tekens|nodau?|bytes?|octets?)';
/** Whether a rule counts bytes rather than characters. */
export const countsBytes = (text: string): boolean => /\d\s*(?:bytes?|octets?)\b/i.test(text);

type Subject = 'stem' | 'option' | 'hint' | 'explanation' | 'title';
const SUBJECTS: readonly (readonly [Subject, RegExp])[] = [
  [
    'explanation',
    /explanation|shown afterwards|erklarung|explication|explicacion|spiegazione|uitleg|explicacao|esboniad|rationale/,
  ],
  ['hint', /\bhint|clue|hinweis|indice|pista|awgrym/],
  ['title', /\btitle|titel|titre|titulo|titolo|teitl/],
  [
    'option',
    /\b(?:option|answer|reply|replies|choice|antwort|reponse|choix|opcion|respuesta|opzione|risposta|antwoord|opcao|resposta|ateb)/,
  ],
  [
    'stem',
    /\b(?:question|wording|prompt|stem|statement|frage|affirmation|pregunta|domanda|vraag|pergunta|cwestiwn|it s text|its text|the text)/,
  ],
];

const subjectOf = (words: string): Subject | undefined =>
  SUBJECTS.find(([, pattern]) => pattern.test(words))?.[0];

/** The greatest number of characters that a heading or note names; undefined where it names none. */
export function characterLimit(text: string): number | undefined {
  const words = bareWords(text);
  const match = new RegExp(`(\\d{1,5}) ?${CHARACTERS}\\b`).exec(words);
  return match ? Number(match[1]) : undefined;
}

/** A greatest length that a heading gives in brackets without its unit: `(200 max)`, `[max. 80]`; two digits at least, since a few are options. */
export const bareLimit = (heading: string): number | undefined => {
  const match = /[([]\s*(?:(\d{2,4})\s*max\.?|max\.?\s*(\d{2,4}))\s*[)\]]/i.exec(heading);
  return match ? Number(match[1] ?? match[2]) : undefined;
};

/** The limits that a sentence of instructions states, clause by clause; the unit carries over to the clauses behind it. */
export function limitsIn(text: string): Limits {
  const limits: Limits = {};
  // The full stop of an abbreviation ends no sentence.
  for (const sentence of text
    .replace(/\b(max|min|approx|ca|no|nr|bzw|z\.b|e\.g)\.(?=\s)/gi, '$1')
    .split(/[.!?;\n]+(?:\s|$)/u)) {
    const words = bareWords(sentence);
    readCounts(words, limits);
    if (!new RegExp(CHARACTERS).test(words)) {
      continue;
    }
    let subject: Subject | undefined;
    for (const clause of sentence.split(/,|\band\b|\bund\b|\bet\b/u)) {
      const flat = bareWords(clause);
      subject = subjectOf(flat) ?? subject;
      const number = new RegExp(
        `(?:up to|at most|no more than|not more than|max(?:imum|imal)?|hochstens|bis zu|au plus|limit(?:ed)?(?: to| of)?|have|than|most|under) ?(\\d{2,5})|(\\d{2,5}) ?${CHARACTERS}`,
      ).exec(flat);
      if (subject && number) {
        limits[subject] ??= Number(number[1] ?? number[2]);
      }
    }
  }
  return limits;
}

const OPTIONS = '(?:options?|answers?|replies|reply|choices?|antworten|reponses|alternatives)';
const QUESTIONS = '(?:questions?|rows|items|fragen|zeilen|cards|entries)';

function readCounts(words: string, limits: Limits): void {
  const both =
    new RegExp(`\\b${N} (?:to|bis|a|and at most) ${N} ${OPTIONS}\\b`).exec(words) ??
    new RegExp(`at least ${N} and (?:at most|no more than|up to) ${N} ${OPTIONS}`).exec(words);
  if (both) {
    limits.optionsMin ??= toNumber(both[1]!);
    limits.optionsMax ??= toNumber(both[2]!);
  }
  const most = new RegExp(
    `(?:up to|at most|no more than|not more than|max(?:imum)?) ${N} ${OPTIONS}\\b`,
  ).exec(words);
  if (most && toNumber(most[1]!) <= 26) {
    limits.optionsMax ??= toNumber(most[1]!);
  }
  const least = new RegExp(`(?:at least|minimum(?: of)?) ${N} ${OPTIONS}\\b`).exec(words);
  if (least) {
    limits.optionsMin ??= toNumber(least[1]!);
  }
  const file = new RegExp(
    `(?:up to|at most|no more than|not more than|max(?:imum)?|hochstens|(?:file|form|sheet|set|round|datei|fichier) (?:takes|holds|has|fasst|contient)(?: up to| at most)?) ${N} ${QUESTIONS}\\b`,
  ).exec(words);
  if (file) {
    limits.perFile ??= toNumber(file[1]!);
  }
}

/** The seconds listed in a heading, '(15, 25, 40 or 75)'; undefined where fewer than two stand there. */
export function listedNumbers(text: string): number[] | undefined {
  const match = /((?:\d{1,4}\s*(?:,|\/|;|or|oder|ou|o)\s*(?:or|oder|ou|o)?\s*)+\d{1,4})/u.exec(
    text,
  );
  const numbers = match?.[1]!.split(/\D+/).filter(Boolean).map(Number);
  return numbers && numbers.length > 1 ? numbers : undefined;
}
