// Lists of words with more than two columns: a word, what it means, and beside them its forms, its kind, an example.
import { alike } from '../shared/normalise';
import { takenFor, type Assigned } from './assign';
import { filledOf, isRepeated, says } from './column-words';
import { roleOfMeaning, type ColumnView, type Meaning, type TableView } from './contract';

/** Two columns are a pair and nothing else. */
const FEWEST_COLUMNS = 3;
const FEWEST_ROWS = 3;
const NAMED = 0.5;
const SAID = 0.8;
const MOSTLY = 0.8;
const SOME = 0.6;

/** What no list of words has beside its words. */
const ASKED: ReadonlySet<Meaning> = new Set<Meaning>([
  'option',
  'options',
  'key',
  'verdict',
  'weight',
  'right',
  'wrong',
  'wrongs',
  'step',
  'left',
  'right-side',
  'pair',
  'value',
  'tolerance',
  'pick',
]);
/** What a column that stands beside words may have been taken for without a word that says so. */
const UNTOLD: ReadonlySet<Meaning> = new Set<Meaning>([
  'accepted',
  'definition',
  'term',
  'kind',
  'category',
  'unit',
  'title',
  'use',
  'hint',
  'ignore',
  'endings',
]);

const ASKS = /[?？؟:]\s*$|_{2}|\.{3}|…/u;
const FEW_WORDS = 4;
const areWords = (column: ColumnView): boolean =>
  filledOf(column).every((text) => !ASKS.test(text) && text.split(/\s+/u).length <= FEW_WORDS);

const SENTENCE = /^\p{Lu}.*\s\S+[.!?]$/u;
/** Whether most texts are sentences, however short. */
const areSentences = (column: ColumnView): boolean =>
  filledOf(column).filter((text) => SENTENCE.test(text)).length > filledOf(column).length * MOSTLY;

/** How much of the rows pass a test of a cell beside the word of its row. */
function shareBeside(
  word: ColumnView,
  other: ColumnView,
  test: (word: string, text: string) => boolean,
): number {
  const rows = word.texts
    .map((text, row) => [alike(text), alike(other.texts[row] ?? '')] as const)
    .filter(([own, text]) => own && text);
  return rows.filter(([own, text]) => test(own, text)).length / Math.max(1, rows.length);
}

/** So much of a word stays as it is in its forms, and so many letters. */
const ROOT = 0.6;
const FEWEST_LETTERS = 2;
/** What a word's forms begin with; of several words, "the hammer", that of the longest. */
function rootOf(text: string): string {
  const word = text.split(/\s+/u).reduce((most, one) => (one.length > most.length ? one : most));
  return word.slice(0, Math.max(FEWEST_LETTERS, Math.floor(word.length * ROOT)));
}

/** Forms of the words, their plurals or tenses: short, and they begin as the words do. */
const areForms = (word: ColumnView, other: ColumnView): boolean =>
  areWords(other) &&
  shareBeside(word, other, (own, text) =>
    text.split(/\s+/u).some((part) => part.startsWith(rootOf(own))),
  ) >= SOME;

const wordsIn = (text: string): number => text.split(/\s+/u).length;
/** Whether a text says more than a word does: by its words, or where nothing parts them by its length. */
const isLonger = (text: string, word: string): boolean =>
  wordsIn(text) > wordsIn(word) + 1 || text.length > word.length * 2;

const BETWEEN_PARTS = /\s*[,;|/\n]\s*/u;
/** Whether a text lists a word among others. */
const lists = (text: string, word: string): boolean => text.split(BETWEEN_PARTS).includes(word);

/** Examples: sentences in which the words stand. */
const areExamples = (word: ColumnView, other: ColumnView): boolean =>
  shareBeside(
    word,
    other,
    (own, text) => isLonger(text, own) && text.includes(rootOf(own)) && !lists(text, own),
  ) >= SOME && filledOf(other).filter((text) => /\s\S+\s/u.test(text)).length > 0;

/** How sure it is what stands beside the words, where cells show it and where only the place does. */
const SHOWN = 0.9;
const PERHAPS = 0.6;

const sides = (column: ColumnView): number => says(column, 'term', 'definition');

/** What a column beside a word and its meaning is. */
function beside(word: ColumnView, own: ColumnView, one: Assigned): Assigned {
  const isTold = says(own, one.meaning) > NAMED;
  const isForm = areForms(word, own);
  if (areExamples(word, own)) {
    return takenFor(one, 'explanation', PERHAPS);
  }
  if (isForm || (isRepeated(own) && !(isTold && one.meaning === 'category'))) {
    return takenFor(one, 'tag', SHOWN);
  }
  const answers = one.meaning === 'accepted' || one.meaning === 'definition';
  return isTold && !answers ? one : takenFor(one, 'tag', PERHAPS);
}

