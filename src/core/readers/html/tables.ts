// The tables of a page or of the clipboard as sheets; a cell over several columns or rows stands at its first.
import type { Picture, Run, Sheet } from '../../model';
import { isFormatted, plainOf } from '../../shared/rich-text';
import { inlineOf } from '../../shared/html/inline';
import { attribute, childrenOf, findAll, isElement, type Element } from '../../shared/html/tree';
import { defined } from '../../shared/defined';
import { sheetWith } from '../../shared/sheet';

/** More columns or rows than any heading spans. */
const MOST_SPAN = 200;

const span = (cell: Element, name: 'colspan' | 'rowspan'): number =>
  Math.min(MOST_SPAN, Math.max(1, Number(attribute(cell, name)) || 1));

const ROW_GROUPS = new Set(['thead', 'tbody', 'tfoot']);

function rowsOf(table: Element): Element[] {
  return childrenOf(table)
    .filter(isElement)
    .flatMap((child) => {
      if (child.tagName === 'tr') {
        return [child];
      }
      return ROW_GROUPS.has(child.tagName) ? rowsOf(child) : [];
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

/** Places of the table that a cell before them spans over. */
class Spanned {
  private readonly places = new Set<string>();

  has(row: number, column: number): boolean {
    return this.places.has(`${row}:${column}`);
  }

  /** Marks the places of a cell. Spans of a thousand cells each would fill the memory with nothing. */
  add({ top, left, bottom, right }: Sheet['merges'][number]): void {
    for (let row = top; row <= bottom && this.places.size < MOST_SPANNED; row++) {
      for (let column = left; column <= right; column++) {
        this.places.add(`${row}:${column}`);
      }
    }
  }
}

const plainBlanks = (text: string): string => text.replace(/\u00a0/g, ' ');

/** What the cells of a table become. */
class TableSheet {
  readonly rows: string[][] = [];
  readonly merges: Sheet['merges'] = [];
  readonly rich: Record<string, Run[]> = {};
  readonly pictures: Record<string, Picture[]> = {};
  private readonly spanned = new Spanned();

  /** Adds a row of cells below those before. */
  add(cells: readonly Element[]): void {
    const r = this.rows.length;
    const row: string[] = [];
    let column = 0;
    for (const cell of cells) {
      while (this.spanned.has(r, column)) {
        column++;
      }
      row[column] = this.take(cell, `${r}:${column}`);
      const right = column + span(cell, 'colspan') - 1;
      const range = { top: r, left: column, bottom: r + span(cell, 'rowspan') - 1, right };
      if (range.bottom > r || right > column) {
        this.merges.push(range);
        this.spanned.add(range);
      }
      column = right + 1;
    }
    this.rows.push(Array.from(row, (text: string | undefined) => text ?? ''));
  }

  /** The text of a cell; its formatting and pictures are kept aside. */
  private take(cell: Element, place: string): string {
    const { runs, pictures } = inlineOf(cell);
    const shown = hasFill(cell) ? runs.map((run) => ({ ...run, mark: true })) : runs;
    // Headings are bold by themselves, which says nothing of them.
    if (cell.tagName === 'td' && isFormatted(shown)) {
      this.rich[place] = shown.map((run) => ({ ...run, text: plainBlanks(run.text) }));
    }
    if (pictures.length) {
      this.pictures[place] = pictures;
    }
    return plainBlanks(plainOf(runs));
  }
}

const isCell = ({ tagName }: Element): boolean => tagName === 'td' || tagName === 'th';

/** A table as a sheet, named as given. */
export function sheetOfTable(table: Element, name: string): Sheet {
  const sheet = new TableSheet();
  for (const row of rowsOf(table)) {
    sheet.add(childrenOf(row).filter(isElement).filter(isCell));
  }
  const { rows, merges, rich, pictures } = sheet;
  return sheetWith(
    defined({
      name,
      rows,
      merges,
      rich: Object.keys(rich).length ? rich : undefined,
      pictures: Object.keys(pictures).length ? pictures : undefined,
    }),
  );
}

/** The tables that hold data: two columns and one filled row at least. Tables inside tables are looked at as well. */
export function dataTables(root: Parameters<typeof findAll>[0]): Element[] {
  return findAll(root, 'table', true).filter(
    (table) =>
      findAll(table, 'table').length === 0 &&
      rowsOf(table).some((row) => childrenOf(row).filter(isElement).length > 1),
  );
}
