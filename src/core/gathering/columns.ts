// What each column of a source means, as the understanding of its table has it.
import type { Column, OtherReading, Role } from '../model';
import { columnIndex, columnLetters } from '../shared/cells';
import { tagNameOf } from '../shared/tag-name';
import type { Region } from '../shared/table/region';
import { MEANINGS, SURE, understandColumns, type Meaning } from '../understanding';

import { otherColumns } from './others';
import { say } from '../shared/say';

export type ColumnGuess = Column & { because: string; sure: boolean };

const isMeaning = (role: string): role is Meaning => (MEANINGS as readonly string[]).includes(role);

/** The columns that a person has said, by their place in the sheet. */
function saidColumns(columns: readonly Column[]): Map<number, Meaning> {
  const said = new Map<number, Meaning>();
  for (const { column, role } of columns) {
    if (isMeaning(role)) {
      said.set(columnIndex(column), role);
    }
  }
  return said;
}

/** Columns with one for feedback beside several options as an explanation: it speaks of the question, and not of option A. */
function withLoneFeedback(columns: ColumnGuess[]): ColumnGuess[] {
  const having = (role: Role): ColumnGuess[] => columns.filter((column) => column.role === role);
  const isLone = having('feedback').length === 1 && having('option').length > 1;
  return isLone
    ? columns.map((column) =>
        column.role === 'feedback' ? { ...column, role: 'explanation' as const } : column,
      )
    : columns;
}

/** The guesses, and whether the columns are the two sides of cards. */
export type ColumnsGuessed = { columns: ColumnGuess[]; cards: boolean; others: OtherReading[] };

/** Rows count from 0: that of the headings, the first of content; `areTerms` says that the reader found terms with definitions. */
export type Rows = { headingRow: number | null; first: number; areTerms: boolean };

/** The guess for every column of a region, from its left. What was `said` holds. */
export function guessColumns(
  region: Region,
  { headingRow, first, areTerms }: Rows,
  said: readonly Column[] = [],
): ColumnsGuessed {
  const held = saidColumns(said);
  if (areTerms && !held.size) {
    held.set(region.left, 'term').set(region.left + 1, 'definition');
    // Where the list has parts, their titles stand beside.
    if (region.right > region.left + 1) {
      held.set(region.left + 2, 'category');
    }
  }
  const understood = understandColumns(region, headingRow, first, { said: held });
  const meanings = understood.map(({ meaning }) => meaning);
  const columns = understood.map(({ at, heading, meaning, role, n, p, because }) => ({
    column: columnLetters(at),
    role,
    because: areTerms && !said.length ? say('each line is a term with its definition') : because,
    sure: p >= SURE,
    ...(heading ? { heading } : {}),
    ...(n !== undefined ? { n } : {}),
    ...(meaning === 'tag' && tagNameOf(heading) ? { tag: tagNameOf(heading)! } : {}),
  }));
  return {
    columns: withLoneFeedback(columns),
    cards: meanings.includes('term') || meanings.includes('definition'),
    others: otherColumns(understood, said),
  };
}

/** 'B to E' for a list of columns, as messages write it. */
export const columnsSpan = (columns: readonly Column[]): string =>
  columns.length > 1
    ? say('columns {column} to {lastColumn}', {
        column: columns[0]!.column,
        lastColumn: columns.at(-1)!.column,
      })
    : columns.length
      ? say('column {column}', { column: columns[0]!.column })
      : say('no columns');
