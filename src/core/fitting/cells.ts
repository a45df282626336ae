// The very cells that a fitted question becomes: one row, or in blocks a row for each line.
import type { CellRow, CellValue, Role } from '../model';
import { optionLetter } from '../shared/plain';
import { guardFormula } from '../shared/formula-like';
import { transliterate } from '../shared/windows-1252';
import { refusal, type Draft } from './changes';
import { valueOf } from './column-values';
import type { Context, Sayings } from './context';
import { holdRoom, sayingsOf } from './sayings';

const row = (): CellRow => ({});
/** A text as it may stand in the file's cells. */
function cellText(text: string, context: Context): string {
  const plain = context.narrow ? transliterate(text) : text;
  if (plain === undefined) {
    throw refusal('encoding-lacks', { what: `“${text}”` });
  }
  return context.plainText ? guardFormula(plain) : plain;
}

/** Sets a cell; an empty one is left out. */
function put(
  cells: CellRow,
  letters: string,
  value: CellValue | undefined,
  context: Context,
): void {
  if (value !== undefined && value !== '') {
    cells[letters] = typeof value === 'string' ? cellText(value, context) : value;
  }
}

/** A question's row by column letters; empty cells are left out. May throw a Refusal. */
function rowOf(draft: Draft, context: Context): CellRow {
  const sayings = sayingsOf(draft, context);
  holdRoom(sayings, (role) => context.having(role).length);
  const cells = row();
  for (const { column, place } of context.places) {
    put(
      cells,
      column.column,
      valueOf(draft, column, sayings[column.role]?.[place], context),
      context,
    );
  }
  return cells;
}

/** A line for these comes once for each answer. */
const ANSWERS: readonly Role[] = ['option', 'wrong'];

/** A question's block: a row for each line of the layout, the line of answers once for each answer. */
function blockOf(draft: Draft, context: Context): CellRow[] {
  const lines = context.layout.lines ?? [];
  const label = context.layout.file.firstColumn ?? 'A';
  const sayings: Sayings = sayingsOf(draft, context);
  const count = (role: Role): number => lines.filter((line) => line.role === role).length;
  if (ANSWERS.every((role) => count(role) !== 1)) {
    holdRoom(sayings, (role) => (ANSWERS.includes(role) ? count(role) : 0));
  }
  const done = new Map<Role, number>();
  const next = (role: Role): number => {
    const place = done.get(role) ?? 0;
    done.set(role, place + 1);
    return place;
  };
  const rowFor = (line: (typeof lines)[number], place: number): CellRow => {
    const cells = row();
    cells[label] = line.label;
    for (const [index, cell] of line.cells.entries()) {
      const said = sayings[cell.role]?.[place];
      const column = { ...cell, heading: line.label, ...(index ? {} : { default: line.default }) };
      const value = column.default ? valueOf(draft, column, said, context) : said;
      put(cells, cell.column, value, context);
    }
    return cells;
  };
  return lines.flatMap((line) => {
    if (!ANSWERS.includes(line.role)) {
      return [rowFor(line, 0)];
    }
    const times = count(line.role) === 1 ? Math.max(1, sayings[line.role]?.length ?? 0) : 1;
    return Array.from({ length: times }, () => rowFor(line, next(line.role)));
  });
}

/** What counts a part, from 0, where the receiver has a column for it. */
function countOf(part: number, { rowForEach }: Context['layout']): CellRow {
  if (!rowForEach?.counts) {
    return {};
  }
  const { column, from } = rowForEach.counts;
  const letter = optionLetter(part);
  const lettered = from === 'A' ? letter : letter.toLowerCase();
  return { [column]: from === '1' ? part + 1 : lettered };
}

/** A question's row as the rows of its parts: all else stands in the first of them, or where it is said again in each. */
function rowsOfParts(whole: CellRow, { homes, layout }: Context): CellRow[] {
  const rows: CellRow[] = [row()];
  const rest = row();
  const again = row();
  for (const [letters, value] of Object.entries(whole)) {
    const home = homes.get(letters);
    if (home) {
      (rows[home.n - 1] ??= row())[home.column] = value;
    } else {
      (layout.rowForEach?.again.includes(letters) ? again : rest)[letters] = value;
    }
  }
  return Array.from(rows, (own = row(), at) => ({
    ...(at ? {} : rest),
    ...again,
    ...countOf(at, layout),
    ...own,
  }));
}

/** The rows of a question. May throw a Refusal. */
function allRowsOf(draft: Draft, context: Context): CellRow[] {
  const whole = rowOf(draft, context);
  return context.homes.size ? rowsOfParts(whole, context) : [whole];
}

/** The cells of a question. May throw a Refusal. */
export const cellsOf = (draft: Draft, context: Context): CellRow[] =>
  context.layout.shape === 'blocks' ? blockOf(draft, context) : allRowsOf(draft, context);
