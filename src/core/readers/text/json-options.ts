// The options of questions that are kept as JSON: which key holds them, and what the keys of each say, told by their words
// or, in words that nobody listed, by their values.
import { defined } from '../../shared/defined';
import { wholly } from '../../shared/vocabulary/phrases';
import { verdictOf } from '../../shared/vocabulary/verdicts';
import { isRecord, isScalar, keyWords, plain, type Json, type JsonRecord } from './json-kinds';

/** Keys that hold the options of a question. */
const OPTIONS = wholly({
  en: ['options?', 'choices?', 'answers?', 'alternatives?', 'replies', 'responses?'],
  de: ['antworten', 'auswahl'],
  fr: ['reponses?'],
  es: ['opciones', 'respuestas'],
  it: ['opzioni', 'risposte'],
  nl: ['antwoorden'],
  pt: ['opcoes', 'respostas'],
  cy: ['atebion'],
});
/** Keys that say of an option whether it is right. */
const RIGHT = wholly({
  en: ['(?:is ?)?(?:correct|right|true)'],
  de: ['(?:is ?)?(?:richtig|korrekt)'],
  fr: ['(?:is ?)?juste'],
  es: ['(?:is ?)?correcta?'],
  it: ['(?:is ?)?corretta?'],
  nl: ['(?:is ?)?juist'],
  pt: ['(?:is ?)?certa?'],
  cy: ['(?:is ?)?cywir'],
});
/** Words that call the options as well as the right ones among them. */
const ANSWERS = wholly({
  en: ['answers?', 'responses?', 'replies'],
  de: ['antworten'],
  fr: ['reponses?'],
  es: ['respuestas'],
  it: ['risposte'],
  nl: ['antwoorden'],
  pt: ['respostas'],
  cy: ['atebion'],
});
const TEXT = /^(?:text|label|option|value|answer|content|title)$/;
const FEEDBACK = /^(?:feedback|explanation|comment)$/;
const WEIGHT = /^(?:weight|fraction|credit|score)$/;

/** Whether a key's words call the options of a question. */
const callsOptions = (key: string): boolean => OPTIONS.test(keyWords(key));

/** What is listed under a key, as a list or by keys of its own. */
const listIn = (value: Json | undefined): Json[] => {
  if (Array.isArray(value)) {
    return value;
  }
  return isRecord(value) ? Object.values(value) : [];
};

/** What a value says of an option: right or wrong; undefined where it says neither. */
function verdictIn(value: Json | undefined): boolean | undefined {
  if (typeof value === 'string') {
    return verdictOf(value);
  }
  return value === true || value === 1 || (value !== false && value !== 0 ? undefined : false);
}

/** Whether values say right or wrong of each option, and not the same of all. */
function areVerdicts(values: readonly (Json | undefined)[]): boolean {
  const said = new Set(values.filter((value) => value !== undefined).map(verdictIn));
  return said.size === 2 && !said.has(undefined);
}

/** The options of a list that are objects, where all of them are. */
function objectsIn(list: readonly Json[] = []): JsonRecord[] {
  const objects = list.filter(isRecord);
  return objects.length > 1 && objects.length === list.length ? objects : [];
}

/** Objects of more keys than this are no questions and no options. */
const MOST_KEYS = 200;
/** The keys that objects have; none where they are too many. */
function keysOf(objects: readonly JsonRecord[]): string[] {
  const keys = new Set<string>();
  for (const one of objects) {
    Object.keys(one).forEach((key) => keys.add(key));
    if (keys.size > MOST_KEYS) {
      return [];
    }
  }
  return [...keys];
}

/** Whether a list holds options by its values: each an object with a text and whether it is right. */
function holdsVerdicts(value: Json | undefined): boolean {
  const objects = objectsIn(listIn(value));
  return keysOf(objects).some((key) => areVerdicts(objects.map((one) => one[key])));
}

/** Whether a list holds texts of which another value of the record is one. */
function holdsAnswer(record: JsonRecord, key: string): boolean {
  const list = listIn(record[key]);
  const texts = new Set(list.filter((one) => typeof one === 'string'));
  return (
    texts.size > 1 &&
    texts.size === list.length &&
    Object.values(record).some((other) => typeof other === 'string' && texts.has(other))
  );
}

