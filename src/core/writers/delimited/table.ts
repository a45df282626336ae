// A table as delimited text of our own: commas, quotes where RFC 4180 asks for them, a mark that says UTF-8.
import Papa from 'papaparse';
import { guardFormula } from '../../shared/formula-like';

/** What a spreadsheet program would take for a number is one, and runs nothing. */
const NUMBER = /^-?\d+(?:\.\d+)?$/;

/** The bytes of rows of text; a cell that a spreadsheet program would run gets an apostrophe in front. */
export function tableAsText(rows: readonly (readonly string[])[]): Uint8Array {
  const safe = rows.map((row) =>
    row.map((cell) => (NUMBER.test(cell) ? cell : guardFormula(cell))),
  );
  return new TextEncoder().encode(`\ufeff${Papa.unparse(safe, { newline: '\r\n' })}\r\n`);
}
