// The sheets of an OpenDocument spreadsheet: each cell as the text that a person sees, with rules and notes.
import type { Look, Run, Sheet, Validation } from '../../model';
import { parseRange } from '../../shared/cells';
import { isFormatted, joinRuns, plainOf } from '../../shared/rich-text';
import { TableBudget } from '../over-cap';
import type { Attributes } from '../xml';
import { StyleCollector } from './styles';
import { defined } from '../../shared/defined';

type Rule = { list?: string[]; from?: string; maxLength?: number; prompt?: string };
const REPEATED = 2000;
/** A cell so far to the right belongs to nothing. */
const STRAY_COLUMN = 1000;

/** The rule of a validation's condition: a list written out, a list in cells, or a greatest length. */
function ruleOf(condition: string): Rule {
  const list = /is-in-list\((.*)\)/s.exec(condition)?.[1];
  if (list !== undefined) {
    const written = [...list.matchAll(/"((?:[^"]|"")*)"/g)].map((match) =>
      match[1]!.replace(/""/g, '"'),
    );
    return written.length ? { list: written } : { from: list.replace(/[[\]$]/g, '') };
  }
  const length = /text-length\(\)\s*(<=|<|=)\s*(\d+)/.exec(condition);
  if (length) {
    return { maxLength: Number(length[2]) - (length[1] === '<' ? 1 : 0) };
  }
  const between = /text-length-is-between\(\s*\d+\s*,\s*(\d+)/.exec(condition);
  return between ? { maxLength: Number(between[1]) } : {};
}

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

  open(name: string, a: Attributes): void {
    if (!this.sheet) {
      this.styles.open(name, a);
    }
    switch (name) {
      case 'content-validation':
        this.rules.set(a['table:name'] ?? '', (this.rule = ruleOf(a['table:condition'] ?? '')));
        return;
      case 'named-range':
        this.names.set(
          (a['table:name'] ?? '').toLowerCase(),
          (a['table:cell-range-address'] ?? '').replace(/[$]/g, ''),
        );
        return;
      case 'table':
        this.openSheet(a);
        return;
      case 'table-row':
        this.rowTimes = Math.max(1, Number(a['table:number-rows-repeated'] ?? 1));
        this.column = 0;
        this.rowHadText = false;
        return;
      case 'table-cell':
      case 'covered-table-cell':
        this.cell = { a, runs: [], paragraphs: 0, note: '' };
        return;
      case 'annotation':
        this.depth.annotation++;
        return;
      case 'p':
        this.depth.text++;
        if (this.cell && !this.depth.annotation && this.cell.paragraphs++) {
          this.add('\n');
        }
        return;
      case 'span':
        this.looks.push(this.styles.looks.get(a['text:style-name'] ?? '') ?? {});
        return;
      case 'a':
        this.href = a['xlink:href'] ?? '';
        return;
      case 's':
        this.add(' '.repeat(Math.min(1000, Number(a['text:c'] ?? 1))));
        return;
      case 'tab':
        this.add('\t');
        return;
      case 'line-break':
        this.add('\n');
        return;
    }
  }

  private openSheet(a: Attributes): void {
    this.sheet = {
      name: a['table:name'] ?? `Sheet ${this.sheets.length + 1}`,
      hidden: this.styles.hidden.has(a['table:style-name'] ?? ''),
      rows: [],
      merges: [],
      validations: [],
      comments: [],
      formulas: [],
      dates: [],
      isProtected: a['table:protected'] === 'true',
    };
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
        ...Object.assign({}, ...this.looks),
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

  close(name: string): void {
    if (!this.sheet) {
      this.styles.close(name);
    }
    switch (name) {
      case 'content-validation':
        this.rule = undefined;
        return;
      case 'p':
        this.depth.text--;
        return;
      case 'span':
        this.looks.pop();
        return;
      case 'a':
        this.href = '';
        return;
      case 'annotation':
        this.depth.annotation--;
        return;
      case 'table-cell':
      case 'covered-table-cell':
        this.closeCell(name.startsWith('covered'));
        return;
      case 'table-row':
        this.closeRow();
        return;
      case 'table':
        this.closeSheet();
        return;
    }
  }

  private closeCell(covered: boolean): void {
    const { cell, sheet } = this;
    this.cell = undefined;
    if (!cell || !sheet) {
      return;
    }
    const { a } = cell;
    const times = Math.max(1, Number(a['table:number-columns-repeated'] ?? 1));
    const rule = a['table:content-validation-name'];
    if (rule) {
      this.uses.set(rule, [
        ...(this.uses.get(rule) ?? []),
        {
          top: this.row,
          left: this.column,
          bottom: this.row + this.rowTimes - 1,
          right: this.column + times - 1,
        },
      ]);
    }
    if (cell.note.trim()) {
      sheet.comments.push({ row: this.row, column: this.column, text: cell.note.trim() });
    }
    if (sheet.isProtected && this.styles.unlocked.has(a['table:style-name'] ?? '')) {
      this.unlock(sheet, times);
    }
    const own = this.styles.looks.get(a['table:style-name'] ?? '');
    const text = covered ? '' : plainOf(cell.runs);
    if (text) {
      this.fill(
        sheet,
        joinRuns(own ? cell.runs.map((run) => ({ ...own, ...run })) : cell.runs),
        text,
        Math.min(times, REPEATED),
        a,
      );
    }
    const wide = Number(a['table:number-columns-spanned'] ?? 1);
    const high = Number(a['table:number-rows-spanned'] ?? 1);
    if (wide > 1 || high > 1) {
      sheet.merges.push({
        top: this.row,
        left: this.column,
        bottom: this.row + high - 1,
        right: this.column + wide - 1,
      });
    }
    this.column += times;
  }

  /** Cells that may be filled; a form repeats them for hundreds of rows, of which the first tell enough. */
  private unlock(sheet: Sheet, times: number): void {
    const unlocked = (sheet.unlocked ??= []);
    for (
      let r = this.row;
      r < this.row + Math.min(this.rowTimes, 200) && unlocked.length < 50_000;
      r++
    ) {
      for (let c = this.column; c < this.column + Math.min(times, 200); c++) {
        unlocked.push(`${r}:${c}`);
      }
    }
  }

  private fill(sheet: Sheet, runs: Run[], text: string, times: number, a: Attributes): void {
    this.rowHadText = true;
    while (sheet.rows.length <= this.row && sheet.rows.length < 200_000) {
      sheet.rows.push([]);
    }
    const line = sheet.rows[this.row];
    if (!line || this.column > STRAY_COLUMN) {
      return;
    }
    const place = { row: this.row, column: this.column };
    this.budget.take(text.length, times + Math.max(0, this.column - line.length), place);
    this.budget.column(this.column + times - 1);
    for (let c = this.column; c < this.column + times; c++) {
      while (line.length < c) {
        line.push('');
      }
      line[c] = text;
      if (isFormatted(runs)) {
        (sheet.rich ??= {})[`${this.row}:${c}`] = runs;
      }
      if (a['table:formula']) {
        sheet.formulas.push({ row: this.row, column: c });
      }
      if (a['office:value-type'] === 'date') {
        sheet.dates.push(`${this.row}:${c}`);
      }
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
        sheet.validations.push(
          defined({
            ranges,
            list: rule.list,
            maxLength: rule.maxLength || undefined,
            prompt: rule.prompt || undefined,
            source: rule.from || undefined,
          }),
        );
      }
    }
  }

  /** Lists that stand in cells are looked up once all sheets are known. */
  finish(): void {
    for (const sheet of this.sheets) {
      for (const validation of sheet.validations as (Validation & { source?: string })[]) {
        if (!validation.source) {
          continue;
        }
        const [place = '', end = ''] = (
          this.names.get(validation.source.toLowerCase()) ?? validation.source
        ).split(':');
        const [where, first = place] = place.includes('.')
          ? [
              place.slice(0, place.lastIndexOf('.')).replace(/^'|'$/g, ''),
              place.slice(place.lastIndexOf('.') + 1),
            ]
          : ['', place];
        const range = parseRange(end ? `${first}:${end.slice(end.lastIndexOf('.') + 1)}` : first);
        const from = this.sheets.find((candidate) => candidate.name === where) ?? sheet;
        delete validation.source;
        if (range) {
          validation.list = from.rows
            .slice(range.top, Math.min(range.bottom + 1, range.top + 500))
            .flatMap((row) => row.slice(range.left, range.right + 1))
            .map((value) => value.trim())
            .filter(Boolean);
        }
      }
    }
  }
}
