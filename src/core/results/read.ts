// A file of results: a learner a row, a question a column, answers as letters, numbers, texts, 0 and 1, or points.
import type { Finding, Item } from '../model';
import { optionLetter, quoted } from '../shared/plain';
import { isScored, namesSeveral, scoresOf } from './answers';
import { Headings, type Heading } from './headings';
import { say } from '../shared/say';

/** A question's column: the answers as written, their scores, and which option each chose (from 0). */
export type Column = {
  ref: string;
  item: Item | undefined;
  answers: string[];
  scores: (number | undefined)[];
  chosen: (number | undefined)[];
};
export type Read = { learners: string[]; columns: Column[]; findings: Finding[] };

/** So many names of columns stand in a sentence. */
const NAMED = 4;

function columnOf(heading: Extract<Heading, { ref: string }>, answers: string[]): Column {
  const { ref, item } = heading;
  return { ref, item, answers, ...scoresOf(answers, item, heading.is === 'points') };
}

const named = (refs: readonly string[]): string =>
  refs
    .slice(0, NAMED)
    .map((ref) => quoted(ref, 30))
    .join(', ') + (refs.length > NAMED ? ' …' : '');

/** Answers whose column can't be scored: no question is known for it and it holds no 0 and 1. */
function unscored(columns: readonly Column[]): Finding[] {
  const lost = columns.filter(({ scores }) => scores.every((score) => score === undefined));
  if (!lost.length) {
    return [];
  }
  const unknown = lost.filter(({ item }) => !item).map(({ ref }) => ref);
  const byHand = lost.filter(({ item }) => item).map(({ ref }) => ref);
  const messages = [
    unknown.length &&
      say(
        '{unknown, plural, one {# column} other {# columns}} could not be matched to a question: {named}. Head a column with the question’s reference, title or text.',
        { unknown: unknown.length, named: named(unknown) },
      ),
    byHand.length &&
      say(
        '{byHand, plural, one {# column} other {# columns}} can’t be scored from the answers alone: {named}. Give 0 and 1, or a column of points.',
        { byHand: byHand.length, named: named(byHand) },
      ),
  ];
  return messages.flatMap((message): Finding[] =>
    message ? [{ rule: 'results-unmatched', level: 'warn', message }] : [],
  );
}

/** Columns of 0 and 1 that no question of the bank is known for: they count, and stand under their own heading. */
function strangers(columns: readonly Column[], known: number): Finding[] {
  const others = columns.filter(({ item }) => !item).map(({ ref }) => ref);
  return known && others.length
    ? [
        {
          rule: 'results-not-in-bank',
          level: 'note',
          message: say(
            '{others, plural, one {# column} other {# columns}} of 0 and 1 {others, plural, one {belongs} other {belong}} to no question of the bank: {named}. Its figures stand under that heading.',
            { others: others.length, named: named(others) },
          ),
        },
      ]
    : [];
}

/** Answers that name no option of their question. */
function strange(columns: readonly Column[]): Finding[] {
  return columns.flatMap(({ ref, item, answers, chosen, scores }): Finding[] => {
    const options = item?.options;
    if (!options || scores.every((score) => score === undefined) || isScored(answers)) {
      return [];
    }
    const isPoints = chosen.every((place) => place === undefined);
    const odd = answers.filter(
      (answer, at) => answer.trim() && chosen[at] === undefined && !namesSeveral(answer),
    );
    if (!odd.length || isPoints) {
      return [];
    }
    const letters = say('A to {options}', { options: optionLetter(options.length - 1) });
    const message = say(
      '{ref}: {odd, plural, one {# answer} other {# answers}} such as {example} {odd, plural, one {is none of the options {letters}, and counts} other {are none of the options {letters}, and count}} as wrong.',
      { ref, odd: odd.length, example: quoted(odd[0]!, 20), letters },
    );
    return [{ rule: 'results-answer-unknown', level: 'note', message }];
  });
}

/** Of an answer's column and a points' column of one question the answers stay, unless they can't be scored. */
function onePerQuestion(columns: readonly Column[]): Column[] {
  const kept = new Map<unknown, Column>();
  for (const column of columns) {
    const key = column.item ?? column;
    const other = kept.get(key);
    if (!other || other.scores.every((score) => score === undefined)) {
      kept.set(key, column);
    }
  }
  return [...kept.values()];
}

