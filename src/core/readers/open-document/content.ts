// The sheets of an OpenDocument spreadsheet: each cell as the text that a person sees, with rules and notes.
import type { Look, Run, Sheet, Validation } from '../../model';
import { defined } from '../../shared/defined';
import { sheetWith } from '../../shared/sheet';
import { isFormatted, joinRuns, plainOf } from '../../shared/rich-text';
import { TableBudget } from '../over-cap';
import { byName, type Attributes } from '../xml';
import { lookUpLists, ruleOf, validationOf, type Rule } from './rules';
import { StyleCollector } from './styles';

/** Repeated cells and rows are written out so far. */
const REPEATED = 2000;
/** Rows of one sheet that are kept. */
const MOST_ROWS = 200_000;
/** Blanks that one element may stand for. */
const MOST_BLANKS = 1000;
/** Cells that may be filled are noted so far; a form repeats them for hundreds of rows, of which the first tell enough. */
const UNLOCKED_ROWS = 200;
const UNLOCKED_CELLS = 50_000;
/** A cell so far to the right belongs to nothing. */
const STRAY_COLUMN = 1000;

/** How often something is repeated, or over how many it reaches; once where nothing is said. */
const countOf = (a: Attributes, name: string): number => Math.max(1, Number(a[name] ?? 1));

/** A cell with text, and how often it is repeated to the right. */
type Filled = { text: string; runs: Run[]; times: number; a: Attributes };

/** Takes in the elements of an open spreadsheet's content and gives its sheets. */
export class ContentReader {
  readonly sheets: Sheet[] = [];
  readonly styles = new StyleCollector();
  private readonly rules = new Map<string, Rule>();
  /** Named ranges, by their names in lower case. */
  private readonly names = new Map<string, string>();
  private rule: Rule | undefined;
  private sheet: Sheet | undefined;
  private uses = new Map<string, Validation['ranges']>();
  private row = 0;
  private column = 0;
  private rowTimes = 1;
  private rowHadText = false;
  private cell: { a: Attributes; runs: Run[]; paragraphs: number; note: string } | undefined;
  private looks: Look[] = [];
  private href = '';
  private depth = { annotation: 0, text: 0 };
  private readonly budget = new TableBudget();

  private readonly opening = byName<[Attributes]>({
    'content-validation': (a) => {
      this.rule = ruleOf(a['table:condition'] ?? '');
      this.rules.set(a['table:name'] ?? '', this.rule);
    },
    'named-range': (a) => {
      const address = (a['table:cell-range-address'] ?? '').replace(/[$]/g, '');
      this.names.set((a['table:name'] ?? '').toLowerCase(), address);
    },
    table: (a) => this.openSheet(a),
    'table-row': (a) => {
      this.rowTimes = countOf(a, 'table:number-rows-repeated');
      this.column = 0;
      this.rowHadText = false;
    },
    'table-cell': (a) => this.openCell(a),
    'covered-table-cell': (a) => this.openCell(a),
    annotation: () => {
      this.depth.annotation++;
    },
    p: () => {
      this.depth.text++;
      if (this.cell && !this.depth.annotation && this.cell.paragraphs++) {
        this.add('\n');
      }
    },
    span: (a) => this.looks.push(this.styles.looks.get(a['text:style-name'] ?? '') ?? {}),
    a: (a) => {
      this.href = a['xlink:href'] ?? '';
    },
    s: (a) => this.add(' '.repeat(Math.min(MOST_BLANKS, countOf(a, 'text:c')))),
    tab: () => this.add('\t'),
    'line-break': () => this.add('\n'),
  });

  open(name: string, a: Attributes): void {
    if (!this.sheet) {
      this.styles.open(name, a);
    }
    this.opening(name, a);
  }

  private openCell(a: Attributes): void {
    this.cell = { a, runs: [], paragraphs: 0, note: '' };
  }

  private openSheet(a: Attributes): void {
    this.sheet = sheetWith({
      name: a['table:name'] ?? `Sheet ${this.sheets.length + 1}`,
      hidden: this.styles.hidden.has(a['table:style-name'] ?? ''),
      rows: [],
      isProtected: a['table:protected'] === 'true',
    });
    this.uses = new Map();
    this.row = 0;
  }

