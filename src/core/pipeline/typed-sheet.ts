// Questions typed down a column of a sheet, their options below them and a sign beside the right one: text that stands in cells.
import type { Document, DocumentLine, Opened, ReadAs, Sheet, Table } from '../model';
import { isTypedText } from '../gathering';
import { regionOf, shownRow, type Region } from '../shared/table/region';

/** Shorter sheets hold nothing that repeats, longer ones are looked at as tables alone. */
const FEWEST_ROWS = 6;
const MOST_ROWS = 5000;
const MOST_COLUMNS = 4;
const LABEL = /^[([]?(?:\d{1,3}|[A-Za-z])[.):\]]{0,2}$/u;
const MARK = /^(?:[xX✓✔☑√*+]|\(x\)|\[x\])$/iu;

/** What a row says as a line of a text: its number or letter, its text, and whether a sign stands beside that. */
type Typed = { label: string; text: string; at: number; isMarked: boolean };

/** A row as a line; undefined where texts stand in several of its cells, or one holds several lines. */
function typedIn(region: Region, row: number): Typed | undefined {
  const cells: { text: string; at: number }[] = [];
  for (let at = region.left; at <= region.right; at++) {
    const text = region.cell(row, at);
    if (text) {
      cells.push({ text, at });
    }
  }
  const unmarked = cells.filter(({ text }) => !MARK.test(text));
  const said = unmarked.length ? unmarked : cells.slice(-1);
  const labels = said.slice(0, -1);
  if (
    labels.some(({ text }) => !LABEL.test(text)) ||
    said.some(({ text }) => text.includes('\n'))
  ) {
    return undefined;
  }
  const { text = '', at = region.left } = said.at(-1) ?? {};
  return {
    label: labels.map((label) => label.text).join(' '),
    text,
    at,
    isMarked: cells.length > said.length,
  };
}

/** The line that a person would have typed; a sign beside its text stands in front of it. */
function lineOf({ sheet }: Region, row: number, typed: Typed): DocumentLine {
  const { label, text, at, isMarked } = typed;
  const before = `${isMarked ? '*' : ''}${/[\p{L}\p{N}]$/u.test(label) ? `${label})` : label}`;
  const runs = before ? undefined : sheet.rich?.[`${row}:${at}`];
  return {
    line: shownRow(sheet, row),
    text: label ? `${before} ${text}` : `${before}${text}`,
    ...(runs ? { runs } : {}),
  };
}

/** Whether the rows are counted through: each is a question, or a statement, by itself. */
const isCounted = (rows: readonly Typed[]): boolean =>
  rows.every(({ label, text }, index) => {
    const above = rows[index - 1];
    return !text || (/^\D?\d/.test(label) && (!above || parseInt(label, 10) > index - 1));
  });

/** The lines of a sheet whose rows are lines of a text; undefined of any other. */
function linesOf(sheet: Sheet): DocumentLine[] | undefined {
  const region = regionOf(sheet);
  const rows = region.bottom - region.top + 1;
  const columns = region.right - region.left + 1;
  if (rows < FEWEST_ROWS || rows > MOST_ROWS || columns > MOST_COLUMNS) {
    return undefined;
  }
  const typed: Typed[] = [];
  for (let row = region.top; row <= region.bottom; row++) {
    const own = typedIn(region, row);
    // The first row may hold headings.
    if (!own && row > region.top) {
      return undefined;
    }
    typed.push(own ?? NOTHING);
  }
  return isCounted(typed)
    ? undefined
    : typed.map((own, index) => lineOf(region, region.top + index, own));
}
const NOTHING: Typed = { label: '', text: '', at: 0, isMarked: false };

/** A table whose only filled sheet holds typed questions, as the text that they are; undefined where it holds a table. */
function typedInSheet(table: Table, isSaid = false): Document | undefined {
  const filled = table.sheets.filter(
    ({ hidden, rows }) => !hidden && rows.some((row) => row.some((cell) => cell.trim())),
  );
  const lines = filled.length === 1 ? linesOf(filled[0]!) : undefined;
  const document: Document | undefined = lines && {
    file: table.file,
    format: 'txt',
    lines,
    findings: table.findings,
  };
  return document && (isSaid || isTypedText(document)) ? document : undefined;
}

const IN_CELLS: readonly Table['format'][] = ['xlsx', 'xls', 'ods', 'csv', 'tsv'];

/** Whether what was opened stands in the cells of a sheet. */
const isInCells = (opened: Opened): opened is Extract<Opened, { is: 'table' }> =>
  opened.is === 'table' && IN_CELLS.includes(opened.table.format);

/** A sheet in whose cells a text stands line by line, as that text; undefined of others, and where a person says that it is a table. */
export function asSheetOfLines(opened: Opened, as: ReadAs | undefined): Opened | undefined {
  const mayBe = isInCells(opened) && (as === undefined || as === 'questions');
  const document = mayBe ? typedInSheet(opened.table, as === 'questions') : undefined;
  return document && { is: 'document', document };
}

/** Whether a person may say of a table that it is a text typed into cells. */
export const mayHoldLines = (opened: Opened): boolean =>
  isInCells(opened) && typedInSheet(opened.table, true) !== undefined;