const NAME = /name|learner|student|participant|player|e-?mail|schüler|élève|alumno|leerling/iu;

/** The learners' names: all columns that hold a part of a name, joined. */
function namesOf(headings: readonly string[], kinds: readonly Heading[]) {
  const places = headings.flatMap((heading, at) =>
    kinds[at]!.is === 'about' && NAME.test(heading) ? [at] : [],
  );
  // Of a name and an address of the post, the name is enough.
  const words = places.filter((at) => !/mail/iu.test(headings[at]!));
  return (row: readonly string[], at: number): string =>
    (words.length ? words : places)
      .map((place) => (row[place] ?? '').trim())
      .filter(Boolean)
      .join(' ') || say('Learner {at}', { at: at + 1 });
}

/** The cells of these columns, column by column; row after row, since a million cells are slow to reach in another order. */
function turned(rows: readonly (readonly string[])[], places: readonly number[]): string[][] {
  const columns = places.map(() => new Array<string>(rows.length));
  rows.forEach((row, at) => {
    columns.forEach((column, n) => {
      column[at] = row[places[n]!] ?? '';
    });
  });
  return columns;
}

/**
 * Reads rows of text: the row that names the most questions holds the headings, the first filled one where none does.
 * @param order the questions of the set that was sat, for columns that are only numbered
 */
export function readResults(
  rows: readonly (readonly string[])[],
  items: readonly Item[],
  order: readonly Item[] = [],
): Read {
  const { headings, kinds, below } = headed(rows, new Headings(items, order));
  const nameOf = namesOf(headings, kinds);
  const body = below.filter((row) => !isSummary(row, kinds));
  const asked = kinds.flatMap((kind, at) => ('ref' in kind ? [{ kind, at }] : []));
  const answers = turned(
    body,
    asked.map(({ at }) => at),
  );
  const columns = onePerQuestion(asked.map(({ kind }, n) => columnOf(kind, answers[n]!)));
  const scored = columns.filter(({ scores }) => scores.some((score) => score !== undefined));
  return {
    learners: body.map(nameOf),
    columns: scored,
    findings: [...unscored(columns), ...strangers(scored, items.length), ...strange(scored)],
  };
}

/** So many questions of the bank in one row of headings are no accident. */
const NO_ACCIDENT = 2;

/** Whether rows hold answers to questions of the bank: their headings name several of them, and little else. */
export function areResults(rows: readonly (readonly string[])[], items: readonly Item[]): boolean {
  const { kinds, below } = headed(rows, new Headings(items));
  const found = new Set(kinds.flatMap((kind) => ('item' in kind && kind.item ? [kind.item] : [])));
  const others = kinds.filter((kind) => 'ref' in kind && !kind.item);
  return found.size >= NO_ACCIDENT && found.size >= others.length && below.length > 0;
}

/** Headings stand among the first rows of a file. */
const LOOKED_AT = 12;

function headingRow(rows: readonly (readonly string[])[], known: Headings): number {
  const named = rows
    .slice(0, LOOKED_AT)
    .map((row) => row.filter((cell) => cell.trim() && known.named(cell.trim())).length);
  const most = Math.max(0, ...named);
  return most > 1 ? named.indexOf(most) : 0;
}

/** The row of headings, what each is about, and the filled rows below it. */
function headed(rows: readonly (readonly string[])[], known: Headings) {
  const filled = rows.filter((row) => row.some((cell) => cell.trim()));
  const start = headingRow(filled, known);
  const headings = filled[start] ?? [];
  const kinds = headings.map((heading): Heading =>
    heading.trim() ? known.of(heading.trim()) : { is: 'remark' },
  );
  return { headings, kinds, below: filled.slice(start + 1) };
}

/** A row that sums the learners up, or says the key: in its first cell, or in one that tells of a learner. */
const isSummary = (row: readonly string[], kinds: readonly { is: string }[]): boolean => {
  const first = row.findIndex((cell) => cell.trim());
  return row.some(
    (cell, at) => (at === first || kinds[at]?.is === 'about') && SUMMARY.test(cell.trim()),
  );
};
const SUMMARY =
  /^(?:total|sum|mean|average|avg\.?|key|right answers?|correct answers?|summe|mittelwert|schnitt|moyenne|media|gemiddelde)\s*:?$/iu;
