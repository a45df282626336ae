// The rows of a table as questions, with what stopped them.
import type { Column, Finding, Item, Role, Table } from '../model';
import { columnIndex } from '../shared/cells';
import { defined } from '../shared/defined';
import { numberOf } from '../shared/normalise';
import { regionOf, type Region } from '../shared/table/region';
import { verdictOf } from '../shared/vocabulary/verdicts';
import { readBeside } from './beside';
import type { GatherOptions } from './contract';
import type { Problem } from './key-by-text';
import type { Manner } from './manner';
import { readAnswer } from './question';
import { withRich } from './rich';
import { Row, type Slots } from './row';
import { toldBesideKey } from './told-twice';
import {
  isEmptyRow,
  isShifted,
  leftOutFindings,
  headingRepeats,
  unshift,
  whyNoQuestion,
  type LeftOut,
} from './rows';
import { sectionRows, sectionsInTurn } from '../shared/table/sections';
import { say } from '../shared/say';

const isWorkbook = ({ format }: Table): boolean =>
  format === 'xlsx' || format === 'xls' || format === 'ods';

/** A table under its reading, and where its findings go. */
export type Context = {
  progress: GatherOptions['progress'];
  keep: boolean;
  table: Table;
  region: Region;
  /** The points that stand with a question in its cell, by its row. */
  points?: ReadonlyMap<number, string> | undefined;
  /** The rows that hold nothing but a text that the questions below are about. */
  passages?: ReadonlySet<number> | undefined;
  slots: Slots;
  manner: Manner;
  newId: () => string;
  findings: Finding[];
};

/** Fields whose problems stand in a cell of their own; those of all others stand at the question. */
const OWN_CELL: ReadonlySet<string> = new Set<Role>(['key', 'kind', 'points', 'seconds']);

function place({ table, region }: Context, row: Row, problem: Problem, item: string): Finding {
  const role = OWN_CELL.has(problem.field) ? (problem.field as Role) : 'stem';
  return {
    rule: problem.rule,
    level: problem.level,
    item,
    field: problem.field,
    message: problem.message,
    where: { file: table.file, sheet: region.sheet.name, cell: row.cellOf(role) },
    ...(problem.mend ? { mend: problem.mend } : {}),
  };
}

/** What a question asks: the text that it is about, where that has a column of its own, stands above it. */
const stemOf = (row: Row): string => row.texts('stem').filter(Boolean).join('\n');

function readItem(context: Context, row: Row): Item {
  const { table, region, manner, newId } = context;
  const id = newId();
  const answer = readAnswer(row, manner);
  const beside = readBeside(row, manner.minutes);
  const told = toldBesideKey(row, { kind: answer.kind, ...answer.fields });
  for (const problem of [...answer.problems, ...told.problems, ...beside.problems]) {
    context.findings.push(place(context, row, problem, id));
  }
  const item: Item = {
    id,
    ref: row.text('ref'),
    kind: answer.kind,
    stem: { plain: stemOf(row) },
    ...defined({ points: numberOf(context.points?.get(row.row) ?? '') }),
    ...told.fields,
    ...beside.fields,
    ...answer.fields,
    origin: {
      file: table.file,
      ...(isWorkbook(table) ? { sheet: region.sheet.name } : {}),
      row: row.shown,
      cell: row.cellOf('stem'),
      ...(row.text('by') ? { by: row.text('by') } : {}),
      ...(row.text('at') ? { at: row.text('at') } : {}),
    },
  };
  return withRich(item, row, context.keep);
}

