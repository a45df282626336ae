// The rows of a reply: lines with the asked parts, whatever stands around them.
import type { AskedColumn } from '../../model';
import { alike, cleanText } from '../../shared/normalise';

/** A row with the line that it stands in, from 1. */
export type Row = { line: number; cells: string[] };
export type Rows = {
  rows: Row[];
  /** Lines that hold no row: talk before and after. */
  talk: number[];
  heading?: number;
  hasNumbers: boolean;
  hasLabels: boolean;
};

const SEPARATORS = ['|', '\t', ';'] as const;

/** Cells of a line without the outer bars of a table; a bar in front alone leaves an empty cell. */
const cellsOf = (line: string, separator: string): string[] => {
  const inner = separator === '|' ? line.trim().replace(/^\|(.*)\|$/s, '$1') : line;
  return inner
    .split(separator)
    .map((cell) => cleanText(cell.replace(/<br\s*\/?>/gi, '\n').replace(/\*\*(.+?)\*\*/gs, '$1')));
};

/** The separator by which most lines come near to the asked number of parts; undefined where no line has any. */
function separatorOf(lines: readonly string[], wanted: number): string | undefined {
  const counts = SEPARATORS.map((separator) => ({
    separator,
    n: lines.filter((line) => {
      const cells = cellsOf(line, separator).length;
      return cells > 1 && Math.abs(cells - wanted) <= 2;
    }).length,
  }));
  const best = counts.reduce((most, one) => (one.n > most.n ? one : most));
  return best.n > 0 ? best.separator : undefined;
}

const isRule = (line: string): boolean => /^[\s|:+-]+$/.test(line) && line.includes('-');
const NUMBER = /^\(?\d{1,3}[.):]?\s+(?=\S)/;
const BARE_NUMBER = /^\(?\d{1,3}[.):]?$/;
const LABEL = /^\(?([A-Ja-j]|\d{1,2})[.):]\s+(?=\S)/;

const isHeading = (cells: readonly string[], columns: readonly AskedColumn[]): boolean => {
  const headings = new Set(columns.map(({ heading }) => alike(heading)));
  return (
    cells.filter((cell) => headings.has(alike(cell))).length >= Math.max(2, columns.length / 2)
  );
};

/** So large a share of rows shows a habit. */
const MOST = 2 / 3;
const most = (rows: readonly Row[], holds: (row: Row) => boolean): boolean =>
  rows.length > 1 && rows.filter(holds).length >= rows.length * MOST;

/** Numbers in front of the rows, in a part of their own or before the first text, taken off. */
function withoutNumbers(
  rows: readonly Row[],
  columns: number,
): { rows: Row[]; hasNumbers: boolean } {
  if (most(rows, ({ cells }) => cells.length > columns && BARE_NUMBER.test(cells[0]!))) {
    return {
      rows: rows.map((row) =>
        BARE_NUMBER.test(row.cells[0]!) ? { ...row, cells: row.cells.slice(1) } : row,
      ),
      hasNumbers: true,
    };
  }
  if (most(rows, ({ cells }) => NUMBER.test(cells[0]!))) {
    const bare = (cells: string[]): string[] => [
      cells[0]!.replace(NUMBER, '').replace(BARE_NUMBER, ''),
      ...cells.slice(1),
    ];
    return { rows: rows.map((row) => ({ ...row, cells: bare(row.cells) })), hasNumbers: true };
  }
  return { rows: [...rows], hasNumbers: false };
}

/** Labels in front of the options ('A) '), taken off. */
function withoutLabels(
  rows: readonly Row[],
  columns: readonly AskedColumn[],
): { rows: Row[]; hasLabels: boolean } {
  const places = columns.flatMap(({ role }, at) => (role === 'option' ? [at] : []));
  const isLabelled = ({ cells }: Row): boolean => places.every((at) => LABEL.test(cells[at] ?? ''));
  if (!places.length || !most(rows, isLabelled)) {
    return { rows: [...rows], hasLabels: false };
  }
  const bare = (cells: string[]): string[] =>
    cells.map((cell, at) => (places.includes(at) ? cell.replace(LABEL, '') : cell));
  return { rows: rows.map((row) => ({ ...row, cells: bare(row.cells) })), hasLabels: true };
}

/** Reads the rows of a reply; none where no line has parts. */
export function rowsOf(reply: string, columns: readonly AskedColumn[]): Rows {
  const lines = reply.split(/\r\n?|\n/);
  const bare = lines.map((line) => (/^\s*```/.test(line) || isRule(line) ? '' : line));
  const separator = separatorOf(bare.filter(Boolean), columns.length);
  const found: Row[] = [];
  const talk: number[] = [];
  let heading: number | undefined;
  bare.forEach((line, index) => {
    if (!line.trim()) {
      return;
    }
    const cells = separator ? cellsOf(line, separator) : [line];
    if (cells.length < 2) {
      talk.push(index + 1);
    } else if (isHeading(cells, columns)) {
      heading = index + 1;
    } else {
      found.push({ line: index + 1, cells });
    }
  });
  const numbered = withoutNumbers(found, columns.length);
  const labelled = withoutLabels(numbered.rows, columns);
  return {
    rows: labelled.rows,
    talk,
    ...(heading === undefined ? {} : { heading }),
    hasNumbers: numbered.hasNumbers,
    hasLabels: labelled.hasLabels,
  };
}
