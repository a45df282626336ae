// From a file of results to figures, and from figures to a file; a trial's answers come the same way as those of people.
import type { Item, Results, ResultsRead } from '../model';
import { figuresTable, readSitting, simulatedSitting } from '../results';
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
