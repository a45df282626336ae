// One sheet of a workbook: its cells as text, and the rules that the file sets on them.
import type { CellRange, Sheet } from '../../model';
import { parseCell, parseRanges } from '../../shared/cells';
import { CAPS } from '../contract';
import { TableBudget } from '../over-cap';
import { isDateFormat, showNumber, type CellStyles } from './formats';
import type { SharedStrings } from './strings';
import { byName, parseXml, unescapeCell, type Attributes } from '../xml';
import { OpenValidation, type RawValidation } from './validations';

/** Cells that are links, with the relationship that says where they lead. */
export type RawLink = { range: CellRange; id: string };
export type RawSheet = Omit<Sheet, 'validations' | 'comments' | 'name' | 'hidden'> & {
  raw: RawValidation[];
  links: RawLink[];
};
export type Shown = { strings: SharedStrings; styles: CellStyles; from1904: boolean };

/** Past this many formatted cells, formatting says nothing any more. */
const RICH_CELLS = 100_000;
const UNLOCKED_CELLS = 50_000;
/** More merged ranges than any form has. */
const MERGES = 20_000;
/** More linked cells than a sheet of pictures has. */
const LINKS = 50_000;
/** So far behind the last filled cell of its row a cell belongs to nothing. */
const STRAY_COLUMNS = 100;
/** Past this row, a cell that stands so many rows behind the last one belongs to nothing. */
const MOST_ROWS = 200_000;
const STRAY_ROWS = 100_000;
/** The last cell that the format has (ECMA-376 part 1, 18.3.1.73 and what programs hold to). */
const EXTREME = { row: 1_048_575, column: 16_383 };

/** Elements whose text is taken down. */
const COLLECTED = new Set(['v', 't', 'f', 'formula1', 'formula2', 'sqref']);

class SheetReader {
  readonly sheet: RawSheet = {
    rows: [],
    merges: [],
    formulas: [],
    dates: [],
    isProtected: false,
    raw: [],
    links: [],
  };
  /** Cells that may be filled where the sheet is protected, which is said behind them. */
  readonly unlocked: string[] = [];
  private readonly budget = new TableBudget();
  private row = -1;
  private column = -1;
  private type = '';
  private format = 'General';
  private style = 0;
  private richCells = 0;
  private collecting = '';
  private value = '';
  private inline = '';
  private validation: OpenValidation | undefined;

  constructor(private readonly shown: Shown) {}

  private readonly opening = byName<[Attributes]>({
    row: ({ r }) => {
      this.row = r ? Number(r) - 1 : this.row + 1;
      this.column = -1;
    },
    c: (attributes) => this.openCell(attributes),
    mergeCell: ({ ref = '' }) => this.merge(ref),
    hyperlink: (attributes) => this.link(attributes),
    sheetProtection: ({ sheet }) => {
      this.sheet.isProtected = sheet === '1' || sheet === 'true';
    },
    dataValidation: (attributes) => {
      this.validation = new OpenValidation(attributes);
    },
  });

  open(name: string, attributes: Attributes): void {
    if (COLLECTED.has(name)) {
      this.collecting = name;
    } else {
      this.opening(name, attributes);
    }
  }

  private link(attributes: Attributes): void {
    const range = parseRanges(attributes['ref'] ?? '')[0];
    const id = Object.entries(attributes).find(([name]) => name.endsWith(':id'))?.[1];
    if (range && id && this.sheet.links.length < LINKS) {
      this.sheet.links.push({ range, id });
    }
  }

  private merge(ref: string): void {
    for (const range of parseRanges(ref)) {
      if (this.sheet.merges.length < MERGES) {
        this.sheet.merges.push(range);
      }
    }
  }

