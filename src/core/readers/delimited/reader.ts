// Text with a sign between the columns: RFC 4180, tab-separated values, and what programs write besides.
import Papa from 'papaparse';
import type { Finding, Separator, Sheet, Table } from '../../model';
import { columnLetters } from '../../shared/cells';
import { unguardFormula } from '../../shared/formula-like';
import { CAPS, blocked, type ReaderOptions } from '../contract';
import { findSeparator } from './separator';
import { defined } from '../../shared/defined';
import { sheetWith } from '../../shared/sheet';
import { say } from '../../shared/say';

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
      message: say(
        'A quotation mark near record {row} is never closed, so quotation marks were read as ordinary signs. Look at the rows from there on.',
        { row: (broken.row ?? 0) + 1 },
      ),
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

/** Undoes the guard of formula-like texts: an apostrophe in front, here and in other programs' files. */
function unguard(rows: string[][]): void {
  for (const row of rows) {
    row.forEach((text, column) => {
      if (text.startsWith("'")) {
        row[column] = unguardFormula(text);
      }
    });
  }
}

/** A cell so long that a quotation mark was never closed is told by its row, before anything is done with it. */
function longCell(rows: string[][], file: string): Finding | undefined {
  for (const [r, row] of rows.entries()) {
    const c = row.findIndex((text) => text.length > CAPS.cellCharacters);
    if (c >= 0) {
      return blocked(
        file,
        'cell-too-long',
        say(
          '{file}, row {r}, column {c} holds {row, number} characters; {cellCharacters, number} at most are taken. A quotation mark that is never closed is the usual cause.',
          {
            file,
            r: r + 1,
            c: columnLetters(c),
            row: row[c]!.length,
            cellCharacters: CAPS.cellCharacters,
          },
        ),
      );
    }
  }
  return undefined;
}

function sheetOf(name: string, rows: string[][], firstLine: number): Sheet {
  return sheetWith(defined({ name, rows, lines: linesOf(rows, firstLine) }));
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
  const stop = longCell(rows, file);
  unguard(rows);
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
