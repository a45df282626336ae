// Columns that say what a question asks of the mind, 'Remember', 'Apply': a property of the question, and no category of it.
import { saysTaxonomy } from '../shared/vocabulary/taxonomy';
import { takenFor, type Assigned } from './assign';
import { filledOf, says } from './column-words';
import type { Meaning, TableView } from './contract';

const LEAST_ROWS = 2;
const SURE = 0.97;
const SAID = 0.8;

/** Such columns as tags, unless their heading calls them something else. */
export function withTaxonomy(
  { columns, blank }: TableView,
  assigned: readonly Assigned[],
  said: ReadonlyMap<number, Meaning>,
): Assigned[] {
  return assigned.map((one, at) => {
    const column = columns[at]!;
    const filled = filledOf(column);
    const isOne =
      !blank &&
      !said.has(at) &&
      filled.length >= LEAST_ROWS &&
      new Set(filled).size > 1 &&
      filled.every(saysTaxonomy) &&
      says(column, 'category', 'option', 'right', 'wrong', 'accepted', 'key') < SAID;
    return isOne ? takenFor(one, 'tag', SURE) : one;
  });
}
