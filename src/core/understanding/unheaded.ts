// Columns without headings that one of the others names cell by cell, or that stand behind questions: those are options, whatever
// their short texts look like.
import type { Assigned } from './assign';
import { countsUp } from './cells';
import type { Meaning, TableView } from './contract';
import { secondsOf } from '../shared/normalise';
import { isList } from '../shared/table/separators';
import { piecesOf } from './heading-words';
import { findMarks } from './keys/marks';
import { readingsOf } from './keys/named';
import { TELLS } from './namers';
import { leaning } from './scaled';
import { rowsIn } from './witness';

/** A single row names anything by chance, and so do two. */
const LEAST_ROWS = 3;
const FEWEST = 2;
const MOST = 8;
/** So many rows must name one of the cells; a number may be points, so that it must do so more often, and in more than one place. */
const MOSTLY = 0.8;
const NUMBERS = 0.99;
/** Options are filled in most rows; fewer options than others have leave the last ones empty. */
const FILLED = 0.4;
/** How likely what is named is an option, and what names it the key. */
const NAMED = 0.9;

const isUnheaded = (view: TableView, column: number): boolean =>
  !piecesOf(view.columns[column]!.heading).length;

const filledShare = ({ texts }: TableView['columns'][number]): number =>
  texts.filter(Boolean).length / Math.max(1, texts.length);

/** Whether cells hold texts, no bare numbers or signs that count something. */
function holdsTexts({ texts }: TableView['columns'][number]): boolean {
  const filled = texts.filter(Boolean);
  const others = filled.filter(
    (text) => isList(text) || (/\D/.test(text) && secondsOf(text) !== undefined) || LINK.test(text),
  );
  return (
    others.length < filled.length * OTHERS && filled.some((text) => /\p{L}{2}|\d{2}/u.test(text))
  );
}
const LINK = /^(?:https?:|www\.)\S+$/iu;
/** Lists, times and links are no single options. */
const OTHERS = 0.5;

/** Where columns are these already, they need no other reading. */
const ANSWERING: ReadonlySet<Meaning> = new Set(['option', 'wrong', 'step']);

type Run = { from: number; to: number };

/** Runs of unheaded columns beside one another that may all be options. */
function runsOf(view: TableView, base: readonly Assigned[]): Run[] {
  const mayBeOption = view.columns.map(
    (column, index) =>
      isUnheaded(view, index) &&
      base[index]!.meaning !== 'stem' &&
      filledShare(column) >= FILLED &&
      holdsTexts(column),
  );
  const runs: Run[] = [];
  let from = -1;
  for (let at = 0; at <= mayBeOption.length; at++) {
    if (mayBeOption[at] && from < 0) {
      from = at;
    } else if (!mayBeOption[at] && from >= 0) {
      runs.push({ from, to: at - 1 });
      from = -1;
    }
  }
  return runs;
}

/** Whether a column's cells name the places or texts of a run, row by row. */
function names(view: TableView, column: number, { from, to }: Run): boolean {
  const keys = view.columns[column]!.texts;
  const options = view.columns.slice(from, to + 1);
  const rows = rowsIn(options, view.rows)
    .map((texts, row) => ({ key: keys[row] ?? '', options: texts }))
    .filter(({ key }) => key);
  const [best] = rows.length < LEAST_ROWS ? [] : readingsOf(rows, []);
  if (!best || rows.length < view.rows * FILLED) {
    return false;
  }
  const isNumber = best.style.startsWith('number');
  const several = new Set(rows.map(({ key }) => key)).size > 1;
  return best.share >= (isNumber ? NUMBERS : MOSTLY) && several;
}

/** Whether a column outside of a run may be its key. */
function mayBeKey(
  view: TableView,
  base: readonly Assigned[],
  column: number,
  { from, to }: Run,
): boolean {
  const size = to - from + 1;
  const isOutside = column < from || column > to;
  return (
    isOutside &&
    size >= FEWEST &&
    size <= MOST &&
    view.columns[column] !== undefined &&
    // What counts the rows names their options by chance.
    !countsUp(view.columns[column].texts) &&
    isUnheaded(view, column) &&
    base[column]!.meaning !== 'stem'
  );
}

/** A run of columns, or all of it but its last one, that another column names. */
function namedRun(
  view: TableView,
  base: readonly Assigned[],
): { run: Run; key: number } | undefined {
  for (const run of runsOf(view, base)) {
    for (const key of [run.to + 1, run.from - 1, run.to, ...view.columns.keys()]) {
      const own = key === run.to ? { ...run, to: run.to - 1 } : run;
      if (mayBeKey(view, base, key, own) && names(view, key, own)) {
        return { run: own, key };
      }
    }
  }
  return undefined;
}

/** So many texts behind what asks are options to choose from, though nothing tells the right one. */
const OFFERED = 3;
const ASKED = 0.8;
const LIKELY = 0.6;

/** The run of columns behind a column of questions, where it is long enough to be options. */
function offeredRun(view: TableView, base: readonly Assigned[]): Run | undefined {
  const stem = base.findIndex(({ meaning }) => meaning === 'stem');
  const texts = view.columns[stem]?.texts.filter(Boolean) ?? [];
  const asks = texts.filter((text) => /[?？؟]\s*$/u.test(text)).length;
  const isAsked = texts.length >= LEAST_ROWS && asks >= texts.length * ASKED;
  return isAsked
    ? runsOf(view, base).find(({ from, to }) => from === stem + 1 && to - from + 1 >= OFFERED)
    : undefined;
}

/** How likely numbers that name options are the key of a table in which nothing else tells one; they might be points. */
const ALONE = 0.8;

/** An unheaded column that names an option in each row, where nothing else tells the right ones. */
function loneKey(view: TableView, base: readonly Assigned[]): number | undefined {
  const meanings = base.map(({ meaning }) => meaning);
  const run = { from: meanings.indexOf('option'), to: meanings.lastIndexOf('option') };
  const options = view.columns.slice(run.from, run.to + 1);
  const isRun = meanings.slice(run.from, run.to + 1).every((meaning) => meaning === 'option');
  const isTold =
    meanings.some((meaning) => TELLS.has(meaning)) ||
    findMarks(rowsIn(options, view.rows)) !== undefined;
  if (!isRun || isTold) {
    return undefined;
  }
  const found = [...view.columns.keys()].filter(
    (column) => mayBeKey(view, base, column, run) && names(view, column, run),
  );
  return found.length === 1 ? found[0] : undefined;
}

/** The odds of the columns, with those of a run that another one names, or that follows questions, leaning to options. */
export function withNamedRuns(
  view: TableView,
  odds: readonly (readonly number[])[],
  base: readonly Assigned[],
): (readonly number[])[] {
  const options = base.filter(({ meaning }) => ANSWERING.has(meaning));
  if (options.length > 1) {
    const key = loneKey(view, base);
    return odds.map((own, column) => (column === key ? leaning(own, 'key', ALONE) : own));
  }
  const named = namedRun(view, base);
  const run = named?.run ?? offeredRun(view, base);
  return odds.map((own, column) => {
    if (named && column === named.key) {
      return leaning(own, 'key', NAMED);
    }
    const isIn = run && column >= run.from && column <= run.to;
    return isIn ? leaning(own, 'option', named ? NAMED : LIKELY) : own;
  });
}
