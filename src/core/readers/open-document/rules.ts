// The rules that an open document sets on cells (OpenDocument 1.3 part 3, 9.4; conditions by part 4).
import type { CellRange, Sheet, Validation } from '../../model';
import { parseRange } from '../../shared/cells';
import { defined } from '../../shared/defined';

/** A list written out or standing in cells (`from`), or a greatest length. */
export type Rule = { list?: string[]; from?: string; maxLength?: number; prompt?: string };

/** A validation whose list has not been looked up. */
export type OpenValidation = Validation & { source?: string };

/** A list has more words than anybody chooses from. */
const MOST_WORDS = 500;

/** The rule of a validation's condition: a list written out, a list in cells, or a greatest length. */
export function ruleOf(condition: string): Rule {
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

/** A rule over the cells that use it. */
export const validationOf = (rule: Rule, ranges: Validation['ranges']): OpenValidation =>
  defined({
    ranges,
    list: rule.list,
    maxLength: rule.maxLength || undefined,
    prompt: rule.prompt || undefined,
    source: rule.from || undefined,
  });

/** "Sheet.A1" as sheet and cell; the sheet is empty where the address is of the same one. */
function parsePlace(place: string): { sheet: string; cell: string } {
  const border = place.lastIndexOf('.');
  return border < 0
    ? { sheet: '', cell: place }
    : { sheet: place.slice(0, border).replace(/^'|'$/g, ''), cell: place.slice(border + 1) };
}

/** Where a list stands, by its address or by a name (in lower case) of the document's ranges. */
function parseSource(
  source: string,
  names: ReadonlyMap<string, string>,
): { sheet: string; range: CellRange | undefined } {
  const [first = '', end = ''] = (names.get(source.toLowerCase()) ?? source).split(':');
  const { sheet, cell } = parsePlace(first);
  return { sheet, range: parseRange(end ? `${cell}:${parsePlace(end).cell}` : cell) };
}

const filledCells = ({ rows }: Sheet, range: CellRange): string[] =>
  rows
    .slice(range.top, Math.min(range.bottom + 1, range.top + MOST_WORDS))
    .flatMap((row) => row.slice(range.left, range.right + 1))
    .map((value) => value.trim())
    .filter(Boolean);

/** Looks up the lists that stand in cells, once all sheets are known. */
export function lookUpLists(sheets: readonly Sheet[], names: ReadonlyMap<string, string>): void {
  for (const sheet of sheets) {
    for (const validation of sheet.validations as OpenValidation[]) {
      if (!validation.source) {
        continue;
      }
      const source = parseSource(validation.source, names);
      delete validation.source;
      if (source.range) {
        const from = sheets.find((candidate) => candidate.name === source.sheet) ?? sheet;
        validation.list = filledCells(from, source.range);
      }
    }
  }
}
