// The rows of one sheet of a workbook: cells set with the formats that were prepared for them.
import type { CellValue } from '../../model';
import { cellName, columnLetters } from '../../shared/cells';
import { escapeCell } from './escape';
import { attributeOf, type Cell, type SheetRow, type SheetXml } from './sheet-xml';

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

const TEXT_CELL = /\bt="(?:s|str|inlineStr)"/u;
const TYPED_CELL = /\bt="(?!n")/u;
const HOLDS_VALUE = /<(?:[\w.-]+:)?v[\s>]/u;

/** What a prepared cell holds, a text or a number; undefined of an empty one, a formula or anything else. */
function typeOf({ attributes, xml, hasFormula }: Cell): 'text' | 'number' | undefined {
  if (TEXT_CELL.test(attributes)) {
    return 'text';
  }
  const isNumber = !hasFormula && !TYPED_CELL.test(attributes) && HOLDS_VALUE.test(xml);
  return isNumber ? 'number' : undefined;
}

/** What the cells of each prepared row hold, by row and column. */
const typesIn = ({ rows }: SheetXml): ReadonlyMap<number, ReadonlyMap<number, string>> =>
  new Map(
    rows.map(({ r, cells }) => [
      r,
      new Map(
        cells.flatMap((cell) => {
          const type = typeOf(cell);
          return type ? [[cell.column, type] as const] : [];
        }),
      ),
    ]),
  );

const WHOLE_RULE =
  /<(?:[\w.-]+:)?dataValidation\s(?=[^>]*\btype="(?:whole|decimal)")[^>]*\bsqref="([^"]*)"/gu;
/** The columns that the blank lets hold nothing but numbers, by the letters of their cells. */
const numbersAlone = ({ after }: SheetXml): ReadonlySet<string> =>
  new Set(
    [...after.matchAll(WHOLE_RULE)].flatMap(([, sqref]) =>
      sqref!.split(/[\s:]+/u).map((cell) => cell.replace(/[\d$]+/gu, '')),
    ),
  );

/** A value as the blank keeps such values: a number as text or a text as number, where that changes nothing of what is read. */
function asKept(value: CellValue | undefined, type: string | undefined): CellValue | undefined {
  if (typeof value === 'number') {
    return type === 'text' ? `${value}` : value;
  }
  return type === 'number' && value !== undefined && `${Number(value)}` === value
    ? Number(value)
    : value;
}

/** The rows of a sheet, to be set cell by cell. */
export class Filler {
  readonly skipped: string[] = [];
  private readonly rows: Map<number, SheetRow>;
  private readonly styles: Styles;
  private readonly formats: Map<number, string>;
  private readonly types: ReadonlyMap<number, ReadonlyMap<number, string>>;
  private readonly numbers: ReadonlySet<string>;
  readonly lastRow: number;
  /** `sample` is the row of the blank that shows how a question is kept, where it has one. */
  constructor(
    private readonly sheet: SheetXml,
    private readonly sample?: number,
  ) {
    this.rows = new Map(sheet.rows.map((row) => [row.r, row]));
    this.formats = new Map(sheet.rows.map((row) => [row.r, row.attributes]));
    this.types = typesIn(sheet);
    this.numbers = numbersAlone(sheet);
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
        this.skip(r, column, value);
      } else if (value !== undefined || old) {
        const style = this.styles.of(row, column, like);
        const own = asKept(value, this.typeAt(like, column));
        const xml = cellXml(this.sheet.prefix, cellName(r - 1, column), style, own);
        byColumn.set(column, { column, attributes: '', xml, hasFormula: false } satisfies Cell);
      }
    }
    row.cells = [...byColumn.values()].sort((a, b) => a.column - b.column);
    row.attributes = row.attributes.replace(/\sspans="[^"]*"/, '');
  }

  /** What the blank keeps in a column: as the row does that a new one is like, else as its rules have it. */
  private typeAt(like: number, column: number): string | undefined {
    const shown = this.sample === undefined ? undefined : this.types.get(this.sample);
    const own = this.types.get(like)?.get(column) ?? shown?.get(column);
    return own ?? (this.numbers.has(columnLetters(column)) ? 'number' : undefined);
  }

  private skip(r: number, column: number, value: CellValue | undefined): void {
    if (value !== undefined) {
      this.skipped.push(cellName(r - 1, column));
    }
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
