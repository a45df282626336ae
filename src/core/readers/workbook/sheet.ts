// One sheet of a workbook: its cells as text, and the rules that the file sets on them.
import type { CellRange, Sheet } from '../../model';
import { parseCell, parseRanges } from '../../shared/cells';
import { CAPS } from '../contract';
import { TableBudget } from '../over-cap';
import { isDateFormat, showNumber, type CellStyles } from './formats';
import type { SharedStrings } from './strings';
import { parseXml, unescapeCell, type Attributes } from '../xml';
import { defined } from '../../shared/defined';

/** A drop-down list or length rule before its reference is looked up. */
export type RawValidation = {
  ranges: CellRange[];
  formula: string;
  maxLength?: number;
  prompt?: string;
};
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
const EXTREME = { row: 1_048_575, column: 16_383 };

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
  private validation:
    | (RawValidation & {
        type: string;
        operator: string;
        first: string;
        second: string;
        sqref: string;
      })
    | undefined;

  constructor(private readonly shown: Shown) {}

  open(name: string, attributes: Attributes): void {
    switch (name) {
      case 'row':
        this.row = attributes['r'] ? Number(attributes['r']) - 1 : this.row + 1;
        this.column = -1;
        break;
      case 'c':
        this.openCell(attributes);
        break;
      case 'v':
      case 't':
      case 'f':
      case 'formula1':
      case 'formula2':
      case 'sqref':
        this.collecting = name;
        break;
      case 'mergeCell':
        this.merge(attributes['ref'] ?? '');
        break;
      case 'hyperlink':
        this.link(attributes);
        break;
      case 'sheetProtection':
        this.sheet.isProtected = attributes['sheet'] === '1' || attributes['sheet'] === 'true';
        break;
      case 'dataValidation':
        this.validation = defined({
          ranges: [],
          formula: '',
          type: attributes['type'] ?? '',
          operator: attributes['operator'] ?? 'between',
          first: '',
          second: '',
          sqref: attributes['sqref'] ?? '',
          prompt: attributes['prompt'] || undefined,
        });
        break;
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
    const at = attributes['r']
      ? parseCell(attributes['r'])
      : { row: this.row, column: this.column + 1 };
    this.row = at?.row ?? this.row;
    this.column = at?.column ?? this.column + 1;
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
    switch (this.collecting) {
      case 'v':
        this.value += text;
        break;
      case 't':
        this.inline += text;
        break;
      // The extended validations wrap their formula in an f of its own, so f adds to the open validation too.
      case 'f':
      case 'formula1':
        if (this.validation) {
          this.validation.first += text;
        }
        break;
      case 'formula2':
        if (this.validation) {
          this.validation.second += text;
        }
        break;
      case 'sqref':
        if (this.validation) {
          this.validation.sqref += text;
        }
        break;
    }
  }

  close(name: string): void {
    switch (name) {
      case 'f':
        if (!this.validation) {
          this.sheet.formulas.push({ row: this.row, column: this.column });
        }
        this.collecting = '';
        break;
      case 'v':
      case 't':
      case 'formula1':
      case 'formula2':
      case 'sqref':
        this.collecting = '';
        break;
      case 'c':
        this.closeCell();
        break;
      case 'dataValidation':
        this.closeValidation();
        break;
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
    if (text === '' || this.row < 0) {
      return;
    }
    // A lone cell at the far corner must not make a million empty rows.
    if (
      this.row > EXTREME.row ||
      this.column > EXTREME.column ||
      (this.row > 200_000 && this.row > this.sheet.rows.length + 100_000)
    ) {
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

  private closeValidation(): void {
    const v = this.validation;
    this.validation = undefined;
    if (!v) {
      return;
    }
    const ranges = parseRanges(v.sqref);
    const prompt = v.prompt ? { prompt: v.prompt } : {};
    if (v.type === 'list') {
      this.sheet.raw.push({ ranges, formula: v.first.trim(), ...prompt });
    } else if (v.type === 'textLength') {
      const limit = {
        between: Number(v.second),
        lessThanOrEqual: Number(v.first),
        lessThan: Number(v.first) - 1,
        equal: Number(v.first),
      }[v.operator];
      if (limit && limit > 0) {
        this.sheet.raw.push({ ranges, formula: '', maxLength: limit, ...prompt });
      }
    }
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
