// Questions written over several rows, laid out again as one row each so that they are read like any other table.
import type { Role, Sheet } from '../model';
import { isLabel } from '../shared/block-labels';
import { laidOutAnew } from '../shared/sheet';
import type { Blocks } from '../understanding';
import { shownRow, type Region } from '../shared/table/region';

const HEADINGS: Partial<Record<Role, string>> = {
  option: 'Answer',
  verdict: 'Verdict',
  feedback: 'Feedback',
  weight: 'Weight',
  wrong: 'Wrong answer',
};

/** Headings of what stands beside a question. */
const BESIDE: Partial<Record<Role, string>> = {
  points: 'Points',
  seconds: 'Seconds',
  category: 'Category',
  image: 'Picture',
};

/** A label as a heading: 'Q1', 'Q2' stand for a word. */
const nameOf = (label: string): string => (/^Q\{n\}$/iu.test(label) ? 'Question' : label);

/** The heading of a cell of a block's line, the nth of its kind. */
function headingOf(line: Blocks['lines'][number], role: Role, n: number): string {
  const counted = HEADINGS[role];
  const own = role === line.role ? undefined : BESIDE[role];
  return counted ? `${counted} ${n}` : (own ?? nameOf(line.label));
}

/** A sheet with a row for each filled block; `lines` keep the rows where the blocks open. */
export function blocksAsRows(region: Region, blocks: Blocks): Sheet {
  const headings: string[] = [];
  const place = (heading: string): number => {
    const found = headings.indexOf(heading);
    return found >= 0 ? found : headings.push(heading) - 1;
  };
  const rows: string[][] = [];
  const lines: number[] = [];
  blocks.starts.forEach((start, index) => {
    const end = blocks.starts[index + 1] ?? region.bottom + 1;
    if (!region.cell(start, blocks.labelColumn + 1)) {
      return;
    }
    const row: string[] = [];
    const counts = new Map<Role, number>();
    for (let r = start; r < end; r++) {
      const cell = region.cell(r, blocks.labelColumn);
      const line = blocks.lines.find(({ label }) => isLabel(label, cell));
      if (!line) {
        continue;
      }
      const isAnswer = line.role === 'option' || line.role === 'wrong';
      if (isAnswer && !region.cell(r, blocks.labelColumn + 1)) {
        continue;
      }
      const n = (counts.get(line.role) ?? 0) + (isAnswer ? 1 : 0);
      counts.set(line.role, n);
      for (const { column, role } of line.cells) {
        row[place(headingOf(line, role, n))] = region.cell(r, column);
      }
    }
    rows.push(row);
    lines.push(shownRow(region.sheet, start));
  });
  const wide = rows.map((row) =>
    Array.from({ length: headings.length }, (_, index) => row[index] ?? ''),
  );
  return laidOutAnew(region.sheet, {
    rows: [headings, ...wide],
    lines: [Math.max(1, (lines[0] ?? 2) - 1), ...lines],
  });
}

/** A sheet with a row for each question of a table that stands sideways; `lines` count the columns they stand in, from 1. */
export function turned(region: Region, columns: readonly number[]): Sheet {
  const across = (column: number): string[] =>
    Array.from({ length: region.bottom - region.top + 1 }, (_, index) =>
      region.cell(region.top + index, column),
    );
  return laidOutAnew(region.sheet, {
    rows: [region.left, ...columns].map(across),
    lines: [region.left, ...columns].map((column) => column + 1),
  });
}
