// A receiver's own workbook filled: the one sheet gets its rows, every other part stays as it is to the byte.
import { zipSync, type Zippable } from 'fflate';
import type { CellValue } from '../../model';
import { canonicalXml } from '../../shared/canonical-xml';
import { cellName, parseRanges, rangeName } from '../../shared/cells';
import { count, listed } from '../../shared/plain';
import { STILL, type Job, type Written } from '../contract';
import { planSheet, type SheetPlan } from '../sheet-plan';
import { escapeCell } from './escape';
import { coverRows, extendRules } from './rules';
import { extendTables } from './tables';
import {
  attributeOf,
  parseSheet,
  sheetText,
  type Cell,
  type SheetRow,
  type SheetXml,
} from './sheet-xml';
import { Problem } from '../../shared/problem';
import { openZip } from '../../shared/zip';

/** A part's XML in the manner that splicing relies on, whatever program wrote it. */
const decode = (bytes: Uint8Array | undefined): string =>
  bytes ? canonicalXml(new TextDecoder('utf-8').decode(bytes)) : '';
const unescape = (text: string): string =>
  text
    .replace(/&lt;/g, '<')
    .replace(/&gt;/g, '>')
    .replace(/&quot;/g, '"')
    .replace(/&apos;/g, "'")
    .replace(/&amp;/g, '&');

/** The path of a sheet's part, through the workbook and its relationships. */
function sheetPath(
  parts: Record<string, Uint8Array>,
  name: string | undefined,
): { path: string; workbook: string } | undefined {
  const root = /<(?:[\w.-]+:)?Relationship\s[^>]*Type="[^"]*\/officeDocument"[^>]*>/.exec(
    decode(parts['_rels/.rels']),
  )?.[0];
  const workbook = (root && attributeOf(root, 'Target')?.replace(/^\//, '')) ?? 'xl/workbook.xml';
  const sheets = [...decode(parts[workbook]).matchAll(/<(?:[\w.-]+:)?sheet\s([^>]*?)\/?>/g)].map(
    (match) => match[1]!,
  );
  const wanted =
    sheets.find((sheet) => unescape(attributeOf(sheet, 'name') ?? '') === name) ?? sheets[0];
  const id = wanted && /(?:^|\s)[\w.-]+:id="([^"]*)"/.exec(wanted)?.[1];
  const folder = workbook.replace(/[^/]*$/, '');
  const relations = decode(parts[`${folder}_rels/${workbook.slice(folder.length)}.rels`]);
  const relation = [...relations.matchAll(/<(?:[\w.-]+:)?Relationship\s([^>]*?)\/?>/g)]
    .map((match) => match[1]!)
    .find((text) => attributeOf(text, 'Id') === id);
  const target = relation && attributeOf(relation, 'Target');
  if (!target) {
    return undefined;
  }
  return { path: target.startsWith('/') ? target.slice(1) : folder + target, workbook };
}

type Styles = { of(row: SheetRow | undefined, column: number, like: number): string | undefined };

/** Styles for new cells: the cell's own, else that of the prepared row it is like, else that of the column. */
function stylesOf(sheet: SheetXml): Styles {
  const columns = [...sheet.before.matchAll(/<(?:[\w.-]+:)?col\s([^>]*?)\/?>/g)].map(
    (match) => match[1]!,
  );
  const known = new Map<number, string | undefined>();
  // Taken down before the prepared rows themselves are filled.
  const prepared = new Map(
    sheet.rows.map((row) => [
      row.r,
      new Map(row.cells.map((cell) => [cell.column, attributeOf(cell.attributes, 's')])),
    ]),
  );
  const template = (like: number, column: number): string | undefined => {
    const key = like * 16_384 + column;
    if (!known.has(key)) {
      const col = columns.find(
        (text) =>
          Number(attributeOf(text, 'min')) <= column + 1 &&
          Number(attributeOf(text, 'max')) >= column + 1,
      );
      known.set(key, prepared.get(like)?.get(column) ?? (col && attributeOf(col, 'style')));
    }
    return known.get(key);
  };
  return {
    of: (row, column, like) => (row && prepared.get(row.r)?.get(column)) ?? template(like, column),
  };
}

