// Which cells of a sheet a job sets, whatever the file's format: rows below the headings, blocks, the places of a board.
import type { CellRow, CellValue, Layout } from '../model';
import { columnIndex, parseCell } from '../shared/cells';
import type { Job } from './contract';
import { defined } from '../shared/defined';

/** A row to be set, from 1; `like` is the row of the blank whose formats and rules a new row takes. */
export type PlannedRow = {
  r: number;
  like: number;
  values: (readonly [column: number, value: CellValue | undefined])[];
};
export type SheetPlan = {
  rows: PlannedRow[];
  /** The first row that belongs to the questions. */
  firstRow: number;
  /** Rows behind the last one whose cells of these columns are emptied; up to the sheet's end where `to` is absent. */
  clear: { from: number; to?: number; columns: number[] };
  /** Sample rows, in which nothing stays but what a form counts or computes. */
  sample?: [first: number, last: number];
  /** A column that counts the questions where the blank has not done so. */
  counted?: number;
  /** Cells apart from the questions: the set's title, its description, constants. */
  cells: { row: number; column: number; value: CellValue }[];
};

function cellsApart({ layout, setTitle, setDescription }: Job): SheetPlan['cells'] {
  return (layout.file.cells ?? []).flatMap(({ cell, role, value }) => {
    const at = parseCell(cell);
    const text =
      role === 'set-title' ? setTitle : role === 'set-description' ? setDescription : value;
    return at && text ? [{ row: at.row + 1, column: at.column, value: text }] : [];
  });
}

function planRows(job: Job): SheetPlan {
  const { layout } = job;
  const own = layout.columns.filter(
    (column) => column.role !== 'ignore' && column.role !== 'number-in-file',
  );
  const columns = own.map((column) => [columnIndex(column.column), column.column] as const);
  const firstRow = layout.file.firstRow ?? 2;
  const like = (layout.file.sample?.[1] ?? firstRow - 1) + 1;
  const rows = job.questions
    .flatMap(({ cells = [] }) => cells)
    .map((cells, index) => ({
      r: firstRow + index,
      like,
      values: columns.map(([column, letters]) => [column, cells[letters]] as const),
    }));
  const counted = layout.columns.find((column) => column.role === 'number-in-file');
  return defined({
    rows,
    firstRow,
    clear: {
      from: firstRow + rows.length,
      to: layout.file.sample?.[1] ?? 0,
      columns: columns.map(([column]) => column),
    },
    sample: layout.file.sample,
    counted: counted ? columnIndex(counted.column) : undefined,
    cells: cellsApart(job),
  });
}

type Lines = NonNullable<Layout['lines']>;
/** A block's rows, each with its line; lines that the form prepares several times are filled up to that number. */
function linesOfBlock(
  cells: readonly CellRow[],
  lines: Lines,
  label: string,
): { line: Lines[number]; nth: number; cells: CellRow }[] {
  return lines.flatMap((line) => {
    const own = cells.filter((row) => row[label] === line.label);
    return Array.from({ length: Math.max(own.length, line.times ?? 1) }, (_, nth) => ({
      line,
      nth,
      cells: own[nth] ?? { [label]: line.label },
    }));
  });
}

function planBlocks(job: Job): SheetPlan {
  const { file, lines = [] } = job.layout;
  const label = file.firstColumn ?? 'A';
  const firstRow = file.firstRow ?? 2;
  const own = lines.reduce((sum, line) => sum + (line.times ?? 1), 0);
  const template = file.block?.template ?? firstRow;
  const gap = file.block ? file.block.every - own : 1;
  const letters = [
    ...new Set([label, ...lines.flatMap((line) => line.cells.map((cell) => cell.column))]),
  ];
  const rows: PlannedRow[] = [];
  let r = firstRow;
  let grown = false;
  for (const { cells = [], as } of job.questions) {
    const each = cells.length / as.length;
    // A question that became several has its blocks one behind the other, each opened by the opening line.
    const starts = cells.flatMap((row, index) =>
      lines.some((line) => line.opens && line.label === row[label]) ? [index] : [],
    );
    for (const [index, start] of (Number.isInteger(each) && starts.length < as.length
      ? as.map((_, n) => n * each)
      : starts
    ).entries()) {
      const block = linesOfBlock(cells.slice(start, starts[index + 1]), lines, label);
      grown ||= block.length > own;
      for (const { line, nth, cells: row } of block) {
        rows.push({
          r: r++,
          like:
            template + (line.offset ?? lines.indexOf(line)) + Math.min(nth, (line.times ?? 1) - 1),
          values: letters.map((column) => [columnIndex(column), row[column]] as const),
        });
      }
      r += gap;
    }
  }
  const columns = letters.map(columnIndex);
  // Prepared blocks behind the last one stay as they are, unless longer blocks have pushed the rows out of step.
  return {
    rows,
    firstRow,
    clear: grown
      ? { from: r - gap, columns }
      : {
          from: r - gap,
          to: file.sample?.[1] ?? 0,
          columns: columns.filter((column) => column !== columnIndex(label)),
        },
    cells: cellsApart(job),
  };
}

function planBoard(job: Job): SheetPlan {
  const byRow = new Map<number, PlannedRow>();
  for (const [name, value] of job.questions.flatMap(({ cells = [] }) =>
    cells.flatMap((row) => Object.entries(row)),
  )) {
    const at = parseCell(name);
    if (!at) {
      continue;
    }
    const row = byRow.get(at.row + 1) ?? { r: at.row + 1, like: at.row + 1, values: [] };
    row.values.push([at.column, value]);
    byRow.set(row.r, row);
  }
  const rows = [...byRow.values()].sort((a, b) => a.r - b.r);
  return {
    rows,
    firstRow: rows[0]?.r ?? 1,
    clear: { from: 1, to: 0, columns: [] },
    cells: cellsApart(job),
  };
}

/** The cells that a job sets. */
export function planSheet(job: Job): SheetPlan {
  if (job.layout.shape === 'blocks') {
    return planBlocks(job);
  }
  return job.layout.shape === 'grid' ? planBoard(job) : planRows(job);
}
