// A receiver's own workbook filled: the one sheet gets its rows, every other part stays as it is to the byte.
import { unzipSync, zipSync, type Zippable } from 'fflate';
import type { CellValue } from '../../model';
import { cellName, columnIndex, parseCell, parseRanges, rangeName } from '../../shared/cells';
import { count, listed } from '../../shared/plain';
import type { Job, Written } from '../contract';
import { escapeXml } from './escape';
import { attributeOf, parseSheet, sheetText, type Cell, type SheetRow, type SheetXml } from './sheet-xml';

const decode = (bytes: Uint8Array | undefined): string => (bytes ? new TextDecoder('utf-8').decode(bytes) : '');
const unescape = (text: string): string => text.replace(/&lt;/g, '<').replace(/&gt;/g, '>').replace(/&quot;/g, '"').replace(/&apos;/g, "'").replace(/&amp;/g, '&');

/** The path of a sheet's part, through the workbook and its relationships. */
function sheetPath(parts: Record<string, Uint8Array>, name: string | undefined): { path: string; workbook: string } | undefined {
  const root = /<Relationship\s[^>]*Type="[^"]*\/officeDocument"[^>]*>/.exec(decode(parts['_rels/.rels']))?.[0];
  const workbook = (root && attributeOf(root, 'Target')?.replace(/^\//, '')) ?? 'xl/workbook.xml';
  const sheets = [...decode(parts[workbook]).matchAll(/<(?:[\w.-]+:)?sheet\s([^>]*?)\/?>/g)].map((match) => match[1]!);
  const wanted = sheets.find((sheet) => unescape(attributeOf(sheet, 'name') ?? '') === name) ?? sheets[0];
  const id = wanted && /(?:^|\s)[\w.-]+:id="([^"]*)"/.exec(wanted)?.[1];
  const folder = workbook.replace(/[^/]*$/, '');
  const relations = decode(parts[`${folder}_rels/${workbook.slice(folder.length)}.rels`]);
  const relation = [...relations.matchAll(/<(?:[\w.-]+:)?Relationship\s([^>]*?)\/?>/g)].map((match) => match[1]!).find((text) => attributeOf(text, 'Id') === id);
  const target = relation && attributeOf(relation, 'Target');
  if (!target) return undefined;
  return { path: target.startsWith('/') ? target.slice(1) : folder + target, workbook };
}

type Styles = { of(row: SheetRow | undefined, column: number): string | undefined };

/** Styles for new cells: the cell's own, else that of the first prepared row, else that of the column. */
function stylesOf(sheet: SheetXml, firstRow: number): Styles {
  const prepared = sheet.rows.find((row) => row.r === firstRow);
  const columns = [...sheet.before.matchAll(/<(?:[\w.-]+:)?col\s([^>]*?)\/?>/g)].map((match) => match[1]!);
  // Taken down before the prepared row itself is filled.
  const byColumn = new Map<number, string | undefined>(prepared?.cells.map((cell) => [cell.column, attributeOf(cell.attributes, 's')]));
  const template = (column: number): string | undefined => {
    if (!byColumn.has(column)) {
      const col = columns.find((text) => Number(attributeOf(text, 'min')) <= column + 1 && Number(attributeOf(text, 'max')) >= column + 1);
      byColumn.set(column, col && attributeOf(col, 'style'));
    }
    return byColumn.get(column);
  };
  return { of: (row, column) => { const cell = row?.cells.find((candidate) => candidate.column === column); return (cell && attributeOf(cell.attributes, 's')) ?? template(column); } };
}

function cellXml(prefix: string, reference: string, style: string | undefined, value: CellValue | undefined): string {
  const head = `<${prefix}c r="${reference}"${style ? ` s="${style}"` : ''}`;
  if (value === undefined || value === '') return `${head}/>`;
  if (typeof value === 'number') return `${head}><${prefix}v>${value}</${prefix}v></${prefix}c>`;
  // An inline string is text whatever it looks like: a leading = never makes it a formula.
  return `${head} t="inlineStr"><${prefix}is><${prefix}t xml:space="preserve">${escapeXml(value)}</${prefix}t></${prefix}is></${prefix}c>`;
}

