// A table that the form's makers laid over headings and rows reaches down over the filled rows, or a receiver that reads
// the table would not see them (ECMA-376 part 1, 18.5.1.2).
import { parseRange, rangeName } from '../../shared/cells';
import { resolveTarget } from '../../shared/part-path';
import { attributesOf, decode, type Parts } from './parts';
import { attributeOf } from './sheet-xml';

/** The paths of the tables of a sheet, by its relationships. */
function tablesOf(parts: Parts, sheetPath: string): string[] {
  const folder = sheetPath.replace(/[^/]*$/, '');
  const relations = decode(parts[`${folder}_rels/${sheetPath.slice(folder.length)}.rels`]);
  return attributesOf(relations, 'Relationship')
    .filter((text) => /\/table$/.test(attributeOf(text, 'Type') ?? ''))
    .flatMap((text) => {
      const target = attributeOf(text, 'Target');
      if (!target) {
        return [];
      }
      const path = resolveTarget(sheetPath, target);
      return parts[path] ? [path] : [];
    });
}

/** Extends tables that hold the first filled row (or end right above it) to the last one. A table with a row of totals is left alone. */
export function extendTables(
  parts: Parts,
  sheetPath: string,
  firstRow: number,
  lastRow: number,
): void {
  for (const path of tablesOf(parts, sheetPath)) {
    const xml = decode(parts[path]);
    const head = /<(?:[\w.-]+:)?table\s[^>]*>/.exec(xml)?.[0] ?? '';
    const range = parseRange(attributeOf(head, 'ref') ?? '');
    if (!range || Number(attributeOf(head, 'totalsRowCount') ?? 0) > 0) {
      continue;
    }
    if (range.top > firstRow - 1 || range.bottom < firstRow - 2 || range.bottom >= lastRow - 1) {
      continue;
    }
    const old = attributeOf(head, 'ref')!;
    const next = rangeName({ ...range, bottom: lastRow - 1 });
    parts[path] = new TextEncoder().encode(xml.replaceAll(`ref="${old}"`, `ref="${next}"`));
  }
}
