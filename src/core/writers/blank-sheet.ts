// What an empty form of a layout looks like: headings, rules, a sheet that says in words how to fill it.
import type { Column, Layout } from '../model';
import { headOf } from '../shared/board-head';
import { cellName, columnIndex, parseCell } from '../shared/cells';
import { defined } from '../shared/defined';
import { mostOf, wordsOf } from './column-rules';
import { instructionsFor } from './instructions';

/** A rule on a block of cells; rows and columns count from 0. */
export type BlankRule = {
  top: number;
  bottom: number;
  column: number;
  list?: string[];
  most?: number;
};
/** Cells by their address, what may stand in them, and the sentences of the instructions. */
export type BlankSheet = {
  name: string;
  cells: Map<string, string>;
  bold: Set<string>;
  widths: number[];
  rules: BlankRule[];
  words: string[];
};

const WIDTHS: Partial<Record<Column['role'], number>> = {
  stem: 52,
  accepted: 46,
  option: 24,
  right: 24,
  wrong: 24,
  wrongs: 44,
  options: 44,
  explanation: 40,
  hint: 30,
  pair: 30,
  left: 24,
  'right-side': 24,
  step: 26,
};

const LABELS = {
  'set-title': 'Title of the set:',
  'set-description': 'Description:',
  constant: '',
} as const;

/** Sets a cell of the form; headings are bold. */
type SetCell = (name: string, text: string, isBold?: boolean) => void;

/** The set's title and description, each with its label on its left, and constants of the layout. */
function setCellsApart({ file }: Layout, set: SetCell): void {
  for (const { cell, role, value } of file.cells ?? []) {
    const place = parseCell(cell);
    if (value) {
      set(cell, value);
    }
    if (place && place.column > 0 && LABELS[role]) {
      set(cellName(place.row, place.column - 1), LABELS[role], true);
    }
  }
}

function setHeadings({ file, columns }: Layout, set: SetCell): void {
  for (const { column, heading } of columns) {
    if (file.headingRow && heading) {
      set(`${column}${file.headingRow}`, heading, true);
    }
  }
}

function setBoard(grid: NonNullable<Layout['grid']>, set: SetCell): void {
  const levelColumn = columnIndex(grid.levelColumn);
  const isBeside = grid.answer === 'beside';
  const headingRow = grid.categoryRow - 1;
  set(cellName(headingRow, levelColumn), 'Level', true);
  let n = 1;
  for (let c = columnIndex(grid.firstColumn); c <= columnIndex(grid.lastColumn); n++) {
    const category = grid.categories?.[n - 1] || `Category ${n}`;
    const { question, answer } = grid.sides ?? { question: '{category}', answer: 'Answer' };
    set(cellName(headingRow, c++), headOf(question, category), true);
    if (isBeside) {
      set(cellName(headingRow, c++), headOf(answer, category), true);
    }
  }
  grid.levelRows.forEach((row, index) => {
    set(cellName(row - 1, levelColumn), grid.levels[index]!, true);
    if (grid.answer === 'below') {
      set(cellName(row, levelColumn), 'answer');
    }
  });
}

/** Rows of a new form that rules are laid over, where a file takes no more. */
const PREPARED_ROWS = 200;

/** A rule for each column that takes only some words, or texts up to a length. */
function rulesOf(layout: Layout): BlankRule[] {
  if (layout.shape !== 'rows') {
    return [];
  }
  const top = (layout.file.firstRow ?? 2) - 1;
  const bottom = top + Math.max(PREPARED_ROWS, layout.limits.perFile ?? 0) - 1;
  return layout.columns.flatMap((column) => {
    const list = wordsOf(column, layout);
    const most = list ? undefined : mostOf(column, layout);
    return list || most
      ? [defined({ top, bottom, column: columnIndex(column.column), list, most })]
      : [];
  });
}

/** Widths of a board: a narrow column for the levels, wide ones for what is asked. */
const LEVEL_WIDTH = 10;
const BOARD_WIDTH = 30;
/** Width of columns that hold a word or a number. */
const NARROW_WIDTH = 14;

function widthsOf({ columns, grid }: Layout): number[] {
  if (grid) {
    return Array.from({ length: columnIndex(grid.lastColumn) + 1 }, (_, c) =>
      c ? BOARD_WIDTH : LEVEL_WIDTH,
    );
  }
  const widths: number[] = [];
  for (const { column, role } of columns) {
    widths[columnIndex(column)] = WIDTHS[role] ?? NARROW_WIDTH;
  }
  return widths;
}

/** The empty form of a layout of rows or of a board. */
export function blankSheet(layout: Layout): BlankSheet {
  const cells = new Map<string, string>();
  const bold = new Set<string>();
  const set: SetCell = (name, text, isBold = false) => {
    cells.set(name, text);
    if (isBold) {
      bold.add(name);
    }
  };
  setCellsApart(layout, set);
  setHeadings(layout, set);
  if (layout.grid) {
    setBoard(layout.grid, set);
  }
  return {
    name: layout.file.sheet ?? 'Questions',
    cells,
    bold,
    widths: widthsOf(layout),
    rules: rulesOf(layout),
    words: instructionsFor(layout),
  };
}