/** The columns of the word and of what it means; undefined where a table is no list of words. */
function wordAndMeaning(
  { columns }: TableView,
  assigned: readonly Assigned[],
): { word: number; meaning: number } | undefined {
  const word = assigned.findIndex(({ meaning }) => roleOfMeaning(meaning) === 'stem');
  const own = columns[word];
  const asks =
    assigned.some(({ meaning }) => ASKED.has(meaning)) ||
    columns.some((column) => says(column, 'stem') > NAMED);
  if (!own || asks || !areWords(own) || isRepeated(own)) {
    return undefined;
  }
  const meant = columns
    .map((column, at) => ({ column, at, said: sides(column) }))
    .filter(
      ({ column, at, said }) =>
        at !== word &&
        said > NAMED &&
        filledOf(column).length >= column.texts.length * MOSTLY &&
        !isRepeated(column) &&
        !areForms(own, column) &&
        !areExamples(own, column),
    )
    .sort((a, b) => says(b.column, 'definition') - says(a.column, 'definition'));
  return meant.length ? { word, meaning: meant[0]!.at } : undefined;
}

/** Two columns of words without headings, beside sentences in which those of one of them stand: that one is what is learned. */
function shownByExamples({ columns }: TableView): { word: number; meaning: number } | undefined {
  const asks = columns.some(
    (column) => filledOf(column).filter((text) => ASKS.test(text)).length > column.texts.length / 2,
  );
  const words = columns.flatMap((column, at) =>
    areWords(column) &&
    !areSentences(column) &&
    filledOf(column).every((text) => /\p{L}/u.test(text)) &&
    !isRepeated(column) &&
    filledOf(column).length >= column.texts.length * MOSTLY
      ? [at]
      : [],
  );
  const [first, second] = words;
  const isHeaded = columns.some(({ heading }) => heading !== '');
  if (first === undefined || second === undefined || isHeaded || asks) {
    return undefined;
  }
  const hasExamples = (word: number): boolean =>
    columns.some((column, at) => !words.includes(at) && areExamples(columns[word]!, column));
  if (hasExamples(first)) {
    return { word: first, meaning: second };
  }
  return hasExamples(second) ? { word: second, meaning: first } : undefined;
}

/** A column that is said to tell what words mean, beside a word and the sentences in which it stands, whatever these are called. */
function toldByMeaning({ columns }: TableView): { word: number; meaning: number } | undefined {
  const meaning = columns.findIndex((column) => says(column, 'definition') > SAID);
  const told = columns[meaning];
  const isAnswered = columns.some((column) => says(column, 'option', 'right', 'wrong') > NAMED);
  if (!told || isAnswered) {
    return undefined;
  }
  const word = columns.findIndex(
    (column, at) =>
      at !== meaning &&
      areWords(column) &&
      !areSentences(column) &&
      !isRepeated(column) &&
      columns.some(
        (other) => other !== told && says(other, 'stem') > NAMED && areExamples(column, other),
      ),
  );
  return word < 0 ? undefined : { word, meaning };
}

/**
 * A list of words taken for cards: the word, what it means, and what else stands beside them kept as tags, or as what is
 * shown afterwards.
 */
export function withForms(
  view: TableView,
  assigned: readonly Assigned[],
  said: ReadonlyMap<number, Meaning>,
): Assigned[] {
  const isList = view.columns.length >= FEWEST_COLUMNS && view.rows >= FEWEST_ROWS && !view.blank;
  const isAsked = isList && said.size === 0;
  const shown = isAsked ? (shownByExamples(view) ?? toldByMeaning(view)) : undefined;
  const found = shown ?? (isAsked ? wordAndMeaning(view, assigned) : undefined);
  if (!found) {
    return [...assigned];
  }
  const own = view.columns[found.word]!;
  return assigned.map((one, at) => {
    const column = view.columns[at]!;
    if (at === found.word || at === found.meaning) {
      const p = shown || sides(column) > SAID ? Math.max(one.p, SHOWN) : one.p;
      return takenFor(one, at === found.word ? 'term' : 'definition', p);
    }
    if (shown && areExamples(own, column)) {
      return takenFor(one, 'explanation', SHOWN);
    }
    return shown || UNTOLD.has(one.meaning) ? beside(own, column, one) : one;
  });
}
