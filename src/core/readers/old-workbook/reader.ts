// Workbooks of the old binary kind (.xls), through a community library that is loaded only when one comes.
import type { Sheet, Table } from '../../model';
import { columnLetters } from '../../shared/cells';
import { workbookStream } from './compound';
import { blocked, unreadable, type SourceFile } from '../contract';

type Cell = { t: string; v?: unknown; w?: string; f?: string; z?: string | number };
type LibrarySheet = {
  '!data'?: (Cell | undefined)[][];
  '!merges'?: { s: { r: number; c: number }; e: { r: number; c: number } }[];
  '!protect'?: unknown;
};

/** A cell's text as a person sees it. The library cuts long texts at 255 characters in some files, which is told. */
const textOf = (cell: Cell | undefined): string =>
  !cell || cell.t === 'z'
    ? ''
    : cell.t === 'b'
      ? cell.v
        ? 'TRUE'
        : 'FALSE'
      : cell.t === 's'
        ? String(cell.v ?? '')
        : (cell.w ?? String(cell.v ?? ''));

function sheetOf(
  name: string,
  source: LibrarySheet,
  hidden: boolean,
): { sheet: Sheet; cut: string[] } {
  const cut: string[] = [];
  const sheet: Sheet = {
    name,
    hidden,
    rows: [],
    merges: (source['!merges'] ?? []).map(({ s, e }) => ({
      top: s.r,
      left: s.c,
      bottom: e.r,
      right: e.c,
    })),
    validations: [],
    comments: [],
    formulas: [],
    dates: [],
    isProtected: Boolean(source['!protect']),
  };
  const rows = source['!data'] ?? [];
  for (let r = 0; r < rows.length; r++) {
    sheet.rows.push(
      Array.from(rows[r] ?? [], (cell, c) => {
        if (cell?.f) {
          sheet.formulas.push({ row: r, column: c });
        }
        if (
          cell?.t === 'd' ||
          (cell?.t === 'n' &&
            /[dmy]/i.test(String(cell.z ?? '').replace(/"[^"]*"|\[[^\]]*\]/g, '')) &&
            !/general/i.test(String(cell.z)))
        ) {
          sheet.dates.push(`${r}:${c}`);
        }
        const text = textOf(cell);
        if (text.length === 255) {
          cut.push(`${columnLetters(c)}${r + 1}`);
        }
        return text;
      }),
    );
  }
  return { sheet, cut };
}

/** Reads an old workbook. Never throws for bad input. */
export async function readOldWorkbook({ name, bytes }: SourceFile): Promise<Table> {
  const { read } = await import('@e965/xlsx');
  try {
    const stream = workbookStream(bytes);
    if (!stream) {
      return unreadable(
        name,
        'xls',
        'workbook-damaged',
        `${name} looks like an old workbook, but its sheets can't be found in it. Save it as .xlsx in your spreadsheet program and bring it in again.`,
      );
    }
    const book = read(stream, {
      type: 'array',
      dense: true,
      nodim: true,
      sheetRows: 60_000,
      cellNF: true,
    });
    const read_ = book.SheetNames.map((sheet, index) =>
      sheetOf(
        sheet,
        book.Sheets[sheet] as unknown as LibrarySheet,
        Boolean(book.Workbook?.Sheets?.[index]?.Hidden),
      ),
    );
    const sheets = read_.map(({ sheet }) => sheet);
    const table: Table = { file: name, format: 'xls', sheets, findings: [] };
    const cut = read_.flatMap((one) => one.cut);
    if (cut.length) {
      table.findings.push({
        rule: 'text-perhaps-cut',
        level: 'warn',
        where: { file: name, cell: cut[0]! },
        message: `${cut.slice(0, 4).join(', ')} ${cut.length === 1 ? 'holds' : 'hold'} just 255 characters, where old workbooks may be cut. Save the file as .xlsx to be sure.`,
      });
    }
    if (!sheets.some((sheet) => sheet.rows.some((row) => row.some(Boolean)))) {
      table.findings.push(
        blocked(
          name,
          'workbook-empty',
          `${name} holds no filled cell on any of its ${sheets.length} sheets.`,
        ),
      );
    }
    return table;
  } catch {
    return unreadable(
      name,
      'xls',
      'workbook-damaged',
      `${name} looks like an old workbook, but it is damaged or of a kind that can't be read. Save it as .xlsx in your spreadsheet program and bring it in again.`,
    );
  }
}
