// Several rows for each question, with the field's name in front of each row.
import type { Role } from '../../model';
import { alike } from '../normalise';
import { roleOfHeading } from '../vocabulary/headings';
import { verdictOf } from '../vocabulary/verdicts';
import type { Region } from './region';

export type BlockLine = {
  label: string;
  role: Role;
  cells: { column: number; role: Role }[];
  opens: boolean;
  offset: number;
  times: number;
};
/** Rows and columns count from 0. `starts` are the rows where a block opens; `heading` the row above them that names columns. */
export type Blocks = {
  labelColumn: number;
  lines: BlockLine[];
  starts: number[];
  heading: number | undefined;
  /** The row where an empty block opens. */ template: number;
};

function roleOfLabel(label: string): Role | undefined {
  const guess = roleOfHeading(label.replace(/[:*]+$/, ''));
  return guess && guess.role !== 'ignore'
    ? guess.role === 'options' || guess.role === 'accepted'
      ? 'option'
      : guess.role
    : undefined;
}

/** What a column beside the answers holds, by the headings above the blocks or by the cells themselves. */
function roleBeside(
  region: Region,
  heading: number | undefined,
  column: number,
  rows: readonly number[],
): Role {
  const guess = heading === undefined ? undefined : roleOfHeading(region.cell(heading, column));
  if (guess && ['verdict', 'feedback', 'weight', 'key'].includes(guess.role)) {
    return guess.role === 'key' ? 'verdict' : guess.role;
  }
  const texts = rows.map((r) => region.cell(r, column)).filter(Boolean);
  if (texts.length && texts.every((text) => verdictOf(text) !== undefined)) {
    return 'verdict';
  }
  return texts.length && texts.every((text) => /^-?\d+\s*%?$/.test(text)) ? 'weight' : 'feedback';
}

/** The label that names the question in most places; the same words elsewhere are chance. */
function openingLabel(labelled: readonly { label: string; role: Role }[]): string | undefined {
  const counts = new Map<string, number>();
  for (const { label, role } of labelled) {
    if (role === 'stem') {
      counts.set(alike(label), (counts.get(alike(label)) ?? 0) + 1);
    }
  }
  return [...counts].sort((a, b) => b[1] - a[1])[0]?.[0];
}

/** The labels down the first column, as far as they are words for fields; the label that names the question opens a block. */
export function findBlocks(region: Region): Blocks | undefined {
  const labelColumn = region.left;
  const labelled: { row: number; label: string; role: Role }[] = [];
  let filled = 0;
  for (let r = region.top; r <= region.bottom && filled < 400; r++) {
    const label = region.cell(r, labelColumn);
    if (!label) {
      continue;
    }
    filled++;
    // A sentence is an instruction, though it may begin with the word for a field.
    const role =
      label.length <= 40 && !/\S\s+\S+\s+\S+.*\.$/u.test(label) ? roleOfLabel(label) : undefined;
    if (role) {
      labelled.push({ row: r, label, role });
    }
    // A table's own first column shows soon that it names no fields.
    if (filled >= 10 && labelled.length < filled * 0.5) {
      return undefined;
    }
  }
  const opening = openingLabel(labelled);
  const starts = labelled.filter(({ label }) => alike(label) === opening).map(({ row }) => row);
  const kinds = new Set(labelled.map(({ label }) => alike(label)));
  if (
    starts.length < 2 ||
    labelled.length < filled * 0.7 ||
    labelled.length < starts.length * 2 ||
    kinds.size > 25 ||
    region.right === labelColumn
  ) {
    return undefined;
  }
  const first = starts[0]!;
  // Labels that run down without rows beside them are a table's own first column.
  if (labelled.filter(({ row }) => row >= first).length < 4) {
    return undefined;
  }
  const above =
    first > region.top && region.cell(first - 1, labelColumn + 1) ? first - 1 : undefined;
  const template = starts.find((start) => !region.cell(start, labelColumn + 1)) ?? starts.at(-1)!;
  const next = starts.find((start) => start > template) ?? region.bottom + 1;
  const lines: BlockLine[] = [];
  for (const { label, role } of labelled.filter(({ row }) => row >= first)) {
    if (lines.some((line) => alike(line.label) === alike(label))) {
      continue;
    }
    const rows = labelled.filter((one) => alike(one.label) === alike(label)).map(({ row }) => row);
    const cells: BlockLine['cells'] = [{ column: labelColumn + 1, role }];
    for (let c = labelColumn + 2; c <= region.right && role === 'option'; c++) {
      if (rows.some((r) => region.cell(r, c)) || (above !== undefined && region.cell(above, c))) {
        cells.push({ column: c, role: roleBeside(region, above, c, rows) });
      }
    }
    const own = rows.filter((r) => r >= template && r < next);
    lines.push({
      label,
      role,
      cells,
      opens: role === 'stem',
      offset: Math.max(0, (own[0] ?? template + lines.length) - template),
      times: Math.max(1, own.length),
    });
  }
  return { labelColumn, lines, starts, heading: above, template };
}
