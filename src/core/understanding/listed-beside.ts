// What one cell lists of each of the options that another cell lists: weights, words for right and wrong, or feedback, in their order.
import { findInnerSeparator, placesIn, splitCell } from '../shared/table/separators';
import { verdictOf } from '../shared/vocabulary/verdicts';
import { weightOf } from '../shared/weights';
import { filledOf, says } from './column-words';
import type { ColumnView, Meaning, TableView } from './contract';

const LEAST_ROWS = 2;
const MOSTLY = 0.8;
const NAMED = 0.5;
/** With fewer parts a list is hardly told from a text that holds its sign. */
const SEVERAL = 2;

/** The parts of a column's cells, empty ones kept, since a place is what tells whose they are; undefined where they hold no lists. */
function partsIn(column: ColumnView): string[][] | undefined {
  const separator = findInnerSeparator(filledOf(column));
  return separator
    ? column.texts.map((text) => (text ? placesIn(text, separator) : []))
    : undefined;
}

/** How many options each row lists; undefined of a column that lists none. */
function listedIn(column: ColumnView): number[] | undefined {
  const separator = findInnerSeparator(filledOf(column));
  const isNamed = column.heading === '' || says(column, 'options', 'option') > NAMED;
  return separator && isNamed
    ? column.texts.map((text) => splitCell(text, separator).length)
    : undefined;
}

/** What the parts are that a column lists beside each option; undefined where they are none of these. */
function meaningOf(column: ColumnView, lists: readonly string[][]): Meaning | undefined {
  const parts = lists.flat().filter(Boolean);
  const areNumbers = parts.every((part) => weightOf(part) !== undefined);
  // Numbers that name options leave none of them at nothing.
  const leaveSome = lists.filter((own) => own.some((part) => (weightOf(part) ?? 1) <= 0));
  if (areNumbers) {
    return leaveSome.length >= lists.length * MOSTLY ? 'weight' : undefined;
  }
  if (parts.every((part) => verdictOf(part) !== undefined)) {
    return new Set(parts.map(verdictOf)).size > 1 ? 'verdict' : undefined;
  }
  return says(column, 'feedback', 'explanation') > NAMED ? 'feedback' : undefined;
}

/** Each column that lists as many things in every row as another lists options, with what they are, and that of the options. */
export function listedBesideOptions({ columns, blank }: TableView): [ColumnView, Meaning][] {
  // Files are not filled so.
  for (const options of blank ? [] : columns) {
    const counts = listedIn(options);
    const beside = (counts ? columns : []).flatMap((column): [ColumnView, Meaning][] => {
      const lists = column === options ? undefined : partsIn(column);
      const filled = lists?.filter((own) => own.length > 0) ?? [];
      const areAlike =
        filled.length >= LEAST_ROWS &&
        lists!.every((own, row) => !own.length || own.length === counts![row]) &&
        filled.some((own) => own.length >= SEVERAL);
      const meaning = areAlike ? meaningOf(column, filled) : undefined;
      return meaning ? [[column, meaning]] : [];
    });
    if (beside.length) {
      return [[options, 'options'], ...beside];
    }
  }
  return [];
}
