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
import { say } from '../shared/say';

type Rows = readonly (readonly string[])[];

/** The rows of each sheet of a file; undefined where it holds no table. */
async function sheetsOf(source: Source): Promise<Rows[] | undefined> {
  const opened = await openSource(source);
  return opened.is === 'table' ? opened.table.sheets.map(({ rows }) => rows) : undefined;
}

/** A question that is known weighs more than any number of columns that are not. */
const KNOWN_WEIGHS = 1000;
const known = ({ results }: ResultsRead): number =>
  results.items.filter(({ item }) => item).length * KNOWN_WEIGHS + results.items.length;

/** What the sheets say; of several the one that says most counts. */
function readMost(sheets: readonly Rows[], items: readonly Item[], order: readonly Item[] = []) {
  const read = sheets.map((rows) => readSitting(rows, items, order));
  const [most = readSitting([], items)] = read.sort((a, b) => known(b) - known(a));
  return most;
}

/** A set whose questions a file of results may be about, in their order. */
export type Sat = { name: string; items: readonly Item[] };

/**
 * Reads a file of results and reckons its figures. Where its columns are only numbered, the newest set of just so many questions
 * says what they are about, and a finding says so.
 * @param sets the newest first
 * @throws {Problem} where the file holds no table
 */
export async function resultsOf(
  source: Source,
  items: readonly Item[],
  sets: readonly Sat[] = [],
): Promise<ResultsRead> {
  const sheets = await sheetsOf(source);
  if (!sheets) {
    throw new Problem(say('This is no table: a file of results has a row for each learner.'));
  }
  const plain = readMost(sheets, items);
  if (plain.results.items.some(({ item }) => item)) {
    return plain;
  }
  const columns = Math.max(0, ...sheets.map(numberedColumns));
  const set = sets.find((one) => one.items.length === columns);
  if (!set) {
    return plain;
  }
  const read = readMost(sheets, items, set.items);
  const message = say(
    'The columns are only numbered, so they were matched by their order to the set {name}.',
    { name: set.name },
  );
  const finding: Finding = { rule: 'results-by-order', level: 'warn', message };
  return { ...read, results: { ...read.results, findings: [finding, ...read.results.findings] } };
}

/** Whether a file holds answers to questions of the bank, so that it is none of questions. */
export const holdsResults = async (source: Source, items: readonly Item[]): Promise<boolean> =>
  ((await sheetsOf(source)) ?? []).some((rows) => areResults(rows, items));

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
