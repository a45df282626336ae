// Rules that a blank states in words: how long a text may be, how many options, how many questions.
import type { Limits } from '../model';
import { bareWords } from '../shared/normalise';
import { saysRightAnswer } from '../shared/vocabulary/key-words';
import { NUMBER_WORDS } from '../shared/vocabulary/number-words';
import { speaksOf, subjectIn, type Subject } from '../shared/vocabulary/rule-words';

/** Whether a rule counts bytes rather than characters. */
export const countsBytes = (text: string): boolean => /\d\s*(?:bytes?|octets?)\b/i.test(text);

/** The sentences of a text; the full stop of an abbreviation ends none. */
const sentencesOf = (text: string): string[] =>
  text
    .replace(/\b(max|min|approx|ca|no|nr|bzw|z\.b|e\.g)\.(?=\s)/gi, '$1')
    .split(/[.!?;\n]+(?:\s|$)/u);

/**
 * The greatest number of characters that a heading or note names; undefined where it names none, or sentences name several,
 * which are then about several fields.
 */
export function characterLimit(text: string): number | undefined {
  const limits = new Set(sentencesOf(text).flatMap((sentence) => limitOf(sentence) ?? []));
  return limits.size === 1 ? [...limits][0] : undefined;
}

function limitOf(sentence: string): number | undefined {
  const words = bareWords(sentence);
  // A small number in words counts something else: 'one of these signs'.
  const numbers = numbersIn(
    words.replace(/\p{L}+/gu, (word) =>
      (NUMBER_WORDS[word] ?? LEAST_LENGTH) < LEAST_LENGTH ? '' : word,
    ),
  );
  return speaksOf('characters', words) ? numbers.at(-1) : undefined;
}

/** The numbers of bare words, written in digits or, up to a hundred, in words. */
function numbersIn(words: string): number[] {
  return words.split(' ').flatMap((word) => {
    const number = /^\d{1,5}$/.test(word) ? Number(word) : NUMBER_WORDS[word];
    return number === undefined ? [] : [number];
  });
}

const AND = /\s(?:and|und|et|y|e|en|i|och|og)\s/u;
const CLAUSE = /,|;|:(?=\s)|\s(?:and|und|et|y|e|en|i|och|og)\s/u;

/**
 * Fields and numbers of a sentence that come by turns, each number with its field: '90 in the question and 40 in the answers', or
 * 'question 90, answers 40', whatever words stand between; undefined where they don't.
 */
function pairedLengths(sentence: string): (readonly [Subject, number])[] | undefined {
  const said: (Subject | number)[] = [];
  for (const word of bareWords(sentence).split(' ')) {
    const number = numbersIn(word).find((value) => value >= LEAST_LENGTH);
    const own = number ?? subjectIn(word);
    // Two words may name one field: 'answer options'.
    if (own !== undefined && own !== said.at(-1)) {
      said.push(own);
    }
  }
  const isNumber = (at: number): boolean => typeof said[at] === 'number';
  const isTurn = said.every((_, at) => at === 0 || isNumber(at) !== isNumber(at - 1));
  const pairs = Array.from({ length: said.length / 2 }, (_, at) => said.slice(at * 2, at * 2 + 2));
  return said.length < 4 || said.length % 2 || !isTurn
    ? undefined
    : pairs.map(([one, other]) =>
        typeof one === 'number' ? [other as Subject, one] : [one!, other as number],
      );
}

/** A greatest length that a sentence gives without its unit, behind one that names it, 'Answers: at most 60.'; whether it does. */
function readLengthAlone(words: string, limits: Limits): boolean {
  const subject = subjectIn(words);
  const [number, ...others] = numbersIn(words);
  const isLength =
    subject !== undefined &&
    number !== undefined &&
    !others.length &&
    number > MOST_OPTIONS &&
    // What is counted stands behind its number.
    words.endsWith(`${number}`) &&
    MOST_WORDS.test(words);
  if (isLength) {
    limits[subject] ??= number;
  }
  return isLength;
}

/** The limits of a sentence that speaks of characters: each clause with a number says it of its field, or of the last one named. */
function readLengths(sentence: string, limits: Limits): void {
  const paired = pairedLengths(sentence);
  if (paired) {
    paired.forEach(([own, number]) => {
      limits[own] ??= number;
    });
    return;
  }
  let subject: Subject | undefined;
  for (const clause of sentence.split(CLAUSE)) {
    const words = bareWords(clause);
    subject = subjectIn(words) ?? subject;
    const number = numbersIn(words).find((value) => value >= LEAST_LENGTH);
    if (subject && number !== undefined) {
      limits[subject] ??= number;
    }
  }
}

