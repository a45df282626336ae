// Which cells of a sheet a job sets, whatever the file's format: rows below the headings, blocks, the places of a board.
import type { CellRow, CellValue, Layout } from '../model';
import { labelAt } from '../shared/block-labels';
import { columnIndex, parseCell } from '../shared/cells';
import { defined } from '../shared/defined';
import { isFilled } from '../shared/roles';
import { beginsIn } from '../shared/row-for-each';
import type { Job } from './contract';
import { settingCell } from './setting-cell';

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

type FixedCell = NonNullable<Layout['file']['cells']>[number];

/** The text of a cell apart from the questions: the set's own, or a constant of the layout. */
function fixedText({ role, value }: FixedCell, { setTitle, setDescription }: Job) {
  if (role === 'set-title') {
    return setTitle;
  }
  return role === 'set-description' ? setDescription : value;
}

/** Cells apart from the questions; one whose address can't be read, or that has no text, stays as the blank has it. */
function cellsApart(job: Job): SheetPlan['cells'] {
  const settings = (job.layout.settings ?? []).flatMap((setting) => {
    const place = parseCell(setting.cell);
    const value = settingCell(setting, job.settings);
    return place && value !== undefined
      ? [{ row: place.row + 1, column: place.column, value }]
      : [];
  });
  const apart = (job.layout.file.cells ?? []).flatMap((fixed) => {
    const place = parseCell(fixed.cell);
    const value = fixedText(fixed, job);
    return place && value ? [{ row: place.row + 1, column: place.column, value }] : [];
  });
  return [...apart, ...settings];
}

/** The rows of a job's questions; where parts have rows of their own, with the number of their question in the column that counts them. */
function cellRows({ questions, layout }: Job, counted: string | undefined): CellRow[] {
  if (counted === undefined) {
    return questions.flatMap(({ cells = [] }) => cells);
  }
  let n = 0;
  return questions.flatMap(({ cells = [] }) =>
    cells.map((row, index) => {
      const isFirst = beginsIn(cells, index, layout);
      n += isFirst ? 1 : 0;
      return isFirst || layout.rowForEach?.again.includes(counted) ? { ...row, [counted]: n } : row;
    }),
  );
}

function planRows(job: Job): SheetPlan {
  const { layout } = job;
  const counting = layout.columns.find((column) => column.role === 'number-in-file');
  const isOurs = layout.rowForEach !== undefined;
  const columns = layout.columns
    .filter(
      (column) =>
        isFilled(column.role) ||
        (isOurs && column === counting) ||
        column.column === layout.rowForEach?.counts?.column,
    )
    .map(({ column }) => [columnIndex(column), column] as const);
  const firstRow = layout.file.firstRow ?? 2;
  const like = (layout.file.sample?.[1] ?? firstRow - 1) + 1;
  const rows = cellRows(job, isOurs ? counting?.column : undefined).map((cells, index) => ({
    r: firstRow + index,
    like,
    values: columns.map(([column, letters]) => [column, cells[letters]] as const),
  }));
  return defined({
    rows,
    firstRow,
    clear: {
      from: firstRow + rows.length,
      to: layout.file.sample?.[1] ?? 0,
      columns: columns.map(([column]) => column),
    },
    sample: layout.file.sample,
    counted: counting && !isOurs ? columnIndex(counting.column) : undefined,
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
    const filled = cells.filter((row) => row[label] === line.label);
    return Array.from({ length: Math.max(filled.length, line.times ?? 1) }, (_, nth) => ({
      line,
      nth,
      cells: filled[nth] ?? { [label]: line.label },
    }));
  });
}

/** How the blocks of a form stand: their lines, their label column, and their places down the sheet. */
type BlockForm = {
  lines: Lines;
  label: string;
  /** The letters of every column of a block. */
  letters: string[];
  /** Rows of one prepared block, and the empty rows behind it. */
  size: number;
  gap: number;
  firstRow: number;
  /** The first row of the prepared block whose formats new rows take. */
  template: number;
};