function cellXml(
  prefix: string,
  reference: string,
  style: string | undefined,
  value: CellValue | undefined,
): string {
  const head = `<${prefix}c r="${reference}"${style ? ` s="${style}"` : ''}`;
  if (value === undefined || value === '') {
    return `${head}/>`;
  }
  if (typeof value === 'number') {
    return `${head}><${prefix}v>${value}</${prefix}v></${prefix}c>`;
  }
  // An inline string is text whatever it looks like: a leading = never makes it a formula.
  return `${head} t="inlineStr"><${prefix}is><${prefix}t xml:space="preserve">${escapeCell(value)}</${prefix}t></${prefix}is></${prefix}c>`;
}

class Filler {
  readonly skipped: string[] = [];
  private readonly rows: Map<number, SheetRow>;
  private readonly styles: Styles;
  private readonly formats: Map<number, string>;
  readonly lastRow: number;
  constructor(private readonly sheet: SheetXml) {
    this.rows = new Map(sheet.rows.map((row) => [row.r, row]));
    this.formats = new Map(sheet.rows.map((row) => [row.r, row.attributes]));
    this.lastRow = sheet.rows.at(-1)?.r ?? 0;
    this.styles = stylesOf(sheet);
  }

  private row(r: number, like: number): SheetRow {
    let row = this.rows.get(r);
    if (!row) {
      // A new row takes the prepared row's height and format, not its number.
      const copied = (this.formats.get(like) ?? '').replace(/\s(?:r|spans)="[^"]*"/g, '');
      row = { r, attributes: ` r="${r}"${copied}`, cells: [] };
      this.rows.set(r, row);
    }
    return row;
  }

  /** Sets cells of a row; an undefined value empties the cell and keeps its format. A cell with a formula stays. */
  set(r: number, values: readonly (readonly [number, CellValue | undefined])[], like = r): void {
    if (!this.rows.has(r) && values.every(([, value]) => value === undefined)) {
      return;
    }
    const row = this.row(r, like);
    const byColumn = new Map(row.cells.map((cell) => [cell.column, cell]));
    for (const [column, value] of values) {
      const old = byColumn.get(column);
      if (old?.hasFormula) {
        if (value !== undefined) {
          this.skipped.push(cellName(r - 1, column));
        }
        continue;
      }
      if (value === undefined && !old) {
        continue;
      }
      const xml = cellXml(
        this.sheet.prefix,
        cellName(r - 1, column),
        this.styles.of(row, column, like),
        value,
      );
      byColumn.set(column, { column, attributes: '', xml, hasFormula: false } satisfies Cell);
    }
    row.cells = [...byColumn.values()].sort((a, b) => a.column - b.column);
    row.attributes = row.attributes.replace(/\sspans="[^"]*"/, '');
  }

  /** Empties what else a sample row holds, such as a word beside it that says so. */
  emptyRest(r: number, counted: number | undefined, own: ReadonlySet<number>): void {
    const rest =
      this.rows
        .get(r)
        ?.cells.filter(
          (cell) =>
            cell.column !== counted &&
            !own.has(cell.column) &&
            !cell.hasFormula &&
            this.has(r, cell.column),
        ) ?? [];
    if (rest.length) {
      this.set(
        r,
        rest.map((cell) => [cell.column, undefined] as const),
      );
    }
  }

  has(r: number, column: number): boolean {
    const cell = this.rows.get(r)?.cells.find((candidate) => candidate.column === column);
    return cell !== undefined && /<(?:[\w.-]+:)?(?:v|is)[\s>]/.test(cell.xml);
  }

  finish(): void {
    this.sheet.rows = [...this.rows.values()].sort((a, b) => a.r - b.r);
  }
}

const withDimension = (before: string, lastRow: number, lastColumn: number): string =>
  before.replace(
    /(<(?:[\w.-]+:)?dimension ref=")([^"]*)("\s*\/>)/,
    (whole, head: string, ref: string, tail: string) => {
      const range = parseRanges(ref)[0];
      return range
        ? `${head}${rangeName({ ...range, bottom: Math.max(range.bottom, lastRow - 1), right: Math.max(range.right, lastColumn) })}${tail}`
        : whole;
    },
  );

