// The other sheets of a workbook with the same headings, a tab for each topic or round: read together with the one that is read.
import type { Sheet, Table } from '../model';
import { columnIndex } from '../shared/cells';
import { alike } from '../shared/normalise';
import { listed, quoted } from '../shared/plain';
import { regionOf, rowShown, shownRow } from '../shared/table/region';
import type { From, Gathered, Told } from './contract';
import { spreadMerges } from './merges';
import { gatherRegion } from './tables-of-sheet';
import { say } from '../shared/say';

/** Headings stand among the first rows. */
const HEADING_ROWS = 40;
/** One heading that two sheets share is chance. */
const LEAST_HEADINGS = 2;

/** What spreadsheet programs call a sheet that nobody named: a word for sheet in some language and a number. Common practice, no source. */
const UNNAMED =
  /^(?:sheet|tabelle|blatt|feuil(?:le)?|hoja|foglio|blad|ark|taul|arkusz|list|planilha|folha|página|lapa|munka)\s*\d+$/iu;

const titleOf = ({ name }: Sheet): string[] | undefined =>
  UNNAMED.test(name) ? undefined : [name];

/** The row of a sheet, from 0, that holds the same texts in the same columns; undefined where none does. */
function sameRow(sheet: Sheet, headings: ReadonlyMap<number, string>): number | undefined {
  const row = sheet.rows
    .slice(0, HEADING_ROWS)
    .findIndex((cells) => [...headings].every(([at, text]) => alike(cells[at] ?? '') === text));
  return row < 0 ? undefined : row;
}

/** The headings that a table was read by, comparable, by their columns. */
function headingsRead(sheet: Sheet, { reading }: Gathered): Map<number, string> {
  const row = reading.headingRow === null ? [] : sheet.rows[rowShown(sheet, reading.headingRow)];
  return new Map(
    reading.columns
      .map(({ column }): [number, string] => [
        columnIndex(column),
        alike(row?.[columnIndex(column)] ?? ''),
      ])
      .filter(([, text]) => text !== ''),
  );
}

/** The questions under their sheet's name, where no column says a category. */
const under = (part: Gathered, sheet: Sheet): Gathered['items'] => {
  const category = titleOf(sheet);
  const isSaid = part.reading.columns.some(({ role }) => role === 'category');
  return category && !isSaid ? part.items.map((item) => ({ category, ...item })) : part.items;
};

/**
 * What was read of one sheet together with the questions of every visible sheet that has the same headings in the same columns,
 * in the order of the sheets. The roles and the key's notation are those of the first reading, so that a tab of two rows is
 * understood as the longest one is.
 */
export function withSheetsAlike(
  from: From,
  sheet: Sheet,
  first: Gathered,
  { overrule, chosen }: Told,
): Gathered {
  const headings = headingsRead(sheet, first);
  if (headings.size < LEAST_HEADINGS) {
    return first;
  }
  const said = { ...overrule, columns: first.reading.columns, key: first.reading.key };
  const parts = from.table.sheets.flatMap((one) => {
    if (one.name === sheet.name) {
      return [{ sheet, part: first }];
    }
    const row = one.hidden ? undefined : sameRow(one, headings);
    if (row === undefined) {
      return [];
    }
    const spread = spreadMerges(one);
    const headingRow = shownRow(spread, row);
    const part = gatherRegion(from, regionOf(spread), {
      overrule: { ...said, headingRow },
      chosen,
    });
    return part.items.length ? [{ sheet: one, part }] : [];
  });
  return parts.length > 1 ? together(from.table, sheet, first, parts) : first;
}

function together(
  table: Table,
  sheet: Sheet,
  first: Gathered,
  parts: readonly { sheet: Sheet; part: Gathered }[],
): Gathered {
  const { reading } = first;
  const names = parts.map((one) => one.sheet.name);
  return {
    ...first,
    items: parts.flatMap((one) => under(one.part, one.sheet)),
    findings: [
      {
        rule: 'sheets-alike',
        level: 'note',
        where: { file: table.file },
        message: say(
          '{parts, plural, one {# sheet} other {# sheets}} have the same headings and were read together: {names}. Choose one of them to read it alone.',
          { parts: parts.length, names: listed(names.map((name) => quoted(name))) },
        ),
      },
      ...parts.flatMap(({ part }) => part.findings),
    ],
    reading: {
      ...reading,
      alike: names.filter((name) => name !== sheet.name),
      because: {
        ...reading.because,
        sheet: say(
          'it has the same headings as {names, plural, one {# other sheet} other {# other sheets}}',
          { names: names.length - 1 },
        ),
      },
      unsure: reading.unsure.filter((path) => path !== 'sheet'),
    },
  };
}
