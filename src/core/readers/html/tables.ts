// The tables of a page or of the clipboard as sheets; a cell over several columns or rows stands at its first.
import type { Picture, Run, Sheet } from '../../model';
import { isFormatted, plainOf } from '../../shared/rich-text';
import { inlineOf } from '../../shared/html/inline';
import { attribute, childrenOf, findAll, isElement, type Element } from '../../shared/html/tree';
import { defined } from '../../shared/defined';

/** More columns or rows than any heading spans. */
const MOST_SPAN = 200;

const span = (cell: Element, name: 'colspan' | 'rowspan'): number =>
  Math.min(MOST_SPAN, Math.max(1, Number(attribute(cell, name)) || 1));

function rowsOf(table: Element): Element[] {
  return childrenOf(table).flatMap((child) => {
    if (!isElement(child)) {
      return [];
    }
    return child.tagName === 'tr'
      ? [child]
      : ['thead', 'tbody', 'tfoot'].includes(child.tagName)
        ? rowsOf(child)
        : [];
  });
}

const hasFill = (cell: Element): boolean => {
  const fill =
    /background(?:-color)?\s*:\s*([^;]+)/i.exec(attribute(cell, 'style'))?.[1]?.trim() ??
    attribute(cell, 'bgcolor');
  return (
    fill !== '' &&
    !/^(?:#?f{3}(?:f{3})?|white|transparent|none|inherit|rgb\(255, ?255, ?255\))$/i.test(fill)
  );
};

/** So many places that cells span over are looked at; a table that people read has a few hundred. */
const MOST_SPANNED = 200_000;

function take(
  taken: Set<string>,
  { row, column }: { row: number; column: number },
  high: number,
  wide: number,
): void {
  for (let y = 0; y < high; y++) {
    for (let x = 0; x < wide; x++) {
      taken.add(`${row + y}:${column + x}`);
    }
  }
}

/** A table as a sheet, named as given. */
export function sheetOfTable(table: Element, name: string): Sheet {
  const rows: string[][] = [];
  const merges: Sheet['merges'] = [];
  const rich: Record<string, Run[]> = {};
  const pictures: Record<string, Picture[]> = {};
  const taken = new Set<string>();
  rowsOf(table).forEach((line, r) => {
    const row: string[] = (rows[r] = []);
    let c = 0;
    for (const cell of childrenOf(line)) {
      if (!isElement(cell) || (cell.tagName !== 'td' && cell.tagName !== 'th')) {
        continue;
      }
      while (taken.has(`${r}:${c}`)) {
        c++;
      }
      const [wide, high] = [span(cell, 'colspan'), span(cell, 'rowspan')];
      const inline = inlineOf(cell);
      row[c] = plainOf(inline.runs).replace(/\u00a0/g, ' ');
      const runs = hasFill(cell) ? inline.runs.map((run) => ({ ...run, mark: true })) : inline.runs;
      if (cell.tagName === 'td' && isFormatted(runs)) {
        rich[`${r}:${c}`] = runs.map((run) => ({ ...run, text: run.text.replace(/\u00a0/g, ' ') }));
      }
      if (inline.pictures.length) {
        pictures[`${r}:${c}`] = inline.pictures;
      }
      if (wide > 1 || high > 1) {
        merges.push({ top: r, left: c, bottom: r + high - 1, right: c + wide - 1 });
      }
      // Spans of a thousand cells each would fill the memory with nothing.
      if (taken.size < MOST_SPANNED) {
        take(taken, { row: r, column: c }, high, wide);
      }
      c += wide;
    }
    for (let i = 0; i < row.length; i++) {
      row[i] ??= '';
    }
  });
  return defined({
    name,
    hidden: false,
    rows,
    merges,
    validations: [],
    comments: [],
    formulas: [],
    dates: [],
    isProtected: false,
    rich: Object.keys(rich).length ? rich : undefined,
    pictures: Object.keys(pictures).length ? pictures : undefined,
  });
}

/** The tables that hold data: two columns and one filled row at least. Tables inside tables are looked at as well. */
export function dataTables(root: Parameters<typeof findAll>[0]): Element[] {
  return findAll(root, 'table', true).filter(
    (table) =>
      findAll(table, 'table').length === 0 &&
      rowsOf(table).some((row) => childrenOf(row).filter(isElement).length > 1),
  );
}
