// Text with a separator: the blank's own lines stay, new rows follow in the blank's manner of quoting.
import type { CellValue, Encoding, Layout } from '../../model';
import { columnIndex } from '../../shared/cells';
import { encodeWindows1252 } from '../../shared/windows-1252';
import type { Job, Written } from '../contract';

type File = Layout['file'];

/** The text of a blank by the encoding of its layout. */
function textOf(bytes: Uint8Array, encoding: Encoding | undefined): string {
  if (encoding === 'utf-16le') return new TextDecoder('utf-16le').decode(bytes);
  const label = encoding === 'windows-1252' ? 'windows-1252' : 'utf-8';
  return new TextDecoder(label).decode(bytes, { stream: true });
}

function encode(text: string, encoding: Encoding | undefined): Uint8Array {
  if (encoding === 'windows-1252') return encodeWindows1252(text);
  if (encoding !== 'utf-16le') return new TextEncoder().encode(encoding === 'utf-8-bom' ? `\ufeff${text}` : text);
  const bytes = new Uint8Array(2 + text.length * 2);
  bytes.set([0xff, 0xfe]);
  for (let i = 0; i < text.length; i++) {
    bytes[2 + i * 2] = text.charCodeAt(i) & 0xff;
    bytes[3 + i * 2] = text.charCodeAt(i) >> 8;
  }
  return bytes;
}

/** A field as RFC 4180 (2.5 to 2.7) asks: in quotes where it holds the separator, a quote or a line end. */
function field(value: CellValue | undefined, { separator = ',', quote = 'minimal' }: File): string {
  const text = value === undefined ? '' : String(value);
  if (quote === 'none') return text;
  if (quote !== 'all' && !text.includes(separator) && !/["\r\n]|^\s|\s$/.test(text)) return text;
  return `"${text.replace(/"/g, '""')}"`;
}

/** Where record number `n` (from 0) of a text begins; quotes may hold line ends. The text's length where it has fewer. */
function recordStart(text: string, n: number, quoted: boolean): number {
  let record = 0;
  let inQuotes = false;
  for (let i = 0; i < text.length; i++) {
    if (record === n) return i;
    const sign = text[i];
    if (sign === '"' && quoted) inQuotes = !inQuotes;
    else if (sign === '\n' && !inQuotes) record++;
  }
  return text.length;
}

/** How many columns the heading row has, so that new rows are as wide. */
function widthOf(layout: Layout): number {
  return Math.max(0, ...layout.columns.map((column) => columnIndex(column.column) + 1));
}

/** Writes the rows below the blank's heading lines (or below headings of the layout's own), sample rows replaced. */
export function writeDelimited({ layout, rows, blank }: Job): Written {
  const { file } = layout;
  const end = file.newline === 'crlf' ? '\r\n' : '\n';
  const width = widthOf(layout);
  const letters: (string | undefined)[] = Array.from({ length: width });
  for (const column of layout.columns) letters[columnIndex(column.column)] = column.column;
  const numbered = layout.columns.find((column) => column.role === 'number-in-file')?.column;
  const line = (values: (CellValue | undefined)[]): string => values.map((value) => field(value, file)).join(file.separator ?? ',') + end;
  const body = rows.map((cells, index) => line(letters.map((column) => (column === undefined ? undefined : column === numbered ? index + 1 : cells[column]))));
  let head = '';
  if (blank) {
    const text = textOf(blank, file.encoding).replace(/^\ufeff/, '');
    head = text.slice(0, recordStart(text, (file.firstRow ?? 2) - 1, file.quote !== 'none'));
    if (head && !head.endsWith('\n')) head += end;
  } else if (file.headingRow) {
    head = line(letters.map((column) => layout.columns.find((candidate) => candidate.column === column)?.heading));
  }
  return { bytes: encode(head + body.join(''), file.encoding), notes: [] };
}
