// What stands beside false statements alone: what is true instead, shown afterwards.
import { verdictOf } from '../shared/vocabulary/verdicts';
import { takenFor, type Assigned } from './assign';
import { filledOf, says } from './column-words';
import type { ColumnView, Meaning, TableView } from './contract';

/** What such a column may be taken for, where its heading is the maker's own word. */
const MAY_MEND: ReadonlySet<Meaning> = new Set<Meaning>([
  'accepted',
  'definition',
  'explanation',
  'feedback',
  'feedback-right',
  'feedback-wrong',
  'hint',
  'ignore',
  'tag',
  'tags',
  'title',
]);
const TOLD = 0.7;
const FEWEST = 2;
/** How sure it is that what only false statements have beside them puts them right. */
const SHOWN = 0.9;
const TEXT = /\p{L}\s+\p{L}/u;

const TELLS_TRUTH: ReadonlySet<Meaning> = new Set<Meaning>(['key', 'accepted', 'value']);

/** Of each row whether its statement is false, by a word or by a tick under a heading that says so; undefined of other tables. */
function falseRows({ columns }: TableView, assigned: readonly Assigned[]): boolean[] | undefined {
  const ticked = columns.filter((_, at) => assigned[at]!.meaning === 'verdict');
  const underFalse = ticked.find(({ heading }) => verdictOf(heading) === false);
  if (underFalse) {
    return underFalse.texts.map(Boolean);
  }
  const said = columns.find(
    (column, at) =>
      (TELLS_TRUTH.has(assigned[at]!.meaning) || column === ticked[0]) &&
      filledOf(column).length > 0 &&
      filledOf(column).every((text) => verdictOf(text) !== undefined),
  );
  return said?.texts.map((text) => verdictOf(text) === false);
}

/** Whether a column holds texts beside the false statements and nothing beside the true ones. */
function standsBesideFalse(column: ColumnView, areFalse: readonly boolean[]): boolean {
  const filled = filledOf(column);
  const beside = column.texts.filter((text, row) => text && areFalse[row]);
  return (
    filled.length >= FEWEST &&
    filled.length < column.texts.length &&
    beside.length === filled.length &&
    filled.every((text) => TEXT.test(text))
  );
}

/** A table of statements, with what puts the false ones right taken for what explains them. */
export function withCorrections(
  view: TableView,
  assigned: readonly Assigned[],
  said: ReadonlyMap<number, Meaning>,
): Assigned[] {
  const offers = assigned.some(({ meaning }) => meaning === 'option' || meaning === 'options');
  const areFalse = view.blank || offers ? undefined : falseRows(view, assigned);
  if (!areFalse) {
    return [...assigned];
  }
  return assigned.map((one, at) => {
    const column = view.columns[at]!;
    const mayMend = !said.has(at) && MAY_MEND.has(one.meaning) && says(column, one.meaning) <= TOLD;
    return mayMend && standsBesideFalse(column, areFalse)
      ? takenFor(one, 'explanation', SHOWN)
      : one;
  });
}
