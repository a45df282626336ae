// The words of drop-down lists: written out, or standing in cells of any sheet.
import type { CellRange, Validation } from '../../model';
import { parseRange } from '../../shared/cells';
import { defined } from '../../shared/defined';
import type { RawSheet } from './sheet';
import type { RawValidation } from './validations';

/** A list has more words than anybody chooses from. */
const MOST_WORDS = 500;

/** Where lists are looked up: the sheet that asks, all sheets, and the workbook's names. */
export type LookUp = {
  here: string;
  sheets: ReadonlyMap<string, RawSheet>;
  names: ReadonlyMap<string, string>;
};

/** A list in the formula itself: words between quotes, parted by commas. */
const writtenOut = (formula: string): string[] =>
  formula
    .slice(1, -1)
    .replace(/""/g, '"')
    .split(',')
    .map((value) => value.trim())
    .filter(Boolean);

/** The filled cells of a block, row by row. */
function filledCells({ rows }: RawSheet, range: CellRange): string[] {
  const words: string[] = [];
  for (const row of rows.slice(range.top, range.bottom + 1)) {
    for (const text of row.slice(range.left, range.right + 1)) {
      if (text.trim() && words.length < MOST_WORDS) {
        words.push(text.trim());
      }
    }
  }
  return words;
}

/** The values of a drop-down list: written out, or standing in a block of cells of any sheet, by address or by name. */
function lookUpList(formula: string, { here, sheets, names }: LookUp): string[] | undefined {
  if (formula.startsWith('"')) {
    return writtenOut(formula);
  }
  const reference = formula.replace(/^=/, '');
  const target = names.get(reference) ?? reference;
  const match = /^(?:'((?:[^']|'')+)'|([^'!]+))!(.+)$/.exec(target);
  const [, quotedName, plainName, address] = match ?? [];
  const sheet = sheets.get(quotedName?.replace(/''/g, "'") ?? plainName ?? here);
  const range = parseRange(address ?? target);
  const words = sheet && range ? filledCells(sheet, range) : [];
  return words.length ? words : undefined;
}

/** The rules of a sheet with their lists looked up. */
export const withLists = (raw: readonly RawValidation[], lookUp: LookUp): Validation[] =>
  raw.map(({ ranges, formula, maxLength, prompt }) =>
    defined({
      ranges,
      list: formula ? lookUpList(formula, lookUp) : undefined,
      maxLength: maxLength || undefined,
      prompt: prompt || undefined,
    }),
  );