function blockForm({ file, lines = [] }: Layout): BlockForm {
  const label = file.firstColumn ?? 'A';
  const firstRow = file.firstRow ?? 2;
  const size = lines.reduce((sum, line) => sum + (line.times ?? 1), 0);
  return {
    lines,
    label,
    letters: [
      ...new Set([label, ...lines.flatMap((line) => line.cells.map((cell) => cell.column))]),
    ],
    size,
    gap: file.block ? file.block.every - size : 1,
    firstRow,
    template: file.block?.template ?? firstRow,
  };
}

/**
 * The blocks of one question of the bank. One that became several has its blocks one behind the other, each opened by
 * the opening line, or, where a form's lines have no such label, all of the same length.
 */
function blocksOf({ cells = [], as }: Job['questions'][number], form: BlockForm): CellRow[][] {
  const opening = cells.flatMap((row, index) =>
    form.lines.some((line) => line.opens && line.label === row[form.label]) ? [index] : [],
  );
  const each = cells.length / as.length;
  const isEven = Number.isInteger(each) && opening.length < as.length;
  const starts = isEven ? as.map((_, n) => n * each) : opening;
  return starts.map((start, index) => cells.slice(start, starts[index + 1]));
}

/** The row of the prepared block whose formats a row takes: the last of its line's where there are not as many. */
const templateRow = (line: Lines[number], nth: number, { lines, template }: BlockForm): number =>
  template + (line.offset ?? lines.indexOf(line)) + Math.min(nth, (line.times ?? 1) - 1);

function planBlocks(job: Job): SheetPlan {
  const { layout } = job;
  const form = blockForm(layout);
  const { letters, gap, firstRow } = form;
  const rows: PlannedRow[] = [];
  let r = firstRow;
  let hasGrown = false;
  const blocks = job.questions.flatMap((question) => blocksOf(question, form));
  for (const [index, cells] of blocks.entries()) {
    const block = linesOfBlock(cells, form.lines, form.label);
    // Longer blocks stand where the form has labels of blocks that were prepared.
    for (let empty = gap; hasGrown && empty > 0; empty--) {
      const values = letters.map((column) => [columnIndex(column), undefined] as const);
      rows.push({ r: r - empty, like: form.template + form.size + gap - empty, values });
    }
    hasGrown ||= block.length > form.size;
    for (const { line, nth, cells: row } of block) {
      const values = letters.map((column) => {
        const value = row[column];
        const isLabel = column === form.label && typeof value === 'string';
        return [columnIndex(column), isLabel ? labelAt(value, index + 1) : value] as const;
      });
      rows.push({ r: r++, like: templateRow(line, nth, form), values });
    }
    r += gap;
  }
  return {
    rows,
    firstRow,
    clear: clearBehind(form, r - gap, hasGrown, layout),
    cells: cellsApart(job),
  };
}

/** Prepared blocks behind the last one keep their labels, unless longer blocks have pushed the rows out of step. */
function clearBehind(
  { letters, label }: BlockForm,
  from: number,
  hasGrown: boolean,
  { file }: Layout,
): SheetPlan['clear'] {
  if (hasGrown) {
    return { from, columns: letters.map(columnIndex) };
  }
  const columns = letters.filter((column) => column !== label).map(columnIndex);
  return { from, to: file.sample?.[1] ?? 0, columns };
}

function planBoard(job: Job): SheetPlan {
  const byRow = new Map<number, PlannedRow>();
  const newRow = (r: number): PlannedRow => ({ r, like: r, values: [] });
  for (const [name, value] of job.questions.flatMap(({ cells = [] }) =>
    cells.flatMap((row) => Object.entries(row)),
  )) {
    const place = parseCell(name);
    if (!place) {
      continue;
    }
    const row = byRow.get(place.row + 1) ?? newRow(place.row + 1);
    row.values.push([place.column, value]);
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
