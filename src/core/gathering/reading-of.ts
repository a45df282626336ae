// How a table is read: its headings, its columns and the notation of its key, each with the reason, and what a person overruled.
import type { Column, Overrule, Reading, Table } from '../model';
import { byChoice } from '../shared/reasons';
import { firstRowBelow, SURE, understandHeadings, type HeadingUnderstood } from '../understanding';
import { rowShown, shownRow, type Region } from '../shared/table/region';
import { guessColumns, type ColumnGuess } from './columns';
import type { Told } from './contract';
import { guessKey } from './key-style';
import { otherHeadings } from './others';
import { say } from '../shared/say';

/** Why a row is taken for the headings. */
const whyHeadings = ({ row }: HeadingUnderstood, region: Region): string =>
  row === null
    ? say('no row differs from the others as headings do')
    : say(
        'row {sheet} is of another kind than the rows below it, and its words are those of headings',
        { sheet: shownRow(region.sheet, row) },
      );

/** Which row holds the headings: the one that was said, else the one that looks like it. */
function headingsOf(
  region: Region,
  said: Overrule['headingRow'],
  areTerms: boolean,
): { row: number | null; because: string; found?: HeadingUnderstood } {
  if (said !== undefined) {
    return { row: said === null ? null : rowShown(region.sheet, said), because: byChoice() };
  }
  if (areTerms) {
    return { row: null, because: '' };
  }
  const found = understandHeadings(region);
  return { row: found.row, because: whyHeadings(found, region), found };
}

/** The columns with their reasons by `columns.A` and so on, and which of them are unsure; what was said of one is in its place. */
function columnsSaid(
  guesses: readonly ColumnGuess[],
  said: readonly Column[] = [],
): { columns: Column[]; because: Record<string, string>; unsure: string[] } {
  const because: Record<string, string> = {};
  const unsure: string[] = [];
  const columns = guesses.map(({ because: why, sure, ...column }): Column => {
    const own = said.find((candidate) => candidate.column === column.column);
    const path = `columns.${column.column}`;
    because[path] = own ? byChoice() : why;
    if (!own && !sure) {
      unsure.push(path);
    }
    return own ? { ...column, n: undefined, ...own } : column;
  });
  return { columns, because, unsure };
}

/** How the file was opened, as far as one could open it otherwise, with the reasons. */
function openedAs(
  { separator, encoding }: Table,
  overrule: Overrule,
): { reading: Pick<Reading, 'separator' | 'encoding'>; because: Record<string, string> } {
  return {
    reading: { ...(separator ? { separator } : {}), ...(encoding ? { encoding } : {}) },
    because: {
      ...(separator
        ? { separator: overrule.separator ? byChoice() : say('it splits the rows most evenly') }
        : {}),
      ...(encoding ? { encoding: overrule.encoding ? byChoice() : say('the bytes say so') } : {}),
    },
  };
}

/** The reading of a region: every guess with its reason, and what the user overruled in its place. */
export function readManner(
  table: Table,
  region: Region,
  { overrule, chosen }: Told,
): { reading: Reading; first: number; headingRow: number | null; cards: boolean } {
  const areTerms = table.listsTerms === true;
  const headings = headingsOf(region, overrule.headingRow, areTerms);
  const headingRow = headings.row;
  const isDoubted = headings.found !== undefined && headings.found.p < SURE;
  const first = firstRowBelow(region, headingRow);
  const guessed = guessColumns(region, { headingRow, first, areTerms }, overrule.columns);
  const { columns, ...told } = columnsSaid(guessed.columns, overrule.columns);
  const isProgram = table.format === 'json';
  const key = guessKey(region, columns, {
    first,
    headingRow,
    isProgram,
    sheets: table.sheets,
  });
  const opened = openedAs(table, overrule);
  return {
    first,
    headingRow,
    cards: guessed.cards,
    reading: {
      as: 'table',
      sheet: region.sheet.name,
      ...(overrule.range ? { range: overrule.range } : {}),
      headingRow: headingRow === null ? null : shownRow(region.sheet, headingRow),
      columns,
      key: overrule.key ?? key.key,
      ...opened.reading,
      because: {
        sheet: chosen.because,
        headingRow: headings.because,
        ...told.because,
        key: overrule.key ? byChoice() : key.because,
        ...opened.because,
      },
      unsure: [
        ...(chosen.sure ? [] : ['sheet']),
        ...(isDoubted ? ['headingRow'] : []),
        ...told.unsure,
        ...(overrule.key || key.sure ? [] : ['key']),
      ],
      others: [...(isDoubted ? otherHeadings(headings.found!, region) : []), ...guessed.others],
    },
  };
}
