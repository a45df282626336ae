// Text with a sign between the columns: RFC 4180, tab-separated values, and what programs write besides.
import Papa from 'papaparse';
import type { Finding, Separator, Sheet, Table } from '../../model';
import { columnLetters } from '../../shared/cells';
import { unguardFormula } from '../../shared/formula-like';
import { CAPS, blocked, type ReaderOptions, type SourceFile } from '../contract';
import { decode } from '../encoding';
import { findSeparator } from './separator';
import { defined } from '../../shared/defined';

type Parsed = { rows: string[][]; quoted: boolean; findings: Finding[] };

function parseRows(text: string, separator: Separator, file: string): Parsed {
  const findings: Finding[] = [];
  const quoted = text.includes('"');
  let result = Papa.parse<string[]>(text, { delimiter: separator });
  const broken = result.errors.find((error) => error.type === 'Quotes');
  if (broken) {
    // Read again with quotes as ordinary signs: the rest of the file is worth more than one cell's quotes.
    result = Papa.parse<string[]>(text, { delimiter: separator, quoteChar: '\u0001' });
    findings.push({
      rule: 'stray-quote',
      level: 'warn',
      where: { file, line: (broken.row ?? 0) + 1 },
      message: `A quotation mark near record ${(broken.row ?? 0) + 1} is never closed, so quotation marks were read as ordinary signs. Look at the rows from there on.`,
    });
  }
  const rows = result.data;
  if (rows.length && rows.at(-1)!.length === 1 && rows.at(-1)![0] === '') {
    rows.pop();
  }
  return { rows, quoted: quoted && !broken, findings };
}

/** The line where each record starts, where a cell holds line breaks; undefined where record and line agree. */
function linesOf(rows: string[][], first: number): number[] | undefined {
  if (first === 1 && !rows.some((row) => row.some((cell) => cell.includes('\n')))) {
    return undefined;
  }
  let line = first;
  return rows.map((row) => {
    const start = line;
    line +=
      1 +
      row.reduce((sum, cell) => sum + (cell.includes('\n') ? cell.split('\n').length - 1 : 0), 0);
    return start;
  });
}

/** Undoes the guard of formula-like texts, and tells the first thing past the caps. */
function settleCells(rows: string[][], file: string): Finding | undefined {
  let cells = 0;
  for (let r = 0; r < rows.length; r++) {
    const row = rows[r]!;
    cells += row.length;
    for (let c = 0; c < row.length; c++) {
      // An apostrophe in front of a formula-like text is a guard, here and in other programs' files.
      if (row[c]!.charCodeAt(0) === 39) {
        row[c] = unguardFormula(row[c]!);
      }
      if (row[c]!.length > CAPS.cellCharacters) {
        return blocked(
          file,
          'cell-too-long',
          `${file}, row ${r + 1}, column ${columnLetters(c)} holds ${row[c]!.length.toLocaleString('en-GB')} characters; ${CAPS.cellCharacters.toLocaleString('en-GB')} at most are taken. A quotation mark that is never closed is the usual cause.`,
        );
      }
    }
  }
  return cells > CAPS.cells
    ? blocked(
        file,
        'too-many-cells',
        `${file} holds ${cells.toLocaleString('en-GB')} cells; ${CAPS.cells.toLocaleString('en-GB')} at most are taken. Split it and bring the parts in one by one.`,
      )
    : undefined;
}

function sheetOf(name: string, rows: string[][], firstLine: number): Sheet {
  const lines = linesOf(rows, firstLine);
  return defined({
    name,
    hidden: false,
    rows,
    lines,
    merges: [],
    validations: [],
    comments: [],
    formulas: [],
    dates: [],
    isProtected: false,
  });
}

/** Reads text that is already decoded, as from the clipboard. */
export function readDelimitedText(
  file: string,
  source: string,
  options: ReaderOptions = {},
): Table {
  const found = options.separator ? { separator: options.separator } : findSeparator(source, file);
  const declared = /^sep=[,;|\t]\r?\n/i.exec(source);
  const text = declared ? source.slice(declared[0].length) : source;
  const { rows, quoted, findings } = parseRows(text, found.separator, file);
  const stop = settleCells(rows, file);
  const format = found.separator === '\t' ? 'tsv' : 'csv';
  return {
    file,
    format,
    separator: found.separator,
    newline: /\r\n/.test(text.slice(0, 64_000)) ? 'crlf' : 'lf',
    quote: quoted && !/(?:^|[\n,;\t|])[^"\n,;\t|]/.test(text.slice(0, 4000)) ? 'all' : 'minimal',
    sheets: stop ? [] : [sheetOf(file, rows, declared ? 2 : 1)],
    findings: stop ? [...findings, stop] : findings,
  };
}

/** Reads a file of text as columns, with its encoding found or given. */
export function readDelimited(file: SourceFile, options: ReaderOptions): Table {
  const decoded = decode(file.bytes, options.encoding);
  return { ...readDelimitedText(file.name, decoded.text, options), encoding: decoded.encoding };
}
