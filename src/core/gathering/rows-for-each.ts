// What has a row of its own in a table whose questions stand over several rows: each option, pair or step.
import type { Layout, Role } from '../model';
import type { Region } from '../shared/table/region';
import { likelihoodOf } from '../understanding';
import { columnLetters } from '../shared/cells';
import { askedIn, columnsOf, filledRows, rowsOfQuestions, type Asked } from './asked-once';
import { findOptionRows, type OptionRows } from './option-rows';
import { findPartRows } from './part-rows';

type Part = NonNullable<Layout['rowForEach']>['part'];
type Counts = NonNullable<NonNullable<Layout['rowForEach']>['counts']>;

export type RowsForEach = {
  rowForEach: NonNullable<Layout['rowForEach']>;
  /** The roles of columns that say something of one part, by the column from 0; 'ignore' where one only counts the parts. */
  roles: ReadonlyMap<number, Role>;
  /** Columns, from 0, whose cells say something else of each part, and nothing that is known. */
  others: readonly number[];
  /** The column that asks, from 0. */
  stem: number;
  /** The row of the headings, from 0. */
  headingRow: number;
};

const SAID = 0.5;

/** The rows of each question. */
type Rows = ReturnType<typeof rowsOfQuestions>;

/** The letters of the columns that say the same in every row of each question. */
function saidAgain(region: Region, questions: Rows, parts: ReadonlySet<number>): string[] {
  const isSame = (column: number): boolean =>
    questions.every((own) => {
      const [text, ...others] = new Set(own.map((row) => region.cell(row, column)));
      return text !== '' && !others.length;
    });
  return columnsOf(region)
    .filter((column) => !parts.has(column) && isSame(column))
    .map(columnLetters);
}

/** The columns that are filled in every row and say several things of a question: something of each part, for which there is no role. */
function saidOfParts(region: Region, questions: Rows, known: ReadonlySet<number>): number[] {
  const texts = (column: number, own: readonly number[]): string[] =>
    own.map((row) => region.cell(row, column));
  return columnsOf(region).filter(
    (column) =>
      !known.has(column) &&
      questions.every((own) => texts(column, own).every(Boolean)) &&
      questions.some((own) => new Set(texts(column, own)).size > 1),
  );
}

/** How a column counts the first part; undefined where it does so in a way that is not written here. */
const COUNT_FROM = ['a', 'A', '1'] as const;
function countsFrom(region: Region, { first }: Asked, column: number): Counts | undefined {
  const from = COUNT_FROM.find((one) => one === region.cell(first, column));
  return from && { column: columnLetters(column), from };
}

/** The options with what is said of each: whether it is right, and feedback where a heading behind them says so. */
function ofOptions(region: Region, asked: Asked, found: OptionRows): Map<number, Role> {
  const roles = new Map<number, Role>([
    [found.option, 'option'],
    [found.marks, found.areWeights ? 'weight' : 'verdict'],
  ]);
  for (let column = found.option + 1; column <= region.right; column++) {
    const heading = region.cell(asked.headingRow, column);
    if (
      !roles.has(column) &&
      column !== found.letters &&
      heading &&
      likelihoodOf(heading, ['feedback']) > SAID
    ) {
      roles.set(column, 'feedback');
    }
  }
  return roles;
}

/** What has rows of its own, and which columns say something of a part; `counting` counts them. */
type Parts = { part: Part; roles: Map<number, Role>; counting: number | undefined };

function partsOf(region: Region, asked: Asked): Parts | undefined {
  const options = findOptionRows(region, asked);
  if (options) {
    return { part: 'option', roles: ofOptions(region, asked, options), counting: options.letters };
  }
  const found = findPartRows(region, asked);
  const part = found?.columns.length === 1 ? 'step' : 'pair';
  const roles: readonly Role[] = part === 'step' ? ['step'] : ['left', 'right-side'];
  return (
    found && {
      part,
      roles: new Map(found.columns.map((column, at) => [column, roles[at]!])),
      counting: found.order,
    }
  );
}

/**
 * What has rows of its own in a table; undefined of one with a row for each question, and of one whose parts are counted in a way
 * that is not written here.
 */
export function rowsForEach(region: Region): RowsForEach | undefined {
  const asked = askedIn(region);
  const found = asked && partsOf(region, asked);
  if (!asked || !found) {
    return undefined;
  }
  const { part, roles, counting } = found;
  const counts = counting === undefined ? undefined : countsFrom(region, asked, counting);
  const apart = new Set([...roles.keys(), ...(counting === undefined ? [] : [counting])]);
  const questions = rowsOfQuestions(region, filledRows(region, asked.first), asked.stem);
  const rowForEach = {
    part,
    again: saidAgain(region, questions, apart),
    ...(counts && { counts }),
  };
  return counting !== undefined && !counts
    ? undefined
    : {
        rowForEach,
        roles: counting === undefined ? roles : new Map([...roles, [counting, 'ignore']]),
        others: saidOfParts(region, questions, new Set([...apart, asked.stem])),
        stem: asked.stem,
        headingRow: asked.headingRow,
      };
}
