// From a file of results to figures, and from figures to a file; a trial's answers come the same way as those of people.
import type { Finding, Item, Results, ResultsRead } from '../model';
import {
  areResults,
  figuresTable,
  numberedColumns,
  readSitting,
  simulatedSitting,
} from '../results';
import { Problem } from '../shared/problem';
import { tableAsText } from '../writers/delimited/table';
import { openSource, type Source } from './sources';

/**
 * Reads a file of results and reckons its figures; of several sheets the one that says most counts.
 * @param order the questions of the set that was sat, in order
 * @throws {Problem} where the file holds no table
 */
export async function resultsOf(
  source: Source,
  items: readonly Item[],
  order: readonly Item[] = [],
): Promise<ResultsRead> {
  const opened = await openSource(source);
  if (opened.is !== 'table') {
    throw new Problem('This is no table: a file of results has a row for each learner.');
  }
  const read = opened.table.sheets.map(({ rows }) => readSitting(rows, items, order));
  const known = ({ results }: ResultsRead): number =>
    results.items.filter(({ item }) => item).length * 1000 + results.items.length;
  const [most = readSitting([], items)] = read.sort((a, b) => known(b) - known(a));
  return most;
}

/** A set whose questions a file of results may be about, in their order. */
export type Sat = { name: string; items: readonly Item[] };

/**
 * Reads a file of results whose columns may be only numbered: then the newest set of just so many questions says what they are
 * about, and a finding says so.
 * @param sets the newest first
 */
export async function resultsAmong(
  source: Source,
  items: readonly Item[],
  sets: readonly Sat[],
): Promise<ResultsRead> {
  const plain = await resultsOf(source, items);
  if (plain.results.items.some(({ item }) => item)) {
    return plain;
  }
  const opened = await openSource(source);
  const rows = opened.is === 'table' ? opened.table.sheets.map((sheet) => sheet.rows) : [];
  const columns = Math.max(0, ...rows.map(numberedColumns));
  const set = sets.find((one) => one.items.length === columns);
  if (!set) {
    return plain;
  }
  const read = await resultsOf(source, items, set.items);
  const message = `The columns are only numbered, so they were matched by their order to the set ${set.name}.`;
  const finding: Finding = { rule: 'results-by-order', level: 'warn', message };
  return { ...read, results: { ...read.results, findings: [finding, ...read.results.findings] } };
}

/** Whether a file holds answers to questions of the bank, so that it is none of questions. */
export async function holdsResults(source: Source, items: readonly Item[]): Promise<boolean> {
  const opened = await openSource(source);
  return opened.is === 'table' && opened.table.sheets.some(({ rows }) => areResults(rows, items));
}

/** A file with the answers of simulated learners, and what it says. */
export function trialOf(
  items: readonly Item[],
  learners: number,
  seed: number,
): { bytes: Uint8Array; read: ResultsRead } {
  const rows = simulatedSitting(items, learners, seed);
  return { bytes: tableAsText(rows), read: readSitting(rows, items) };
}

/** The figures of each question as delimited text. */
export const figuresFile = (results: Results, items: readonly Item[]): Uint8Array =>
  tableAsText(figuresTable(results, new Map(items.map((item) => [item.id, item]))));
