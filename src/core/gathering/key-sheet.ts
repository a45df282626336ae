// The right answers on a sheet of their own: joined to their questions by number, or row by row.
import type { Finding, Sheet, Table } from '../model';
import { quoted } from '../shared/plain';
import { regionOf, type Region } from '../shared/table/region';
import {
  firstRowBelow,
  readingsOf,
  understandColumns,
  understandHeadings,
  type ColumnUnderstood,
} from '../understanding';
import { say } from '../shared/say';

/** So much of the rows must find an answer that names one of their options. */
const MOSTLY = 0.8;
const LEAST = 2;

type Read = {
  region: Region;
  headingRow: number | null;
  first: number;
  columns: ColumnUnderstood[];
};

function read(sheet: Sheet): Read {
  const region = regionOf(sheet);
  const { row: headingRow } = understandHeadings(region);
  const first = firstRowBelow(region, headingRow);
  return { region, headingRow, first, columns: understandColumns(region, headingRow, first) };
}

const KEYED = new Set(['key', 'verdict', 'weight', 'right', 'accepted']);

const rowsOf = ({ region, first }: Read): number[] =>
  Array.from({ length: Math.max(0, region.bottom - first + 1) }, (_, index) => first + index);

/** The columns by which the questions are told apart: all texts are there once. */
function namingColumns(main: Read): number[] {
  const rows = rowsOf(main);
  return main.columns
    .filter(({ role }) => role !== 'option')
    .map(({ at }) => at)
    .filter((at) => {
      const texts = rows.map((row) => main.region.cell(row, at));
      return texts.every(Boolean) && new Set(texts).size === texts.length;
    });
}

/** The answers of a column of another sheet, for each row of the questions; empty where a row finds none. */
function answersBy(main: Read, other: Read, column: number): string[] {
  const rows = rowsOf(main);
  for (const name of namingColumns(main)) {
    const own = rows.map((row) => main.region.cell(row, name));
    for (const { at } of other.columns.filter((one) => one.at !== column)) {
      const answers = new Map(
        rowsOf(other).map((row) => [other.region.cell(row, at), other.region.cell(row, column)]),
      );
      if (own.filter((text) => answers.has(text)).length >= rows.length * MOSTLY) {
        return own.map((text) => answers.get(text) ?? '');
      }
    }
  }
  // A lone column hardly shows its heading: what stands above the last as many cells is taken for it.
  const { region } = other;
  const inOrder = region.sheet.rows.map((_, row) => region.cell(row, column)).filter(Boolean);
  const isOneMore = inOrder.length === rows.length + 1;
  return isOneMore || inOrder.length === rows.length ? inOrder.slice(-rows.length) : [];
}

/** Whether a column only counts its rows. */
function counts(other: Read, column: number): boolean {
  const own = new Set(rowsOf(other).map((row) => other.region.cell(row, column)));
  return rowsOf(other).every((_, index) => own.has(String(index + 1)));
}

/** How much of the answers name an option of their rows. */
function shareOf(main: Read, answers: readonly string[]): number {
  const options = main.columns.filter(({ role }) => role === 'option');
  const named = rowsOf(main).map((row, index) => ({
    key: answers[index] ?? '',
    options: options.map(({ at }) => main.region.cell(row, at)),
  }));
  const told = named.filter(({ key }) => key).length;
  const headings = options.map(({ heading }) => heading);
  return told >= named.length * MOSTLY ? (readingsOf(named, headings)[0]?.share ?? 0) : 0;
}

/** The sheet with a column of answers behind its others. */
function withColumn(
  { region, headingRow, first }: Read,
  heading: string,
  answers: string[],
): Sheet {
  const at = region.right + 1;
  const rows = region.sheet.rows.map((row, index) => {
    const own = [...row];
    while (own.length < at) {
      own.push('');
    }
    own[at] = index === headingRow ? heading : (answers[index - first] ?? '');
    return own;
  });
  return { ...region.sheet, rows };
}

/**
 * The sheet with the answers that stand on another visible sheet, and a finding that says so; undefined where its own columns
 * tell them, or no other sheet does.
 */
export function withKeySheet(
  table: Table,
  sheet: Sheet,
): { sheet: Sheet; finding: Finding } | undefined {
  const others = table.sheets.filter((one) => one.name !== sheet.name && !one.hidden);
  if (!others.length) {
    return undefined;
  }
  const main = read(sheet);
  const options = main.columns.filter(({ role }) => role === 'option').length;
  const isTold = main.columns.some(({ role }) => KEYED.has(role));
  if (options < LEAST || isTold || rowsOf(main).length < LEAST) {
    return undefined;
  }
  for (const one of others) {
    const other = read(one);
    for (const { at, heading } of other.columns.filter((column) => !counts(other, column.at))) {
      const answers = answersBy(main, other, at);
      if (answers.length && shareOf(main, answers) >= MOSTLY) {
        const message = say(
          'The right answers stand on the sheet {name}: {answers, plural, one {# answer} other {# answers}} of it {answersCount, plural, one {was} other {were}} joined to the questions.',
          {
            name: quoted(one.name),
            answers: answers.filter(Boolean).length,
            answersCount: answers.length,
          },
        );
        return {
          sheet: withColumn(main, heading.length > 1 ? heading : 'Key', answers),
          finding: {
            rule: 'key-sheet',
            level: 'note',
            where: { file: table.file, sheet: one.name },
            message,
          },
        };
      }
    }
  }
  return undefined;
}
