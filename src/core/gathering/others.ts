// The next likely readings of what is unsure, each with what has to be overruled for it.
import type { Column, OtherReading } from '../model';
import { columnLetters } from '../shared/cells';
import { roleWords } from '../shared/roles';
import { shownRow, type Region } from '../shared/table/region';
import {
  roleOfMeaning,
  SURE,
  type ColumnUnderstood,
  type HeadingUnderstood,
} from '../understanding';
import { say } from '../shared/say';

/** What is less likely than this is not worth showing. */
const LEAST = 0.03;
const MOST_A_PLACE = 3;

/** Other rows for the headings, or none. */
export function otherHeadings(found: HeadingUnderstood, region: Region): OtherReading[] {
  return found.others
    .filter(({ p }) => p > LEAST)
    .slice(0, MOST_A_PLACE)
    .map(({ row, p }) => {
      const shown = row === null ? null : shownRow(region.sheet, row);
      return {
        path: 'headingRow',
        label:
          shown === null
            ? say('There are no headings')
            : say('Row {shown} holds the headings', { shown }),
        likely: p,
        overrule: { headingRow: shown },
      };
    });
}

/** Other meanings of the unsure columns; what was `said` before stays said. */
export function otherColumns(
  understood: readonly ColumnUnderstood[],
  said: readonly Column[],
): OtherReading[] {
  return understood
    .filter(({ p }) => p < SURE)
    .flatMap(({ at, role, others }) => {
      const column = columnLetters(at);
      const roles = new Map(others.map((other) => [roleOfMeaning(other.meaning), other.p]));
      return [...roles]
        .filter(([next, p]) => next !== role && p > LEAST)
        .slice(0, MOST_A_PLACE)
        .map(([next, p]) => ({
          path: `columns.${column}`,
          label: say('Column {column}: {next}', { column, next: roleWords(next) }),
          likely: p,
          overrule: {
            columns: [...said.filter((one) => one.column !== column), { column, role: next }],
          },
        }));
    });
}