function setRows(filler: Filler, plan: SheetPlan): void {
  for (const row of plan.rows) {
    filler.set(row.r, row.values, row.like);
  }
  if (plan.counted !== undefined) {
    plan.rows.forEach(({ r }, index) => {
      if (!filler.has(r, plan.counted!)) {
        filler.set(r, [[plan.counted!, index + 1]]);
      }
    });
  }
  for (let r = plan.sample?.[0] ?? 1; r <= (plan.sample?.[1] ?? 0); r++) {
    filler.emptyRest(
      r,
      plan.counted,
      new Set(plan.rows.find((row) => row.r === r)?.values.map(([column]) => column)),
    );
  }
  const empty = plan.clear.columns.map((column) => [column, undefined] as const);
  for (let r = plan.clear.from; r <= (plan.clear.to ?? filler.lastRow); r++) {
    filler.set(r, empty);
  }
  for (const { row, column, value } of plan.cells) {
    filler.set(row, [[column, value]]);
  }
}

function openBlank(blank: Uint8Array): Record<string, Uint8Array> {
  try {
    return openZip(blank);
  } catch {
    throw new Problem(
      'The blank can’t be opened as a workbook. Fetch it anew from the receiver and teach the layout again.',
    );
  }
}

/**
 * Fills the layout's sheet in a copy of the blank. Text is written as text; formula cells are left alone and named in
 * `notes`. Throws an Error with a plain sentence where the blank is not the workbook that the layout describes.
 */
export function fillWorkbook(job: Job): Written {
  if (!job.blank) {
    throw new Problem(
      'This layout fills a workbook, and its blank is not at hand. Drop the blank in again.',
    );
  }
  const parts = openBlank(job.blank);
  const found = sheetPath(parts, job.layout.file.sheet);
  const sheet = found && parts[found.path] ? parseSheet(decode(parts[found.path])) : undefined;
  if (!found || !sheet) {
    throw new Problem(
      `The blank has no sheet “${job.layout.file.sheet ?? ''}” to fill. Teach the layout again from the blank.`,
    );
  }
  const plan = planSheet(job);
  const { firstRow } = plan;
  const lastRow = plan.rows.at(-1)?.r ?? firstRow - 1;
  const filler = new Filler(sheet);
  const preparedTo = filler.lastRow;
  setRows(filler, plan);
  filler.finish();
  sheet.before = withDimension(
    sheet.before,
    lastRow,
    Math.max(0, ...(plan.rows[0]?.values ?? []).map(([column]) => column)),
  );
  sheet.after =
    job.layout.shape === 'rows'
      ? extendRules(sheet.after, firstRow, lastRow)
      : coverRows(sheet.after, plan);
  parts[found.path] = new TextEncoder().encode(sheetText(sheet));
  if (job.layout.shape === 'rows') {
    extendTables(parts, found.path, firstRow, lastRow);
  }
  recalculate(parts, found.workbook);
  const notes = filler.skipped.length
    ? [
        `${count(filler.skipped.length, 'cell')} of the blank ${filler.skipped.length === 1 ? 'holds' : 'hold'} a formula and ${filler.skipped.length === 1 ? 'was' : 'were'} left alone: ${listed(filler.skipped.slice(0, 6))}.`,
      ]
    : [];
  if (preparedTo > firstRow && lastRow > preparedTo) {
    notes.push(
      `The form is prepared down to row ${preparedTo}; the questions go on to row ${lastRow} with the same formats and drop-downs.`,
    );
  }
  const zippable: Zippable = Object.fromEntries(
    Object.entries(parts).map(([name, bytes]) => [name, [bytes, { mtime: STILL }]]),
  );
  // A form is mostly the filled sheet; a lower level packs it nearly as small in half the time.
  return { bytes: zipSync(zippable, { level: 4 }), notes };
}

/** Formulas elsewhere in the workbook count anew when it is opened. Only touched where there is a formula at all. */
function recalculate(parts: Record<string, Uint8Array>, workbook: string): void {
  const hasFormula = Object.entries(parts).some(
    ([name, bytes]) =>
      /worksheets\/[^/]+\.xml$/.test(name) && /<(?:[\w.-]+:)?f[\s>]/.test(decode(bytes)),
  );
  const xml = decode(parts[workbook]);
  if (!hasFormula || /fullCalcOnLoad="1"/.test(xml)) {
    return;
  }
  const next = /<(?:[\w.-]+:)?calcPr\s/.test(xml)
    ? xml.replace(/(<(?:[\w.-]+:)?calcPr\s)/, '$1fullCalcOnLoad="1" ')
    : xml;
  parts[workbook] = new TextEncoder().encode(next);
}