class Filler {
  readonly skipped: string[] = [];
  private readonly rows: Map<number, SheetRow>;
  private readonly styles: Styles;
  constructor(private readonly sheet: SheetXml, firstRow: number, private readonly template: SheetRow | undefined) {
    this.rows = new Map(sheet.rows.map((row) => [row.r, row]));
    this.styles = stylesOf(sheet, firstRow);
  }

  private row(r: number): SheetRow {
    let row = this.rows.get(r);
    if (!row) {
      // A new row takes the prepared row's height and format, not its number.
      const copied = (this.template?.attributes ?? '').replace(/\s(?:r|spans)="[^"]*"/g, '');
      row = { r, attributes: ` r="${r}"${copied}`, cells: [] };
      this.rows.set(r, row);
    }
    return row;
  }

  /** Sets cells of a row; an undefined value empties the cell and keeps its format. A cell with a formula stays. */
  set(r: number, values: readonly (readonly [number, CellValue | undefined])[]): void {
    if (!this.rows.has(r) && values.every(([, value]) => value === undefined)) return;
    const row = this.row(r);
    const byColumn = new Map(row.cells.map((cell) => [cell.column, cell]));
    for (const [column, value] of values) {
      const old = byColumn.get(column);
      if (old?.hasFormula) { if (value !== undefined) this.skipped.push(cellName(r - 1, column)); continue; }
      if (value === undefined && !old) continue;
      const xml = cellXml(this.sheet.prefix, cellName(r - 1, column), this.styles.of(row, column), value);
      byColumn.set(column, { column, attributes: '', xml, hasFormula: false } satisfies Cell);
    }
    row.cells = [...byColumn.values()].sort((a, b) => a.column - b.column);
    row.attributes = row.attributes.replace(/\sspans="[^"]*"/, '');
  }

  has(r: number, column: number): boolean {
    const cell = this.rows.get(r)?.cells.find((candidate) => candidate.column === column);
    return cell !== undefined && /<(?:[\w.-]+:)?(?:v|is)[\s>]/.test(cell.xml);
  }

  finish(): void {
    this.sheet.rows = [...this.rows.values()].sort((a, b) => a.r - b.r);
  }
}

/** Drop-downs and length rules that cover the first prepared row reach down to the last filled one. */
function extendRules(xml: string, firstRow: number, lastRow: number): string {
  return xml.replace(/(<(?:[\w.-]+:)?dataValidation\s[^>]*?sqref=")([^"]*)(")/g, (whole, head: string, sqref: string, tail: string) => {
    const ranges = parseRanges(sqref);
    if (!ranges.some((range) => range.top <= firstRow - 1 && range.bottom >= firstRow - 1 && range.bottom < lastRow - 1)) return whole;
    const reached = ranges.map((range) => rangeName(range.top <= firstRow - 1 && range.bottom >= firstRow - 1 ? { ...range, bottom: Math.max(range.bottom, lastRow - 1) } : range));
    return `${head}${reached.join(' ')}${tail}`;
  });
}

const withDimension = (before: string, lastRow: number, lastColumn: number): string =>
  before.replace(/(<(?:[\w.-]+:)?dimension ref=")([^"]*)("\s*\/>)/, (whole, head: string, ref: string, tail: string) => {
    const range = parseRanges(ref)[0];
    return range ? `${head}${rangeName({ ...range, bottom: Math.max(range.bottom, lastRow - 1), right: Math.max(range.right, lastColumn) })}${tail}` : whole;
  });