/**
 * The key that holds the options of a record: by its words, or by its values where no word is known. Beside another list,
 * one whose word could mean the right ones is what tells them.
 */
function optionsKey(record: JsonRecord): string | undefined {
  const keys = Object.keys(record).filter((key) => !isScalar(record[key]));
  const called = keys.filter((key) => callsOptions(key) && record[key] !== null);
  return (
    called.find((key) => !ANSWERS.test(keyWords(key))) ??
    called[0] ??
    keys.find((key) => holdsVerdicts(record[key])) ??
    keys.find((key) => holdsAnswer(record, key))
  );
}

/** A record with the key that holds its options, and these; without both where it has none. */
export type Question = { record: JsonRecord; key?: string; options?: Json[] };
/** A record as a question. */
export function questionOf(record: JsonRecord): Question {
  const key = optionsKey(record);
  return key === undefined ? { record } : { record, key, options: listIn(record[key]) };
}

const ASKS = /[?？؟]\s*$/u;

/** Whether a key holds the options of its record, rather than questions of their own: by its words, or below a text that asks. */
export const holdsOptions = (record: JsonRecord, key: string): boolean =>
  callsOptions(key) ||
  (holdsVerdicts(record[key]) &&
    Object.values(record).some((other) => typeof other === 'string' && ASKS.test(other)));

/** The keys of options that are objects. */
export type OptionKeys = { text?: string; verdict?: string; feedback?: string; weight?: string };

/** A letter or a number, as 'a', 'o-2' or '17'. */
const REFERENCE = /^\p{L}{0,3}[-_.]?\d*$/u;
/** How long a text is that says something of an option, and is no reference to it. */
const REMARK = 8;

/** What the keys of the options of all records say. */
export function optionKeysOf(questions: readonly Question[]): OptionKeys {
  const objects = questions.flatMap(({ options }) => objectsIn(options));
  const keys = keysOf(objects);
  const lengths = new Map(
    keys.map((key) => {
      const texts = objects.flatMap((one) => (typeof one[key] === 'string' ? [one[key]] : []));
      return [key, texts.reduce((sum, { length }) => sum + length, 0) / (texts.length || 1)];
    }),
  );
  const byLength = [...keys].sort((a, b) => lengths.get(b)! - lengths.get(a)!);
  const named = (words: RegExp): string | undefined =>
    byLength.find((key) => words.test(keyWords(key)));
  const verdict = named(RIGHT) ?? keys.find((key) => areVerdicts(objects.map((one) => one[key])));
  const texts = byLength.filter((key) => key !== verdict && lengths.get(key)! > 0);
  const isInAll = (key: string): boolean =>
    objects.every((one) => isScalar(one[key])) &&
    objects.some((one) => !REFERENCE.test(plain(one[key])));
  // What is said of a text stands behind it.
  const text = named(TEXT) ?? keys.find((key) => texts.includes(key) && isInAll(key));
  const feedback =
    named(FEEDBACK) ?? texts.find((key) => key !== text && lengths.get(key)! > REMARK);
  return defined({ text, verdict, feedback, weight: named(WEIGHT) });
}

/**
 * The key that tells the answer where its word does not: a letter alone whose values are texts of the options, or true and
 * false of records that have no options.
 */
export function answerKeyOf(questions: readonly Question[]): string | undefined {
  return keysOf(questions.map(({ record }) => record)).find((key) => {
    const told = questions.flatMap(({ record, options }) =>
      key in record ? [{ value: record[key], options }] : [],
    );
    const isText = told.every(({ value, options }) => options?.includes(value!));
    const isTruth = told.every(
      ({ value, options }) => options === undefined && typeof value === 'boolean',
    );
    return (key.length === 1 && isText) || (isTruth && told.length < questions.length);
  });
}

/** One option's cells: its text, and its verdict, feedback and weight where it is an object. */
export function optionCells(option: Json, keys: OptionKeys, n: number): [string, string][] {
  if (!isRecord(option)) {
    return [[`option ${n}`, plain(option)]];
  }
  const headings = [
    [keys.text, 'option'],
    [keys.verdict, 'verdict'],
    [keys.feedback, 'feedback'],
    [keys.weight, 'weight'],
  ] as const;
  return headings.flatMap(([key, name]): [string, string][] =>
    key !== undefined && key in option ? [[`${name} ${n}`, plain(option[key])]] : [],
  );
}