  private openCell(attributes: Attributes): void {
    const place = attributes['r'] ? parseCell(attributes['r']) : undefined;
    this.row = place?.row ?? this.row;
    this.column = place?.column ?? this.column + 1;
    this.type = attributes['t'] ?? 'n';
    this.style = Number(attributes['s'] ?? 0);
    this.format = this.shown.styles.formats[this.style] ?? 'General';
    if (this.shown.styles.unlocked[this.style] && this.unlocked.length < UNLOCKED_CELLS) {
      this.unlocked.push(`${this.row}:${this.column}`);
    }
    this.value = '';
    this.inline = '';
  }

  text(text: string): void {
    if (this.collecting === 'v') {
      this.value += text;
    } else if (this.collecting === 't') {
      this.inline += text;
    } else if (this.collecting) {
      this.validation?.add(this.collecting, text);
    }
  }

  close(name: string): void {
    if (COLLECTED.has(name)) {
      this.collecting = '';
      // Rules have formulas too; only a cell's makes it one that counts itself.
      if (name === 'f' && !this.validation) {
        this.sheet.formulas.push({ row: this.row, column: this.column });
      }
    } else if (name === 'c') {
      this.closeCell();
    } else if (name === 'dataValidation') {
      const rule = this.validation?.close();
      this.validation = undefined;
      if (rule) {
        this.sheet.raw.push(rule);
      }
    }
  }

  private cellText(): string {
    switch (this.type) {
      case 's':
        return this.shown.strings.texts[Number(this.value)] ?? '';
      case 'inlineStr':
        return unescapeCell(this.inline);
      case 'str':
      case 'e':
      case 'd':
        return unescapeCell(this.value);
      case 'b':
        return this.value === '1' ? 'TRUE' : 'FALSE';
      default:
        if (this.value && isDateFormat(this.format)) {
          this.sheet.dates.push(`${this.row}:${this.column}`);
        }
        return this.value && showNumber(this.value, this.format, this.shown.from1904);
    }
  }

  private closeCell(): void {
    const text = this.cellText();
    if (text === '' || this.row < 0 || this.isFarCorner()) {
      return;
    }
    while (this.sheet.rows.length <= this.row) {
      this.sheet.rows.push([]);
    }
    const row = this.sheet.rows[this.row]!;
    // A lone cell far to the right is a stray one; columns that go on and on are too many.
    if (this.column >= CAPS.columns && this.column > row.length + STRAY_COLUMNS) {
      return;
    }
    this.budget.column(this.column);
    const place = { row: this.row, column: this.column };
    this.budget.take(text.length, 1 + Math.max(0, this.column - row.length), place);
    while (row.length < this.column) {
      row.push('');
    }
    row[this.column] = text;
    this.keepLook(text);
  }

  /** A lone cell at the far corner must not make a million empty rows. */
  private isFarCorner(): boolean {
    const isStray = this.row > MOST_ROWS && this.row > this.sheet.rows.length + STRAY_ROWS;
    return this.row > EXTREME.row || this.column > EXTREME.column || isStray;
  }

  /** Formatting within the text, or of the whole cell, is kept aside; the common plain cell costs nothing. */
  private keepLook(text: string): void {
    const look = this.shown.styles.looks[this.style];
    const runs = this.type === 's' ? this.shown.strings.runs.get(Number(this.value)) : undefined;
    if ((!look && !runs) || ++this.richCells > RICH_CELLS) {
      return;
    }
    (this.sheet.rich ??= {})[`${this.row}:${this.column}`] = (runs ?? [{ text }]).map((run) => ({
      ...look,
      ...run,
    }));
  }
}

/** Reads a sheet's part. Throws OverCap past the caps and an Error where the XML is broken. */
export function readSheet(xml: string, shown: Shown): RawSheet {
  const reader = new SheetReader(shown);
  parseXml(xml, {
    open: (name, attributes) => reader.open(name, attributes),
    text: (text) => reader.text(text),
    close: (name) => reader.close(name),
  });
  return reader.sheet.isProtected ? { ...reader.sheet, unlocked: reader.unlocked } : reader.sheet;
}
