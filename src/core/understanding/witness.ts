// What the rows of a table become under a reading of its columns: whole questions speak for it, broken ones against it.
import { roleOfMeaning, type ColumnView, type Meaning, type TableView } from './contract';
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

/** The rows of columns of texts. */
const rowsOf = (columns: readonly (readonly string[])[], rows: number): string[][] =>
  Array.from({ length: rows }, (_, row) => columns.map((texts) => texts[row] ?? ''));

/** The rows of some columns as they are seen. */
export const rowsIn = (columns: readonly ColumnView[], rows: number): string[][] =>
  rowsOf(
    columns.map(({ texts }) => texts),
    rows,
  );

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
