// Readings of a whole table weighed against one another by what its rows become under each.
import { assign, type Assigned } from './assign';
import { MEANINGS, roleOfMeaning, type Meaning, type TableView } from './contract';
import { findMarks } from './keys/marks';
import { readingsOf } from './keys/named';
import { findVerdicts } from './keys/verdicts';
import { verdictPair } from '../shared/vocabulary/verdicts';
import { alike } from '../shared/normalise';

type Columns = Record<string, readonly (readonly string[])[]>;

/** The texts of the columns of each role, column by column. */
function byRole(view: TableView, meanings: readonly Meaning[]): Columns {
  const columns: Record<string, (readonly string[])[]> = {};
  meanings.forEach((meaning, index) => {
    (columns[roleOfMeaning(meaning)] ??= []).push(view.columns[index]!.texts);
  });
  return columns;
}

const rowsOf = (columns: readonly (readonly string[])[], rows: number): string[][] =>
  Array.from({ length: rows }, (_, row) => columns.map((texts) => texts[row] ?? ''));

/** What rows weigh that are whole, in nats, and what they cost where they are broken. */
const WHOLE = 2.5;
const BROKEN = -2;
const SILENT = -0.7;
/** Weights may be anything that counts. */
const WEIGHED = 0.5;

const worth = (share: number): number => BROKEN + (WHOLE - BROKEN) * share;

function worthOfNamed(view: TableView, columns: Columns, headings: readonly string[]): number {
  const options = rowsOf(columns['option']!, view.rows);
  const rows = options
    .map((own, row) => ({ key: columns['key']![0]![row] ?? '', options: own }))
    .filter(({ options: own }) => own.filter(Boolean).length > 1);
  return rows.length ? worth(readingsOf(rows, headings)[0]?.share ?? 0.5) : SILENT;
}

function worthOfVerdicts(view: TableView, columns: Columns): number {
  const rows = rowsOf(columns['verdict']!, view.rows).filter((row) => row.some(Boolean));
  const found = findVerdicts(rows);
  if (!found) {
    return rows.length ? BROKEN : SILENT;
  }
  const told = rows.filter((row) => row.some((text) => alike(text) === alike(found.right)));
  return worth(told.length / rows.length);
}

const isTwoValued = (texts: readonly string[]): boolean =>
  verdictPair([...new Set(texts.filter(Boolean).map(alike))]) !== undefined;

function worthOfOptions(view: TableView, columns: Columns, headings: readonly string[]): number {
  if (columns['key']) {
    return worthOfNamed(view, columns, headings);
  }
  if (columns['verdict']) {
    return worthOfVerdicts(view, columns);
  }
  if (columns['weight']) {
    return WEIGHED;
  }
  return findMarks(rowsOf(columns['option']!, view.rows)) ? WHOLE : SILENT;
}

/** What the rows of a table become under a reading, in nats. */
export function witness(view: TableView, meanings: readonly Meaning[]): number {
  if (view.rows < 2) {
    return 0;
  }
  const columns = byRole(view, meanings);
  if ((columns['option']?.length ?? 0) > 1) {
    const headings = view.columns.filter((_, index) => meanings[index] === 'option');
    return worthOfOptions(
      view,
      columns,
      headings.map(({ heading }) => heading),
    );
  }
  if (columns['key'] && isTwoValued(columns['key'][0]!)) {
    return WHOLE;
  }
  return columns['accepted'] && isTwoValued(columns['accepted'][0]!) ? BROKEN : 0;
}

/** All columns of one meaning taken for another, where they make sense beside the others. */
const TURNS: readonly (readonly [from: Meaning, to: Meaning])[] = [
  ['step', 'option'],
  ['right', 'key'],
  ['accepted', 'key'],
  ['definition', 'key'],
  ['verdict', 'option'],
  ['key', 'right'],
  ['points', 'key'],
  ['attempts', 'key'],
];
/** A column that is less sure than this may be what comes next. */
const OPEN = 0.75;
/** Probabilities of the columns weigh as much less as they lean on one another. */
const LEAN = 0.6;
const LEAST = 1e-4;

type Reading = { meanings: Meaning[]; value: number };

/** The reading of the columns that is likeliest together with what the rows become under it. */
export function rank(
  view: TableView,
  odds: readonly (readonly number[])[],
  said: ReadonlyMap<number, Meaning>,
): Assigned[] {
  const base = assign(odds, said);
  const weigh = (meanings: Meaning[]): Reading => ({
    meanings,
    value:
      witness(view, meanings) +
      LEAN *
        meanings.reduce(
          (sum, meaning, column) =>
            sum + Math.log(Math.max(LEAST, odds[column]![MEANINGS.indexOf(meaning)]!)),
          0,
        ),
  });
  const first = base.map(({ meaning }) => meaning);
  const readings = [weigh(first)];
  for (const [from, to] of TURNS) {
    if (first.includes(from)) {
      const turned = first.map((meaning, column) =>
        meaning === from && !said.has(column) ? to : meaning,
      );
      readings.push(weigh(turned));
    }
  }
  base.forEach(({ p, others }, column) => {
    const [next] = others;
    if (p < OPEN && next && !said.has(column)) {
      readings.push(weigh(first.map((meaning, at) => (at === column ? next.meaning : meaning))));
    }
  });
  const best = readings.reduce((most, one) => (one.value > most.value ? one : most));
  return base.map((one, column) => {
    const meaning = best.meanings[column]!;
    if (meaning === one.meaning) {
      return one;
    }
    // What the rows say counts for as much as they weigh more.
    const gain = best.value - readings[0]!.value;
    const own = one.others.find((other) => other.meaning === meaning);
    return {
      meaning,
      p: Math.max(own?.p ?? 0, 1 - Math.exp(-gain) / 2),
      others: [{ meaning: one.meaning, p: one.p }, ...one.others.filter((other) => other !== own)],
    };
  });
}
