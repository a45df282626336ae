// Several rows for each question, with the field's name in front of each row.
import type { Role } from '../../model';
import { alike } from '../../shared/normalise';
import type { Region } from '../../shared/table/region';
import { verdictOf } from '../../shared/vocabulary/verdicts';
import { besideIn } from './block-columns';
import { roleOfLabel, withVerdictLetters } from './field-labels';
import {
  countedOpening,
  nameOfLabel,
  withTitles,
  type Labelled,
  type LabelsDown,
} from './block-titles';

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
  /** The row where an empty block opens. */
  template: number;
  /** What counts the blocks in a row of its own right above each, 'Question {n}'. */
  title?: string;
};

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

/** A table's own first column shows within so many cells that it names no fields. */
const ENOUGH = 10;
const MOST = 400;

const LETTER = /^\(?([a-j])[).:]?$/iu;

/** Whether letters stand in front of rows as counts of answers do, A and then B, which a lone letter does not. */
function countsByLetters(region: Region): boolean {
  let last = '';
  for (let row = region.top; row <= Math.min(region.bottom, region.top + MOST); row++) {
    const letter = LETTER.exec(region.cell(row, region.left))?.[1]?.toLowerCase() ?? '';
    if (last === 'a' && letter === 'b') {
      return true;
    }
    last = letter;
  }
  return false;
}

/** Whether labels only say right and wrong, below a heading of their own or none, as the first column of a table of statements does. */
function areVerdicts([first, ...rest]: readonly Labelled[]): boolean {
  const said = new Set(rest.map(({ label }) => verdictOf(label)));
  return first !== undefined && said.has(true) && said.has(false) && !said.has(undefined);
}

/** The cells of the first column that name a field, and how many are filled; undefined where it is no column of names. */
function labelsDown(region: Region): LabelsDown | undefined {
  const labelled: Labelled[] = [];
  const isCounted = countsByLetters(region);
  const named = (label: string): Role | undefined =>
    isCounted && LETTER.test(label) ? 'option' : roleOfLabel(label);
  let filled = 0;
  for (let row = region.top; row <= region.bottom && filled < MOST; row++) {
    const label = region.cell(row, region.left);
    if (!label) {
      continue;
    }
    filled++;
    // A sentence is an instruction, though it may begin with the word for a field.
    const isName = label.length <= 40 && !/[?？؟]\s*$|\S\s+\S+\s+\S+.*\.$/u.test(label);
    const role = isName ? named(label) : undefined;
    if (role) {
      labelled.push({ row, label, role });
    }
    if (filled >= ENOUGH && labelled.length < filled * 0.5) {
      return undefined;
    }
  }
  return areVerdicts(labelled) ? undefined : { labelled: withVerdictLetters(labelled), filled };
}

const MOST_NAMES = 25;

/** A label that comes several times within a block is one answer of several, whatever its word would mean alone. */
function withRepeats(labelled: readonly Labelled[], starts: readonly number[]): Labelled[] {
  const most = new Map<string, number>();
  starts.forEach((start, index) => {
    const end = starts[index + 1] ?? Infinity;
    const times = new Map<string, number>();
    for (const { row, label } of labelled) {
      if (row >= start && row < end) {
        const name = alike(label);
        times.set(name, (times.get(name) ?? 0) + 1);
        most.set(name, Math.max(most.get(name) ?? 0, times.get(name)!));
      }
    }
  });
  return labelled.map((one) =>
    one.role === 'key' && most.get(alike(one.label))! > 1 ? { ...one, role: 'option' } : one,
  );
}

/** Whether labels open blocks: the opening one comes again, others follow it, and hardly anything else stands among them. */
function makeBlocks(
  labelled: readonly Labelled[],
  starts: readonly number[],
  filled: number,
): boolean {
  const names = new Set(labelled.map(({ label }) => alike(label)));
  return (
    starts.length > 1 &&
    // What counts the questions row by row names no field beside them.
    new Set(labelled.flatMap(({ role, row }) => (row >= starts[0]! ? [role] : []))).size > 1 &&
    labelled.length >= filled * 0.7 &&
    labelled.length >= starts.length * 2 &&
    names.size <= MOST_NAMES &&
    // Labels that run down without rows beside them are a table's own first column.
    labelled.filter(({ row }) => row >= starts[0]!).length >= 4
  );
}

/** One line of a block with its cells; `above` is the row that names the columns beside the answers. */
function lineOf(
  region: Region,
  { label, role }: Labelled,
  rows: readonly number[],
  above: number | undefined,
): Pick<BlockLine, 'label' | 'role' | 'cells' | 'opens'> {
  const beside =
    role === 'option' || role === 'stem' ? besideIn(region, { role, rows, above }) : [];
  const cells = [{ column: region.left + 1, role }, ...beside];
  return { label, role, cells, opens: role === 'stem' };
}

/** Beside lines for wrong answers the one for the right answer holds its text. */
function withRightLines(lines: readonly BlockLine[]): BlockLine[] {
  const isApart =
    lines.some(({ role }) => role === 'wrong') && !lines.some(({ role }) => role === 'option');
  return lines.map((line) => {
    if (!isApart || line.role !== 'key') {
      return line;
    }
    const cells = line.cells.map((cell, index) =>
      index ? cell : { ...cell, role: 'right' as const },
    );
    return { ...line, role: 'right', cells };
  });
}

/** The labels down the first column, as far as they are words for fields; the label that names the question opens a block. */
export function findBlocks(region: Region): Blocks | undefined {
  const labelColumn = region.left;
  const titled = withTitles(region, labelsDown(region));
  if (!titled) {
    return undefined;
  }
  const counted = countedOpening(region, titled);
  const found = {
    ...titled,
    labelled: titled.labelled.map((one) => ({ ...one, label: nameOfLabel(one.label, counted) })),
  };
  const opening = openingLabel(found.labelled);
  const starts = found.labelled
    .filter(({ label }) => alike(label) === opening)
    .map(({ row }) => row);
  const labelled = withRepeats(found.labelled, starts);
  const { filled } = found;
  if (!makeBlocks(labelled, starts, filled)) {
    return undefined;
  }
  const first = starts[0]!;
  const heading =
    first > region.top && region.cell(first - 1, labelColumn + 1) ? first - 1 : undefined;
  const template = starts.find((start) => !region.cell(start, labelColumn + 1)) ?? starts.at(-1)!;
  const next = starts.find((start) => start > template) ?? region.bottom + 1;
  const lines: BlockLine[] = [];
  for (const one of labelled.filter(({ row }) => row >= first)) {
    if (lines.some((line) => alike(line.label) === alike(one.label))) {
      continue;
    }
    const rows = labelled
      .filter(({ label }) => alike(label) === alike(one.label))
      .map(({ row }) => row);
    const own = rows.filter((r) => r >= template && r < next);
    lines.push({
      ...lineOf(region, one, rows, heading),
      offset: Math.max(0, (own[0] ?? template + lines.length) - template),
      times: Math.max(1, own.length),
    });
  }
  const { title } = found;
  return {
    labelColumn,
    lines: withRightLines(lines),
    starts,
    heading,
    template,
    ...(title === undefined ? {} : { title }),
  };
}
