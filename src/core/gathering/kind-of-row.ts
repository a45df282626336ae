// Which kind of question a row holds: by its own word for it, else by what its cells become.
import type { Kind, Option } from '../model';
import { betweenBounds } from '../shared/bounds';
import { alike, numberOf, quantityOf } from '../shared/normalise';
import { beginsKind, kindsOfWords } from '../shared/vocabulary/kinds';
import { trueFalseWords, verdictPair } from '../shared/vocabulary/verdicts';
import { drawnGaps } from './answers';
import type { KindWords, Manner } from './manner';
import { judgesRow, type Row } from './row';

const answerOf = (row: Row): string => row.text('accepted') || row.text('key');

/** A column of numbers may hold an answer that is none. */
const typedAnswer = (row: Row): string => answerOf(row) || row.text('value');

/** All that answers a row. */
const answersOf = (row: Row): readonly string[] =>
  row.any('accepted') ? row.texts('accepted') : [answerOf(row)];

/** Whether two texts are a pair such as True and False. */
export const isTruthPair = (a: string, b: string): boolean => verdictPair([a, b]) !== undefined;

/** The kinds that columns of their own show. */
function fromColumns(row: Row): Kind | undefined {
  if (row.any('pair') || row.any('left')) {
    return 'match';
  }
  if (row.any('step')) {
    return 'order';
  }
  if (numberOf(row.text('value')) !== undefined || quantityOf(row.text('value'))) {
    return 'number';
  }
  // Two bounds are a number and its tolerance.
  if (betweenBounds(row.texts('tolerance'))) {
    return 'number';
  }
  return row.text('endings') ? 'upload' : undefined;
}

function fromOptions(options: readonly Option[], manner: Manner): Kind {
  const [first, second] = options;
  if (options.length === 2 && isTruthPair(first!.text.plain, second!.text.plain)) {
    return 'true-false';
  }
  const right = options.filter((option) => option.right).length;
  return right > 1 && manner.key.style !== 'first' ? 'choice-many' : 'choice-one';
}

/** The kind of an answer that is typed. */
function fromAnswer(row: Row, manner: Manner): Kind | undefined {
  const answer = typedAnswer(row);
  const quantity = quantityOf(answer);
  // Beside other kinds, a lone number is a question for a number.
  const isNumber = quantity?.tolerance !== undefined || row.text('tolerance') || row.text('kind');
  if (quantity && isNumber) {
    return 'number';
  }
  const drawn = drawnGaps(row.text('stem'), answersOf(row));
  if (drawn && (answer || !row.text('lines'))) {
    return 'gap';
  }
  if (!answer || row.text('lines')) {
    return undefined;
  }
  return manner.cards ? 'card' : 'short';
}

/** Whether there are as many cells as gaps are drawn, and none of them is told to be the right one: the words that go in. */
function areGaps(options: readonly Option[], row: Row, { key }: Manner): boolean {
  const gaps = drawnGaps(row.text('stem'), [''])?.gaps.length ?? 0;
  const isToldNowhere = !row.text('key') && options.every((option) => !option.right);
  return gaps > 0 && gaps === options.length && isToldNowhere && key.style !== 'marker';
}

/** Whether a row says what goes into its gaps, whatever words it offers to choose from. */
const saysGaps = (row: Row): boolean =>
  row.any('accepted') && drawnGaps(row.text('stem'), row.texts('accepted')) !== undefined;

/** The kind of a row whose options, typed or chosen, stand in columns for options. */
function fromCells(options: readonly Option[], row: Row, manner: Manner): Kind | undefined {
  if (!options.length) {
    return undefined;
  }
  // A word for the kind that is not known, and one cell: an answer that is typed.
  const isTyped = options.length === 1 && row.text('kind') !== '' && !row.text('key');
  if (isTyped) {
    return quantityOf(options[0]!.text.plain) ? 'number' : 'short';
  }
  return areGaps(options, row, manner) || saysGaps(row) ? 'gap' : fromOptions(options, manner);
}

/** True or false, by a word in the key or by a tick under one of two headings; beside other kinds the word of its one row will do. */
function fromTruth(row: Row, manner: Manner): Kind | undefined {
  if (row.text('kind') && trueFalseWords(answerOf(row))) {
    return 'true-false';
  }
  const isSaid = manner.key.style === 'word' && row.text('key') !== '';
  return judgesRow(row) || isSaid ? 'true-false' : undefined;
}

/** What a row without any answer is: a choice that lacks its options, or a question that a person marks. */
function fromNothing(row: Row): Kind {
  const isPlain = !row.text('lines') && !row.text('kind');
  return isPlain && (row.has('option') || row.has('options')) ? 'choice-one' : 'open';
}

/** The kind of a row that does not name it. */
export const inferKind = (options: readonly Option[], row: Row, manner: Manner): Kind =>
  fromColumns(row) ??
  fromCells(options, row, manner) ??
  fromTruth(row, manner) ??
  fromAnswer(row, manner) ??
  fromNothing(row);

/** Whether a row whose word for its kind begins as words for putting in order do holds texts of which none is told to be right. */
const asSteps = (row: Row, word: string): boolean =>
  row.has('option') && !row.text('key') && !row.text('right') && beginsKind(word, 'order');

/**
 * The meaning of each word of a kind column: the known word where it is one, else the kind that most of its rows look
 * like. `looks` tells how a row looks without its word.
 */
export function learnKindWords(rows: readonly Row[], looks: (row: Row) => Kind): KindWords {
  const tally = new Map<string, Map<Kind, number>>();
  const words = new Map(rows.map((row) => [alike(row.text('kind')), row.text('kind')]));
  const kinds = kindsOfWords([...words.values()]);
  const known = new Map(
    [...words.keys()].flatMap((name, index) => {
      const kind = kinds[index];
      return name && kind ? [[name, kind] as const] : [];
    }),
  );
  for (const row of rows) {
    const word = row.text('kind');
    const name = alike(word);
    if (!word || known.has(name)) {
      continue;
    }
    const counts = tally.get(name) ?? new Map<Kind, number>();
    const kind = asSteps(row, word) ? 'order' : looks(row);
    counts.set(kind, (counts.get(kind) ?? 0) + 1);
    tally.set(name, counts);
  }
  for (const [name, counts] of tally) {
    const [best] = [...counts].sort((a, b) => b[1] - a[1]);
    if (best && tally.size + known.size > 1) {
      known.set(name, best[0]);
    }
  }
  return known;
}