  private add(text: string): void {
    if (!this.cell || !text) {
      return;
    }
    if (this.depth.annotation) {
      this.cell.note += text;
      return;
    }
    this.cell.runs.push(
      defined({
        text,
        ...this.looks.reduce<Look>((all, look) => ({ ...all, ...look }), {}),
        href: this.href || undefined,
      }),
    );
  }

  text(text: string): void {
    if (this.depth.text && this.cell) {
      this.add(text.replace(/[ \t\r\n]+/g, ' '));
    } else if (this.depth.text && this.rule && text.trim()) {
      this.rule.prompt = [this.rule.prompt, text.trim()].filter(Boolean).join(' ');
    }
  }

  private readonly closing = byName<[]>({
    'content-validation': () => {
      this.rule = undefined;
    },
    p: () => {
      this.depth.text--;
    },
    span: () => this.looks.pop(),
    a: () => {
      this.href = '';
    },
    annotation: () => {
      this.depth.annotation--;
    },
    'table-cell': () => this.closeCell(false),
    'covered-table-cell': () => this.closeCell(true),
    'table-row': () => this.closeRow(),
    table: () => this.closeSheet(),
  });

  close(name: string): void {
    if (!this.sheet) {
      this.styles.close(name);
    }
    this.closing(name);
  }

  private closeCell(isCovered: boolean): void {
    const { cell, sheet } = this;
    this.cell = undefined;
    if (!cell || !sheet) {
      return;
    }
    const { a } = cell;
    const times = countOf(a, 'table:number-columns-repeated');
    const style = a['table:style-name'] ?? '';
    this.useRule(a['table:content-validation-name'], times);
    if (cell.note.trim()) {
      sheet.comments.push({ row: this.row, column: this.column, text: cell.note.trim() });
    }
    if (sheet.isProtected && this.styles.unlocked.has(style)) {
      this.unlock(sheet, times);
    }
    const text = isCovered ? '' : plainOf(cell.runs);
    if (text) {
      const look = this.styles.looks.get(style);
      const runs = look ? cell.runs.map((run) => ({ ...look, ...run })) : cell.runs;
      this.fill(sheet, { text, runs: joinRuns(runs), times: Math.min(times, REPEATED), a });
    }
    this.merge(sheet, a);
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
      this.uses.set(rule, [...ranges, this.rangeFrom(times, this.rowTimes)]);
    }
  }

  private merge(sheet: Sheet, a: Attributes): void {
    const wide = countOf(a, 'table:number-columns-spanned');
    const high = countOf(a, 'table:number-rows-spanned');
    if (wide > 1 || high > 1) {
      sheet.merges.push(this.rangeFrom(wide, high));
    }
  }

  /** Notes the cells that may be filled. */
  private unlock(sheet: Sheet, times: number): void {
    const unlocked = (sheet.unlocked ??= []);
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

  private fill(sheet: Sheet, { text, runs, times, a }: Filled): void {
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
      this.keepFacts(sheet, c, runs, a);
    }
  }

  /** What a filled cell is besides its text: formatted, counted by a formula, a date. */
  private keepFacts(sheet: Sheet, column: number, runs: Run[], a: Attributes): void {
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
  private closeRow(): void {
    const { sheet } = this;
    if (!sheet) {
      return;
    }
    const line = sheet.rows[this.row];
    if (this.rowHadText && line) {
      for (let n = 1; n < Math.min(this.rowTimes, REPEATED); n++) {
        line.forEach((text) => this.budget.take(text.length));
        sheet.rows.push([...line]);
      }
    }
    this.row += this.rowTimes;
  }

  private closeSheet(): void {
    const { sheet } = this;
    this.sheet = undefined;
    if (!sheet) {
      return;
    }
    this.sheets.push(sheet);
    for (const [name, ranges] of this.uses) {
      const rule = this.rules.get(name);
      if (rule) {
        sheet.validations.push(validationOf(rule, ranges));
      }
    }
  }

  /** Lists that stand in cells are looked up once all sheets are known. */
  finish(): void {
    lookUpLists(this.sheets, this.names);
  }
}
