// Text with a separator: the blank's own lines stay, new rows follow in the blank's manner of quoting.
import Papa from 'papaparse';
import type { CellValue, Layout } from '../../model';
import { columnIndex } from '../../shared/cells';
import { guardFormula } from '../../shared/formula-like';
import type { Job, Written } from '../contract';
import { planSheet, type SheetPlan } from '../sheet-plan';
import { encode, lineEnd, textOf } from '../text/encode';

type File = Layout['file'];
type Values = (CellValue | undefined)[];

/** A field as RFC 4180 (2.5 to 2.7) asks: in quotes where it holds the separator, a quote or a line end. */
function field(value: CellValue | undefined, { separator = ',', quote = 'minimal' }: File): string {
  const text = value === undefined ? '' : String(value);
  if (quote === 'none') {
    return text;
  }
  if (quote !== 'all' && !text.includes(separator) && !/["\r\n]|^\s|\s$/.test(text)) {
    return text;
  }
  return `"${text.replace(/"/g, '""')}"`;
}

const lineOf = (values: Values, file: File): string =>
  values.map((value) => field(value, file)).join(file.separator ?? ',') + lineEnd(file);

/** The records of a text as they stand, each with its line end; quotes may hold line ends. */
function recordsOf(text: string, quoted: boolean): string[] {
  const records: string[] = [];
  let start = 0;
  let inQuotes = false;
  for (let i = 0; i < text.length; i++) {
    const sign = text[i];
    if (sign === '"' && quoted) {
      inQuotes = !inQuotes;
    } else if (sign === '\n' && !inQuotes) {
      records.push(text.slice(start, i + 1));
      start = i + 1;
    }
  }
  if (start < text.length) {
    records.push(text.slice(start));
  }
  return records;
}

/** A record with some of its fields replaced. */
function withCells(
  record: string,
  cells: readonly (readonly [number, CellValue | undefined])[],
  file: File,
): string {
  const [fields = []] = Papa.parse<string[]>(record.replace(/\r?\n$/, ''), {
    delimiter: file.separator ?? ',',
    quoteChar: file.quote === 'none' ? '\0' : '"',
  }).data;
  const values: Values = [...fields];
  for (const [column, value] of cells) {
    while (values.length <= column) {
      values.push('');
    }
    values[column] = value;
  }
  return lineOf(values, file);
}

/** How many columns the rows have, so that new rows are as wide. */
const widthOf = ({ columns, lines = [] }: Layout): number =>
  Math.max(
    0,
    ...[...columns, ...lines.flatMap((line) => line.cells)].map(
      ({ column }) => columnIndex(column) + 1,
    ),
  );

/** Rows below the headings; whatever the blank has there was a sample. */
function rowsBelow(records: string[], plan: SheetPlan, layout: Layout): string {
  const head = records.slice(0, plan.firstRow - 1).join('');
  const end = head && !head.endsWith('\n') ? lineEnd(layout.file) : '';
  const width = Math.max(widthOf(layout), (plan.counted ?? -1) + 1);
  const body = plan.rows.map(({ values }, index) => {
    const row: Values = Array.from({ length: width });
    for (const [column, value] of values) {
      row[column] = value;
    }
    if (plan.counted !== undefined) {
      row[plan.counted] = index + 1;
    }
    return lineOf(row, layout.file);
  });
  return head + end + body.join('');
}

/** Cells set among the blank's own records, for blocks and boards. */
function cellsAmong(records: string[], plan: SheetPlan, file: File): string {
  const filled = [...records];
  const recordAt = (r: number): string => {
    while (filled.length < r) {
      filled.push(lineEnd(file));
    }
    return filled[r - 1]!;
  };
  for (const { r, values } of plan.rows) {
    filled[r - 1] = withCells(recordAt(r), values, file);
  }
  const empty = plan.clear.columns.map((column) => [column, undefined] as const);
  for (let r = plan.clear.from; r <= Math.min(plan.clear.to ?? filled.length, filled.length); r++) {
    filled[r - 1] = withCells(recordAt(r), empty, file);
  }
  return filled.join('');
}

/** The line of the layout's own headings, which are somebody's text like any other. */
function headingLine(layout: Layout): string {
  const headings: Values = Array.from({ length: widthOf(layout) });
  for (const { column, heading } of layout.columns) {
    headings[columnIndex(column)] = guardFormula(heading ?? '');
  }
  return lineOf(headings, layout.file);
}

/** The blank's records; where there is no blank, the layout's own headings. */
function recordsBefore({ layout, blank }: Job): string[] {
  const { file } = layout;
  if (blank) {
    return recordsOf(textOf(blank, file.encoding), file.quote !== 'none');
  }
  return file.headingRow ? [headingLine(layout)] : [];
}

/** Writes the rows below the blank's heading lines (or below headings of the layout's own), sample rows replaced. */
export function writeDelimited(job: Job): Written {
  const { layout } = job;
  const { file } = layout;
  const plan = planSheet(job);
  const records = recordsBefore(job);
  for (const { row, column, value } of plan.cells) {
    const record = records[row - 1];
    if (record !== undefined) {
      records[row - 1] = withCells(record, [[column, value]], file);
    }
  }
  const text =
    layout.shape === 'rows' ? rowsBelow(records, plan, layout) : cellsAmong(records, plan, file);
  return { bytes: encode(text, file.encoding), notes: [] };
}
