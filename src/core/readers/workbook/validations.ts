// The rules that a sheet sets on its cells: lists to choose from and greatest lengths (ECMA-376 part 1, 18.3.1.32).
import type { CellRange } from '../../model';
import { parseRanges } from '../../shared/cells';
import { defined } from '../../shared/defined';
import type { Attributes } from '../xml';

/** A drop-down list or length rule before its reference is looked up. */
export type RawValidation = {
  ranges: CellRange[];
  formula: string;
  maxLength?: number;
  prompt?: string;
};

/** The greatest length that each operator allows, by the rule's one or two formulas. */
const MOST: Record<string, (first: number, second: number) => number> = {
  between: (_first, second) => second,
  lessThanOrEqual: (first) => first,
  lessThan: (first) => first - 1,
  equal: (first) => first,
};

/** A rule while its element is read. */
export class OpenValidation {
  private first = '';
  private second = '';
  private ranges: string;

  constructor(private readonly attributes: Attributes) {
    this.ranges = attributes['sqref'] ?? '';
  }

  /** Takes the text of an element within the rule; extended rules wrap their formula in an f of its own. */
  add(element: string, text: string): void {
    if (element === 'f' || element === 'formula1') {
      this.first += text;
    } else if (element === 'formula2') {
      this.second += text;
    } else if (element === 'sqref') {
      this.ranges += text;
    }
  }

  /** The rule; undefined where it is of another kind, or limits nothing. */
  close(): RawValidation | undefined {
    const { type, operator = 'between', prompt } = this.attributes;
    const common = defined({ ranges: parseRanges(this.ranges), prompt: prompt || undefined });
    if (type === 'list') {
      return { ...common, formula: this.first.trim() };
    }
    const most = MOST[operator]?.(Number(this.first), Number(this.second)) ?? 0;
    return type === 'textLength' && most > 0
      ? { ...common, formula: '', maxLength: most }
      : undefined;
  }
}