/** A row whose cells moved to the right is read as it stands; putting it together again is offered as a mend. */
function readShifted(context: Context, row: Row, width: number): Item {
  const kept = context.findings.length;
  const item = readItem(context, row);
  context.findings.length = kept;
  const cells = context.region.sheet.rows[row.row]!;
  const joined = unshift(cells, width, context.table.separator ?? ',');
  const extra = cells.length - width;
  let mend: Finding['mend'];
  if (joined) {
    const mended = regionOf({ ...context.region.sheet, rows: [joined], lines: [row.shown] });
    const {
      id: _id,
      origin: _origin,
      ...patch
    } = readItem({ ...context, region: mended, findings: [] }, new Row(mended, context.slots, 0));
    mend = { label: say('Put the cells together again'), patch };
  }
  context.findings.push({
    rule: 'columns-shifted',
    level: 'block',
    item: item.id,
    field: 'stem',
    where: { file: context.table.file, sheet: context.region.sheet.name, cell: row.cellOf('stem') },
    message: say(
      'Row {shown} has {extra, plural, one {# cell} other {# cells}} more than the headings: a separator without quotes inside a text moved the cells behind it.',
      { shown: row.shown, extra },
    ),
    ...(mend ? { mend } : {}),
  });
  return item;
}

/** Whether a row is wanted this time: its cell is filled and does not say no. */
const isPicked = (row: Row): boolean =>
  row.text('pick') !== '' && verdictOf(row.text('pick')) !== false;

/** Where most rows have one of these, a row without any is no question. */
const NEEDED = [
  'option',
  'options',
  'accepted',
  'right',
  'key',
  'value',
  'pair',
  'left',
  'step',
  'verdict',
] as const;

/** The rows that may be questions: filled, not the headings again, no title of a part. */
function rowsToRead(
  { region, slots, passages }: Context,
  headingRow: number | null,
  first: number,
  titles: ReadonlyMap<number, string>,
): Row[] {
  const repeats = headingRepeats(region, headingRow);
  const rows: Row[] = [];
  for (let r = first; r <= region.bottom; r++) {
    if (!isEmptyRow(region, r) && !repeats(r) && !titles.has(r) && !passages?.has(r)) {
      rows.push(new Row(region, slots, r));
    }
  }
  return slots.has('pick') && rows.some(isPicked) ? rows.filter(isPicked) : rows;
}

/** Whether most rows have an answer, so that one without any is no question. */
const needAnswers = (rows: readonly Row[]): boolean =>
  rows.length > 1 &&
  rows.filter((row) => NEEDED.some((role) => row.any(role))).length > rows.length * 0.5;

/** Every so many rows those who wait are told. */
const TOLD_EVERY = 1000;

/**
 * The questions of a table, row by row from `first` on, with the titles of its parts as their category; `width` columns hold
 * cells where none was moved. What stopped a row goes to the findings.
 */
export function readRows(
  context: Context,
  headingRow: number | null,
  first: number,
  width: number,
): Item[] {
  const { region, slots, findings, table } = context;
  const titles = slots.has('category')
    ? new Map<number, string>()
    : sectionRows(region, headingRow, first);
  const rows = rowsToRead(context, headingRow, first, titles);
  const needsAnswer = needAnswers(rows);
  const mayShift = table.separator !== undefined && headingRow !== null;
  const items: Item[] = [];
  const left: LeftOut[] = [];
  const titleOf = sectionsInTurn(titles);
  for (const [index, row] of rows.entries()) {
    if ((index + 1) % TOLD_EVERY === 0) {
      context.progress?.(index + 1, rows.length);
    }
    const shifted = mayShift && isShifted(region, row.row, width);
    const reason = shifted ? undefined : whyNoQuestion(row, needsAnswer);
    if (reason) {
      left.push({ row, ...reason });
      continue;
    }
    const item = shifted ? readShifted(context, row, width) : readItem(context, row);
    const title = titleOf(row.row);
    items.push(title === undefined ? item : { ...item, category: [title] });
  }
  for (const finding of leftOutFindings(left, table.file)) {
    findings.push(finding);
  }
  return items;
}

/** How many columns the headings span. */
export function headedWidth(region: Region, headingRow: number | null): number {
  if (headingRow === null) {
    return region.right - region.left + 1;
  }
  let last = region.right;
  while (last > region.left && !region.cell(headingRow, last)) {
    last--;
  }
  return last - region.left + 1;
}

/** How many columns those span that mean something, headed or not. */
export const usedWidth = ({ left }: Region, columns: readonly Column[]): number =>
  Math.max(
    0,
    ...columns
      .filter(({ role }) => role !== 'ignore')
      .map(({ column }) => columnIndex(column) - left + 1),
  );