function setRows(filler: Filler, job: Job, firstRow: number): number {
  const { layout, rows } = job;
  const own = layout.columns.filter((column) => column.role !== 'ignore');
  const numbered = own.find((column) => column.role === 'number-in-file');
  const columns = own.filter((column) => column !== numbered).map((column) => [columnIndex(column.column), column.column] as const);
  rows.forEach((cells, index) => {
    const r = firstRow + index;
    filler.set(r, columns.map(([column, letters]) => [column, cells[letters]] as const));
    if (numbered && !filler.has(r, columnIndex(numbered.column))) filler.set(r, [[columnIndex(numbered.column), index + 1]]);
  });
  const sampleEnd = layout.file.sample?.[1] ?? 0;
  for (let r = firstRow + rows.length; r <= sampleEnd; r++) filler.set(r, columns.map(([column]) => [column, undefined] as const));
  for (const cell of layout.file.cells ?? []) {
    const at = parseCell(cell.cell);
    const value = cell.role === 'set-title' ? job.setTitle : cell.role === 'set-description' ? job.setDescription : cell.value;
    if (at && value) filler.set(at.row + 1, [[at.column, value]]);
  }
  return Math.max(0, ...columns.map(([column]) => column));
}

function openBlank(blank: Uint8Array): Record<string, Uint8Array> {
  try { return unzipSync(blank); } catch { throw new Error('The blank can’t be opened as a workbook. Fetch it anew from the receiver and teach the layout again.'); }
}

/** Zip entries carry no clock, so that the same questions give the same bytes. */
const STILL = new Date(1980, 0, 1, 12);

/**
 * Fills the layout's sheet in a copy of the blank. Text is written as text; formula cells are left alone and named in
 * `notes`. Throws an Error with a plain sentence where the blank is not the workbook that the layout describes.
 */
export function fillWorkbook(job: Job): Written {
  if (!job.blank) throw new Error('This layout fills a workbook, and its blank is not at hand. Drop the blank in again.');
  const parts = openBlank(job.blank);
  const found = sheetPath(parts, job.layout.file.sheet);
  const sheet = found && parts[found.path] ? parseSheet(decode(parts[found.path])) : undefined;
  if (!found || !sheet) throw new Error(`The blank has no sheet “${job.layout.file.sheet ?? ''}” to fill. Teach the layout again from the blank.`);
  const firstRow = job.layout.file.firstRow ?? 2;
  const lastRow = firstRow + job.rows.length - 1;
  const preparedTo = Math.max(0, ...sheet.rows.map((row) => row.r));
  const filler = new Filler(sheet, firstRow, sheet.rows.find((row) => row.r === firstRow));
  const lastColumn = setRows(filler, job, firstRow);
  filler.finish();
  sheet.before = withDimension(sheet.before, lastRow, lastColumn);
  sheet.after = extendRules(sheet.after, firstRow, lastRow);
  parts[found.path] = new TextEncoder().encode(sheetText(sheet));
  recalculate(parts, found.workbook);
  const notes = filler.skipped.length ? [`${count(filler.skipped.length, 'cell')} of the blank ${filler.skipped.length === 1 ? 'holds' : 'hold'} a formula and ${filler.skipped.length === 1 ? 'was' : 'were'} left alone: ${listed(filler.skipped.slice(0, 6))}.`] : [];
  if (preparedTo > firstRow && lastRow > preparedTo) notes.push(`The form is prepared down to row ${preparedTo}; the questions go on to row ${lastRow} with the same formats and drop-downs.`);
  const zippable: Zippable = Object.fromEntries(Object.entries(parts).map(([name, bytes]) => [name, [bytes, { mtime: STILL }]]));
  return { bytes: zipSync(zippable, { level: 6 }), notes };
}

/** Formulas elsewhere in the workbook count anew when it is opened. Only touched where there is a formula at all. */
function recalculate(parts: Record<string, Uint8Array>, workbook: string): void {
  const hasFormula = Object.entries(parts).some(([name, bytes]) => /worksheets\/[^/]+\.xml$/.test(name) && /<(?:[\w.-]+:)?f[\s>]/.test(decode(bytes)));
  const xml = decode(parts[workbook]);
  if (!hasFormula || /fullCalcOnLoad="1"/.test(xml)) return;
  const next = /<(?:[\w.-]+:)?calcPr\s/.test(xml) ? xml.replace(/(<(?:[\w.-]+:)?calcPr\s)/, '$1fullCalcOnLoad="1" ') : xml;
  parts[workbook] = new TextEncoder().encode(next);
}
