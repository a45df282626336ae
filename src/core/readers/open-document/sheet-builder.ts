// One sheet of an open document while it is read: cells and rows that are repeated are written out, within limits.
import type { Run, Sheet, Validation } from '../../model';
import { isFormatted } from '../../shared/rich-text';
import type { TableBudget } from '../over-cap';
import type { Attributes } from '../xml';
import { validationOf, type Rule } from './rules';

/** Repeated cells and rows are written out so far. */
const REPEATED = 2000;
/** Rows of one sheet that are kept. */
const MOST_ROWS = 200_000;
/** Cells that may be filled are noted so far; a form repeats them for hundreds of rows, of which the first tell enough. */
const UNLOCKED_ROWS = 200;
const UNLOCKED_CELLS = 50_000;
/** A cell so far to the right belongs to nothing. */
const STRAY_COLUMN = 1000;

/** How often something is repeated, or over how many it reaches; once where nothing is said. */
export const countOf = (a: Attributes, name: string): number => Math.max(1, Number(a[name] ?? 1));

/** A cell as it was read. */
export type ReadCell = {
  a: Attributes;
  text: string;
  runs: Run[];
  note: string;
  /** Whether it may be filled on a protected sheet. */
  isUnlocked: boolean;
};

/** A cell with text, and how often it is repeated to the right. */
type Filled = { text: string; runs: Run[]; times: number; a: Attributes };

/** Takes the rows and cells of one sheet. */
export class SheetBuilder {
  private readonly uses = new Map<string, Validation['ranges']>();
  private row = 0;
  private column = 0;
  private rowTimes = 1;
  private rowHadText = false;

  constructor(
    readonly sheet: Sheet,
    private readonly budget: TableBudget,
  ) {}

  openRow(a: Attributes): void {
    this.rowTimes = countOf(a, 'table:number-rows-repeated');
    this.column = 0;
    this.rowHadText = false;
  }

  /** Adds a cell behind the last one of its row. */
  add({ a, text, runs, note, isUnlocked }: ReadCell): void {
    const times = countOf(a, 'table:number-columns-repeated');
    this.useRule(a['table:content-validation-name'], times);
    if (note.trim()) {
      this.sheet.comments.push({ row: this.row, column: this.column, text: note.trim() });
    }
    if (this.sheet.isProtected && isUnlocked) {
      this.unlock(times);
    }
    if (text) {
      this.fill({ text, runs, times: Math.min(times, REPEATED), a });
    }
    this.merge(a);
    this.column += times;
  }

  /** The cells that begin here, so many to the right and as many rows as are repeated. */
  private rangeFrom(wide: number, high: number): Validation['ranges'][number] {
    const { row, column } = this;
    return { top: row, left: column, bottom: row + high - 1, right: column + wide - 1 };
  }

  private useRule(rule: string | undefined, times: number): void {
    if (rule) {
      const ranges = this.uses.get(rule) ?? [];
      ranges.push(this.rangeFrom(times, this.rowTimes));
      this.uses.set(rule, ranges);
    }
  }

  private merge(a: Attributes): void {
    const wide = countOf(a, 'table:number-columns-spanned');
    const high = countOf(a, 'table:number-rows-spanned');
    if (wide > 1 || high > 1) {
      this.sheet.merges.push(this.rangeFrom(wide, high));
    }
  }

  /** Notes the cells that may be filled. */
  private unlock(times: number): void {
    const unlocked = (this.sheet.unlocked ??= []);
    const { top, left, bottom, right } = this.rangeFrom(
      Math.min(times, UNLOCKED_ROWS),
      Math.min(this.rowTimes, UNLOCKED_ROWS),
    );
    for (let r = top; r <= bottom && unlocked.length < UNLOCKED_CELLS; r++) {
      for (let c = left; c <= right; c++) {
        unlocked.push(`${r}:${c}`);
      }
    }
  }

  private fill({ text, runs, times, a }: Filled): void {
    const { sheet } = this;
    this.rowHadText = true;
    while (sheet.rows.length <= this.row && sheet.rows.length < MOST_ROWS) {
      sheet.rows.push([]);
    }
    const line = sheet.rows[this.row];
    if (!line || this.column > STRAY_COLUMN) {
      return;
    }
    const place = { row: this.row, column: this.column };
    this.budget.take(text.length, times + Math.max(0, this.column - line.length), place);
    this.budget.column(this.column + times - 1);
    while (line.length < this.column) {
      line.push('');
    }
    for (let c = this.column; c < this.column + times; c++) {
      line[c] = text;
      this.keepFacts(c, runs, a);
    }
  }

  /** What a filled cell is besides its text: formatted, counted by a formula, a date. */
  private keepFacts(column: number, runs: Run[], a: Attributes): void {
    const { sheet } = this;
    if (isFormatted(runs)) {
      (sheet.rich ??= {})[`${this.row}:${column}`] = runs;
    }
    if (a['table:formula']) {
      sheet.formulas.push({ row: this.row, column });
    }
    if (a['office:value-type'] === 'date') {
      sheet.dates.push(`${this.row}:${column}`);
    }
  }

  /** A filled row that is repeated is written out, but only so far; empty ones are only counted. */
  closeRow(): void {
    const { sheet } = this;
    const line = sheet.rows[this.row];
    if (this.rowHadText && line) {
      for (let n = 1; n < Math.min(this.rowTimes, REPEATED); n++) {
        line.forEach((text) => this.budget.take(text.length));
        sheet.rows.push([...line]);
      }
    }
    this.row += this.rowTimes;
  }

  /** The sheet with its rules, which the document names. */
  close(rules: ReadonlyMap<string, Rule>): Sheet {
    for (const [name, ranges] of this.uses) {
      const rule = rules.get(name);
      if (rule) {
        this.sheet.validations.push(validationOf(rule, ranges));
      }
    }
    return this.sheet;
  }
}
