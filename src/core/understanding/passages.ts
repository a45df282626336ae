// The texts that questions are about, in a column of their own before them: one for each question, or one for several.
import { bareWords } from '../shared/normalise';
import { takenFor, type Assigned } from './assign';
import { filledOf, says } from './column-words';
import type { ColumnView, Meaning, TableView } from './contract';

const LEAST_ROWS = 2;
/** What such a text may be taken for, where its heading is the maker's own word: 'Vignette'. */
export const MAY_TELL: ReadonlySet<Meaning> = new Set<Meaning>([
  'explanation',
  'feedback-right',
  'feedback-wrong',
  'hint',
  'title',
  'tag',
  'ignore',
]);
/** What it may be taken for besides, where its word or its place over several questions shows what it is. */
const MAY_BE: ReadonlySet<Meaning> = new Set<Meaning>([
  ...MAY_TELL,
  'step',
  'option',
  'options',
  'accepted',
  'category',
  'stem',
]);
/** Words for a text that questions are asked about. Common practice, no source. */
const PASSAGE =
  /^(?:(?:reading|source|stimulus|case|context) )?(?:passage|text|extract|excerpt|scenario|stimulus|vignette|reading|source|case(?: study)?|context|situation|lesetext|ausgangstext|fall(?:beispiel)?|texte|extrait|brano|testo|texto|fragmento|tekst|leestekst|casus)$/;

const TOLD = 0.7;
const MOSTLY = 0.8;
const LONG_TEXT = 40;
/** Under a word for such a text a short sentence is one as well. */
const NAMED_TEXT = 15;
const ENDS = /[.!…。][)"'”’»]?\s*$/u;
const ASKS_AT_END = /[?？؟:…_]\s*$/u;

/** How sure it is that a column holds the texts that questions are about, by its cells and by a word for it as well. */
const SHOWN = 0.6;
const NAMED = 0.9;

const isText = (text: string, isNamed: boolean): boolean =>
  text.length >= (isNamed ? NAMED_TEXT : LONG_TEXT) && ENDS.test(text);

/** Whether texts stand above several rows each: the first row has one, and it and others have rows without one below. */
const areShared = (column: ColumnView): boolean =>
  column.texts[0] !== '' && filledOf(column).length * 2 <= column.texts.length + 1;

/** Whether a column may hold what questions are about, by its word, by its place over several of them, or as it was taken. */
function mayBePassage(column: ColumnView, { meaning }: Assigned, isNamed: boolean): boolean {
  const isShared = areShared(column);
  if (isNamed || !MAY_TELL.has(meaning)) {
    return (isNamed && isShared) || ((isNamed || isShared) && MAY_BE.has(meaning));
  }
  return says(column, meaning) <= TOLD;
}

/** How sure it is that a column before the questions holds what they are about; 0 where it does not. */
function passageOdds(column: ColumnView, one: Assigned): number {
  const filled = filledOf(column);
  const isNamed = PASSAGE.test(bareWords(column.heading));
  const isPlaced = filled.length >= column.texts.length * MOSTLY || areShared(column);
  const areTexts = filled.filter((text) => isText(text, isNamed)).length >= filled.length * MOSTLY;
  if (!isPlaced || !areTexts || !mayBePassage(column, one, isNamed)) {
    return 0;
  }
  return isNamed ? NAMED : SHOWN;
}

/** What no word says of a receiver's column for the text that several questions share. */
const UNSAID: ReadonlySet<Meaning> = new Set<Meaning>([...MAY_BE, 'kind']);

/** A receiver's column for such a text beside one that is called the question: a question brings its text along itself. */
function withoutPlace(
  columns: TableView['columns'],
  assigned: readonly Assigned[],
  said: ReadonlyMap<number, Meaning>,
): Assigned[] {
  const question = columns.findIndex((column) => says(column, 'stem') > TOLD);
  return assigned.map((one, at) => {
    const isPassage =
      at < question && !said.has(at) && PASSAGE.test(bareWords(columns[at]!.heading));
    return isPassage && UNSAID.has(one.meaning) ? takenFor(one, 'ignore', SHOWN) : one;
  });
}

/** Whether a row holds such a text in front of the questions and nothing from there on: those come in the rows below. */
const isPassageAlone = (columns: TableView['columns'], stem: number, row: number): boolean =>
  columns.slice(0, stem).some(({ texts }) => (texts[row] ?? '').length >= NAMED_TEXT) &&
  columns.slice(stem).every(({ texts }) => !texts[row]);

/** The text that questions are about, in a column of its own before them, taken for the first part of each question. */
export function withPassage(
  { columns, rows, blank }: TableView,
  assigned: readonly Assigned[],
  said: ReadonlyMap<number, Meaning>,
): Assigned[] {
  const stems = assigned.flatMap(({ meaning }, column) => (meaning === 'stem' ? [column] : []));
  const stem = stems.at(-1) ?? -1;
  if (blank) {
    return withoutPlace(columns, assigned, said);
  }
  const texts = columns[stem]?.texts ?? [];
  const questions = texts.filter((text, row) => text || !isPassageAlone(columns, stem, row));
  const asks = questions.filter((text) => ASKS_AT_END.test(text));
  if (rows < LEAST_ROWS || stem < 1 || asks.length < questions.length * MOSTLY) {
    return [...assigned];
  }
  return assigned.map((one, column) => {
    const p = column < stem && !said.has(column) ? passageOdds(columns[column]!, one) : 0;
    return p > 0 ? takenFor(one, 'stem', p) : one;
  });
}
