// The sheets of an OpenDocument spreadsheet: each cell as the text that a person sees, with rules and notes.
import type { Look, Run, Sheet } from '../../model';
import { defined } from '../../shared/defined';
import { sheetWith } from '../../shared/sheet';
import { joinRuns, plainOf } from '../../shared/rich-text';
import { TableBudget } from '../over-cap';
import { byName, type Attributes } from '../xml';
import { lookUpLists, ruleOf, type Rule } from './rules';
import { countOf, SheetBuilder } from './sheet-builder';
import { StyleCollector } from './styles';

/** Blanks that one element may stand for. */
const MOST_BLANKS = 1000;
/** Takes in the elements of an open spreadsheet's content and gives its sheets. */
export class ContentReader {
  readonly sheets: Sheet[] = [];
  readonly styles = new StyleCollector();
  private readonly rules = new Map<string, Rule>();
  /** Named ranges, by their names in lower case. */
  private readonly names = new Map<string, string>();
  private rule: Rule | undefined;
  private sheet: SheetBuilder | undefined;
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
    'table-row': (a) => this.sheet?.openRow(a),
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
    const sheet = sheetWith({
      name: a['table:name'] ?? `Sheet ${this.sheets.length + 1}`,
      hidden: this.styles.hidden.has(a['table:style-name'] ?? ''),
      rows: [],
      isProtected: a['table:protected'] === 'true',
    });
    this.sheet = new SheetBuilder(sheet, this.budget);
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
    'table-row': () => this.sheet?.closeRow(),
    table: () => this.closeSheet(),
  });

  close(name: string): void {
    if (!this.sheet) {
      this.styles.close(name);
    }
    this.closing(name);
  }

  private closeCell(isCovered: boolean): void {
    const { cell } = this;
    this.cell = undefined;
    if (!cell) {
      return;
    }
    const { a, note } = cell;
    const style = a['table:style-name'] ?? '';
    const look = this.styles.looks.get(style);
    const runs = look ? cell.runs.map((run) => ({ ...look, ...run })) : cell.runs;
    this.sheet?.add({
      a,
      text: isCovered ? '' : plainOf(cell.runs),
      runs: joinRuns(runs),
      note,
      isUnlocked: this.styles.unlocked.has(style),
    });
  }

  private closeSheet(): void {
    if (this.sheet) {
      this.sheets.push(this.sheet.close(this.rules));
    }
    this.sheet = undefined;
  }

  /** Lists that stand in cells are looked up once all sheets are known. */
  finish(): void {
    lookUpLists(this.sheets, this.names);
  }
}
