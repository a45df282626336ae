// Workbooks of the old binary kind (.xls), through a community library that is loaded only when one comes.
import type { Finding, Sheet, Table } from '../../model';
import { columnLetters } from '../../shared/cells';
import { sheetWith } from '../../shared/sheet';
import { workbookStream } from './compound';
import { blocked, unreadable, type SourceFile } from '../contract';
import { say } from '../../shared/say';

type Cell = { t: string; v?: unknown; w?: string; f?: string; z?: string | number };
type LibrarySheet = {
  '!data'?: (Cell | undefined)[][];
  '!merges'?: { s: { r: number; c: number }; e: { r: number; c: number } }[];
  '!protect'?: unknown;
};

const asText = (value: unknown): string =>
  typeof value === 'string' || typeof value === 'number' || typeof value === 'boolean'
    ? String(value)
    : '';

/** A cell's text as a person sees it, by the library's letters for what a cell holds. */
function textOf(cell: Cell | undefined): string {
  if (!cell) {
    return '';
  }
  switch (cell.t) {
    case 'z':
      return '';
    case 'b':
      return cell.v ? 'TRUE' : 'FALSE';
    case 's':
      return asText(cell.v);
    default:
      return cell.w ?? asText(cell.v);
  }
}

/** Old workbooks of some programs cut longer texts here, which is told. */
const CUT_LENGTH = 255;

/** Whether a number is shown as a date: its format names days, months or years outside quotes and brackets. */
function isDate({ t, z }: Cell): boolean {
  const format = String(z ?? '');
  const letters = format.replace(/"[^"]*"|\[[^\]]*\]/g, '');
  return t === 'd' || (t === 'n' && /[dmy]/i.test(letters) && !/general/i.test(format));
}

function sheetOf(
  name: string,
  source: LibrarySheet,
  hidden: boolean,
): { sheet: Sheet; cut: string[] } {
  const cut: string[] = [];
  const formulas: Sheet['formulas'] = [];
  const dates: string[] = [];
  const take = (cell: Cell | undefined, row: number, column: number): string => {
    if (cell?.f) {
      formulas.push({ row, column });
    }
    if (cell && isDate(cell)) {
      dates.push(`${row}:${column}`);
    }
    const text = textOf(cell);
    if (text.length === CUT_LENGTH) {
      cut.push(`${columnLetters(column)}${row + 1}`);
    }
    return text;
  };
  const data = source['!data'] ?? [];
  // Rows that hold nothing are holes in the library's list.
  const rows = Array.from(data, (cells: (Cell | undefined)[] | undefined, row) =>
    Array.from(cells ?? [], (cell, column) => take(cell, row, column)),
  );
  const merges = (source['!merges'] ?? []).map(({ s: start, e: end }) => ({
    top: start.r,
    left: start.c,
    bottom: end.r,
    right: end.c,
  }));
  const isProtected = Boolean(source['!protect']);
  return { sheet: sheetWith({ name, hidden, rows, merges, formulas, dates, isProtected }), cut };
}

/** Rows of a sheet that are read; old workbooks have no more than 65,536. */
const MOST_ROWS = 60_000;

/** What should be said of the sheets. */
function findingsOf(name: string, sheets: readonly Sheet[], cut: readonly string[]): Finding[] {
  const findings: Finding[] = [];
  if (cut.length) {
    findings.push({
      rule: 'text-perhaps-cut',
      level: 'warn',
      where: { file: name, cell: cut[0]! },
      message: say(
        '{cut} {cutCount, plural, one {holds} other {hold}} just {cutLength} characters, where old workbooks may be cut. Save the file as .xlsx to be sure.',
        { cut: cut.slice(0, 4).join(', '), cutCount: cut.length, cutLength: CUT_LENGTH },
      ),
    });
  }
  if (!sheets.some((sheet) => sheet.rows.some((row) => row.some(Boolean)))) {
    const message = say('{name} holds no filled cell on any of its {sheets} sheets.', {
      name,
      sheets: sheets.length,
    });
    findings.push(blocked(name, 'workbook-empty', message));
  }
  return findings;
}

const damaged = (name: string, why: string): Table =>
  unreadable(
    name,
    'xls',
    'workbook-damaged',
    say(
      '{name} looks like an old workbook, but {why}. Save it as .xlsx in your spreadsheet program and bring it in again.',
      { name, why },
    ),
  );

/** Reads an old workbook. Never throws for bad input. */
export async function readOldWorkbook({ name, bytes }: SourceFile): Promise<Table> {
  const { read } = await import('@e965/xlsx');
  try {
    const stream = workbookStream(bytes);
    if (!stream) {
      return damaged(name, say("its sheets can't be found in it"));
    }
    const options = { type: 'array', dense: true, nodim: true, cellNF: true } as const;
    const book = read(stream, { ...options, sheetRows: MOST_ROWS });
    const parts = book.SheetNames.map((sheet, index) =>
      sheetOf(
        sheet,
        book.Sheets[sheet] as unknown as LibrarySheet,
        Boolean(book.Workbook?.Sheets?.[index]?.Hidden),
      ),
    );
    const sheets = parts.map(({ sheet }) => sheet);
    const cut = parts.flatMap((part) => part.cut);
    return { file: name, format: 'xls', sheets, findings: findingsOf(name, sheets, cut) };
  } catch {
    return damaged(name, say("it is damaged or of a kind that can't be read"));
  }
}
