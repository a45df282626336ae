// What has a row of its own in a table whose questions stand over several rows: each option, pair or step.
import type { Layout, Role } from '../model';
import { filledIn, type Region } from '../shared/table/region';
import { likelihoodOf } from '../understanding';
import { columnLetters } from '../shared/cells';
import { askedIn, rowsOfQuestions, type Asked } from './asked-once';
import { findOptionRows } from './option-rows';
import { findPartRows } from './part-rows';

export type RowsForEach = {
  rowForEach: NonNullable<Layout['rowForEach']>;
  /** The roles of columns that say something of one part, by the column from 0; 'ignore' where one only counts the parts. */
  roles: ReadonlyMap<number, Role>;
  /** The column that asks, from 0. */
  stem: number;
  /** The row of the headings, from 0. */
  headingRow: number;
};

const SAID = 0.5;

/** The letters of the columns that say the same in every row of each question. */
function saidAgain(region: Region, { first, stem }: Asked, parts: ReadonlySet<number>): string[] {
  const rows: number[] = [];
  for (let row = first; row <= region.bottom; row++) {
    if (filledIn(region, row)) {
      rows.push(row);
    }
  }
  const questions = rowsOfQuestions(region, rows, stem);
  const isSame = (column: number): boolean =>
    questions.every((own) => {
      const [text, ...others] = new Set(own.map((row) => region.cell(row, column)));
      return text !== '' && !others.length;
    });
  const all = Array.from({ length: region.right - region.left + 1 }, (_, at) => region.left + at);
  return all.filter((column) => !parts.has(column) && isSame(column)).map(columnLetters);
}

/** The options with what is said of each: whether it is right, and feedback where a heading behind them says so. */
function ofOptions(region: Region, asked: Asked): Map<number, Role> | undefined {
  const found = findOptionRows(region, asked);
  if (!found) {
    return undefined;
  }
  const roles = new Map<number, Role>([
    [found.option, 'option'],
    [found.marks, found.areWeights ? 'weight' : 'verdict'],
    ...(found.letters === undefined ? [] : [[found.letters, 'ignore'] as const]),
  ]);
  for (let column = found.option + 1; column <= region.right; column++) {
    const heading = region.cell(asked.headingRow, column);
    if (!roles.has(column) && heading && likelihoodOf(heading, ['feedback']) > SAID) {
      roles.set(column, 'feedback');
    }
  }
  return roles;
}

/** What has rows of its own in a table; undefined of one with a row for each question. */
export function rowsForEach(region: Region): RowsForEach | undefined {
  const asked = askedIn(region);
  if (!asked) {
    return undefined;
  }
  const { stem, headingRow } = asked;
  const options = ofOptions(region, asked);
  if (options) {
    const again = saidAgain(region, asked, new Set(options.keys()));
    return { rowForEach: { part: 'option', again }, roles: options, stem, headingRow };
  }
  const parts = findPartRows(region, asked);
  const areSteps = parts?.columns.length === 1;
  const roles: readonly Role[] = areSteps ? ['step'] : ['left', 'right-side'];
  return (
    parts && {
      rowForEach: {
        part: areSteps ? 'step' : 'pair',
        again: saidAgain(region, asked, new Set(parts.columns)),
      },
      roles: new Map(parts.columns.map((column, at) => [column, roles[at]!])),
      stem,
      headingRow,
    }
  );
}