/** Shorter than this no text is meant. */
const LEAST_LENGTH = 10;
/** Fewer questions than this fill no file. */
const LEAST_PER_FILE = 4;
const MOST_OPTIONS = 26;
const LEAST_WORDS =
  /\b(?:at least|minimum|mindestens|au moins|al menos|almeno|minstens|pelo menos|co najmniej|minst|mindst)\b/;

/** Whether the first number of some words counts questions, 'One question per row, at most 6 options': no range begins there. */
function countsQuestionsFirst(words: string): boolean {
  const all = words.split(' ');
  const [first = 0, second = all.length] = all.flatMap((word, at) =>
    numbersIn(word).length ? [at] : [],
  );
  return speaksOf('questions', all.slice(first, second).join(' '));
}

/** A range of options, `2 to 6 answers`. */
function readRange([first = 0, second]: readonly number[], words: string, limits: Limits): boolean {
  const isRange = second !== undefined && first < second && second <= MOST_OPTIONS;
  if (!isRange || !speaksOf('options', words)) {
    return false;
  }
  limits.optionsMin ??= first;
  limits.optionsMax ??= second;
  return true;
}

/** How many questions a file holds, `at most 40 questions`. */
function readPerFile(numbers: readonly number[], words: string, limits: Limits): boolean {
  const isAboutFile = speaksOf('file', words) || MOST_WORDS.test(words);
  const isAboutOptions = speaksOf('options', words) && numbers[0]! <= MOST_OPTIONS;
  if (!isAboutFile || !speaksOf('questions', words) || isAboutOptions) {
    return false;
  }
  const most = Math.max(...numbers);
  if (most >= LEAST_PER_FILE) {
    limits.perFile ??= most;
  }
  return true;
}

/** The fewest or the most options alone. */
function readOptions(numbers: readonly number[], words: string, limits: Limits): void {
  const [only = 0] = numbers;
  if (numbers.length !== 1 || only < 2 || only > MOST_OPTIONS || !speaksOf('options', words)) {
    return;
  }
  if (LEAST_WORDS.test(words)) {
    limits.optionsMin ??= only;
  } else if (MOST_WORDS.test(words)) {
    limits.optionsMax ??= only;
  }
}

function readCounts(words: string, limits: Limits): void {
  const all = numbersIn(words);
  const numbers = all[0] === 1 && countsQuestionsFirst(words) ? all.slice(1) : all;
  if (!numbers.length || saysRightAnswer(words)) {
    return;
  }
  if (!readRange(numbers, words, limits) && !readPerFile(numbers, words, limits)) {
    readOptions(numbers, words, limits);
  }
}
const MOST_WORDS =
  /\b(?:up to|at most|no more than|not more than|max(?:imum|imal)?|hochstens|bis zu|au plus|jusqu|como maximo|hasta|al massimo|fino a|hoogstens|maximaal|tot|no maximo|ate|co najwyzej|hogst|hojst)\b/;

/** The limits that a sentence of instructions states, clause by clause; the unit carries over to the clauses behind it. */
export function limitsIn(text: string): Limits {
  const limits: Limits = {};
  let isCounting = false;
  for (const sentence of sentencesOf(text)) {
    const words = bareWords(sentence);
    if (!speaksOf('characters', words)) {
      isCounting &&= readLengthAlone(words, limits);
      if (!isCounting) {
        readCounts(words, limits);
      }
      continue;
    }
    isCounting = true;
    readLengths(sentence, limits);
    // "… up to 200 characters and up to 6 options": each half says a thing of its own.
    for (const half of sentence.split(AND)) {
      const own = bareWords(half);
      if (!speaksOf('characters', own)) {
        readCounts(own, limits);
      }
    }
  }
  return limits;
}

/** The seconds that a sentence lists; undefined where it lists none. */
export function secondsListedIn(text: string): number[] | undefined {
  const numbers = speaksOf('seconds', bareWords(text)) ? listedNumbers(text) : undefined;
  return numbers && numbers.length > 2 ? numbers : undefined;
}

/** The seconds listed in a heading, '(15, 25, 40 or 75)'; undefined where fewer than two stand there. */
export function listedNumbers(text: string): number[] | undefined {
  const match =
    /((?:\d{1,4}\s*(?:,|\/|;|or|oder|ou|o|of|lub|eller)\s*(?:or|oder|ou|o|of|lub|eller)?\s*)+\d{1,4})/u.exec(
      text,
    );
  const numbers = match?.[1]!.split(/\D+/).filter(Boolean).map(Number);
  return numbers && numbers.length > 1 ? numbers : undefined;
}
