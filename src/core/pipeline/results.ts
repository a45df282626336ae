// From a file of results to figures.
import type { Item } from '../model';
import { figuresOf, type Results } from '../results';
import { Problem } from '../shared/problem';
import { openSource, type Source } from './sources';

/**
 * Reads a file of results and reckons its figures.
 * @throws {Problem} where the file holds no table
 */
export async function resultsOf(source: Source, items: readonly Item[]): Promise<Results> {
  const opened = await openSource(source);
  if (opened.is !== 'table') {
    throw new Problem('This is no table: a file of results has a row for each learner.');
  }
  const sheet = opened.table.sheets.find(({ rows }) => rows.length > 1) ?? opened.table.sheets[0];
  return figuresOf(sheet?.rows ?? [], items);
}
