// Gathering: from a table to questions, with the reading that explains them.
import type { Column, Finding, Item, Key, Overrule, Reading, Table } from '../model';
import { parseRange } from '../shared/cells';
import { count, quoted } from '../shared/plain';
import { findHeadingRow } from '../shared/table/heading-row';
import { regionOf, rowShown, shownRow, type Region } from '../shared/table/region';
import { findInnerSeparator } from '../shared/table/separators';
import { columnsSpan, guessColumns } from './columns';
import { readBeside } from './beside';
import type { Gathered, GatherOptions } from './contract';
import type { Problem } from './key';
import { guessKey } from './key-style';
import { readAnswer, type Manner } from './question';
import { withRich } from './rich';
import { Row, slotsOf, type Slots } from './row';
import { isEmptyRow, isShifted, leftOut, repeatsHeadings, unshift, whyNoQuestion } from './rows';
import { chooseSheet } from './sheet-choice';

export { gatherStated } from './stated';
export { gatherText } from './text/index';
export type { Gathered, GatherOptions } from './contract';

/** The reading of a region: every guess with its reason, and what the user overruled in its place. */
function readManner(table: Table, region: Region, overrule: Overrule, chosen: { because: string; sure: boolean }): { reading: Reading; first: number; headingRow: number | null } {
  const because: Record<string, string> = { sheet: chosen.because };
  const unsure: string[] = chosen.sure ? [] : ['sheet'];
  const found = overrule.headingRow === undefined ? findHeadingRow(region) : undefined;
  const headingRow = overrule.headingRow === undefined ? found?.row ?? null : overrule.headingRow === null ? null : rowShown(region.sheet, overrule.headingRow);
  because['headingRow'] = overrule.headingRow !== undefined ? 'you chose it' : found ? `${count(found.known, 'heading')} of row ${shownRow(region.sheet, found.row)} are known words` : 'no row speaks the words of headings';
  const first = headingRow === null ? region.top : headingRow + 1;
  const guesses = guessColumns(region, headingRow, first);
  const columns = guesses.map(({ because: why, sure, ...column }): Column => {
    const own = overrule.columns?.find((candidate) => candidate.column === column.column);
    because[`columns.${column.column}`] = own ? 'you chose it' : why;
    if (!own && !sure && column.role !== 'ignore') unsure.push(`columns.${column.column}`);
    return own ? { ...column, n: undefined, ...own } : column;
  });
  const key = guessKey(region, columns, first);
  because['key'] = overrule.key ? 'you chose it' : key.because;
  if (!overrule.key && !key.sure) unsure.push('key');
  if (table.separator) because['separator'] = overrule.separator ? 'you chose it' : 'it splits the rows most evenly';
  if (table.encoding) because['encoding'] = overrule.encoding ? 'you chose it' : 'the bytes say so';
  return {
    first, headingRow,
    reading: {
      as: 'table', sheet: region.sheet.name, ...(overrule.range ? { range: overrule.range } : {}),
      headingRow: headingRow === null ? null : shownRow(region.sheet, headingRow),
      columns, key: overrule.key ?? key.key,
      ...(table.separator ? { separator: table.separator } : {}), ...(table.encoding ? { encoding: table.encoding } : {}),
      because, unsure,
    },
  };
}

const CARD_WORDS = /^(?:term|front|card|begriff|vorderseite|word|vocabulary|concept|terme|termino|termine|begrip|termo)/i;

function mannerOf(region: Region, slots: Slots, key: Key, first: number, headless: boolean): Manner {
  const sample = (role: 'options' | 'wrongs'): string[] => {
    const slot = slots.get(role)?.[0];
    if (!slot) return [];
    return Array.from({ length: Math.min(200, region.bottom - first + 1) }, (_, index) => region.cell(first + index, slot.index));
  };
  const stem = slots.get('stem')?.[0]?.column.heading ?? '';
  const accepted = slots.get('accepted')?.[0]?.column.heading ?? '';
  return {
    key, optionSeparator: findInnerSeparator(sample('options')), wrongSeparator: findInnerSeparator(sample('wrongs')),
    cards: headless || CARD_WORDS.test(stem) || /definition|back|meaning|translation|ruckseite|rückseite|bedeutung|verso/i.test(accepted),
  };
}

const isWorkbook = ({ format }: Table): boolean => format === 'xlsx' || format === 'xls' || format === 'ods';

type Context = { keep: boolean; table: Table; region: Region; slots: Slots; manner: Manner; newId: () => string; findings: Finding[] };

function place(context: Context, row: Row, problem: Problem, item: string): Finding {
  const role = problem.field === 'key' ? 'key' : problem.field === 'kind' ? 'kind' : problem.field === 'points' ? 'points' : problem.field === 'seconds' ? 'seconds' : 'stem';
  return {
    rule: problem.rule, level: problem.level, item, field: problem.field, message: problem.message,
    where: { file: context.table.file, sheet: context.region.sheet.name, cell: row.cellOf(role) },
    ...(problem.mend ? { mend: problem.mend } : {}),
  };
}

function readItem(context: Context, row: Row): Item {
  const { table, region, manner, newId } = context;
  const id = newId();
  const answer = readAnswer(row, manner);
  const beside = readBeside(row);
  for (const problem of [...answer.problems, ...beside.problems]) context.findings.push(place(context, row, problem, id));
  const item: Item = {
    id, ref: row.text('ref'), kind: answer.kind, stem: { plain: row.text('stem') },
    ...beside.fields, ...answer.fields,
    origin: {
      file: table.file, ...(isWorkbook(table) ? { sheet: region.sheet.name } : {}), row: row.shown, cell: row.cellOf('stem'),
      ...(row.text('by') ? { by: row.text('by') } : {}), ...(row.text('at') ? { at: row.text('at') } : {}),
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
    const { id: _id, origin: _origin, ...patch } = readItem({ ...context, region: mended, findings: [] }, new Row(mended, context.slots, 0));
    mend = { label: 'Put the cells together again', patch };
  }
  context.findings.push({
    rule: 'columns-shifted', level: 'block', item: item.id, field: 'stem',
    where: { file: context.table.file, sheet: context.region.sheet.name, cell: row.cellOf('stem') },
    message: `Row ${row.shown} has ${count(extra, 'cell')} more than the headings: a separator without quotes inside a text moved the cells behind it.`,
    ...(mend ? { mend } : {}),
  });
  return item;
}

function readRows(context: Context, headingRow: number | null, first: number, width: number): Item[] {
  const { region, slots, findings, table } = context;
  const items: Item[] = [];
  const rows: Row[] = [];
  for (let r = first; r <= region.bottom; r++) {
    if (!isEmptyRow(region, r) && !repeatsHeadings(region, r, headingRow)) rows.push(new Row(region, slots, r));
  }
  const picked = slots.has('pick') && rows.some((row) => row.text('pick'));
  const needsAnswer = rows.length > 1 && rows.filter((row) => row.texts('option').concat(row.texts('options'), row.texts('accepted'), row.texts('right'), row.texts('key')).some(Boolean)).length > rows.length * 0.5;
  for (const row of rows) {
    if (picked && !row.text('pick')) continue;
    const shifted = table.separator !== undefined && headingRow !== null && isShifted(region, row.row, width);
    const reason = shifted ? undefined : whyNoQuestion(row, needsAnswer);
    if (reason) findings.push(leftOut(row, table.file, reason.level, reason.message));
    else items.push(shifted ? readShifted(context, row, width) : readItem(context, row));
  }
  return items;
}

/** How many columns the headings span. */
function headedWidth(region: Region, headingRow: number | null): number {
  if (headingRow === null) return region.right - region.left + 1;
  let last = region.right;
  while (last > region.left && !region.cell(headingRow, last)) last--;
  return last - region.left + 1;
}

/**
 * Understands a table: the sheet, the headings, the roles of the columns and the notation of the key, each with its
 * reason; then every row as a question with what stopped it. Nothing is thrown: a table without sheets gives no items.
 */
export function gather(table: Table, { overrule = {}, newId }: GatherOptions): Gathered {
  const chosen = chooseSheet(table, overrule.sheet);
  if (!chosen) return { items: [], findings: [...table.findings], reading: { headingRow: null, columns: [], key: { style: 'letter' }, because: {}, unsure: [] } };
  const range = overrule.range ? parseRange(overrule.range) : undefined;
  const findings = [...table.findings];
  if (overrule.range && !range) findings.push({ rule: 'range-unknown', level: 'warn', where: { file: table.file }, message: `${quoted(overrule.range)} is no range; write it like A1:E10. The whole sheet was read.` });
  const region = regionOf(chosen.sheet, range);
  const { reading, first, headingRow } = readManner(table, region, overrule, chosen);
  const slots = slotsOf(reading.columns);
  const manner = mannerOf(region, slots, reading.key, first, headingRow === null);
  const items = readRows({ keep: overrule.formatting !== 'strip', table, region, slots, manner, newId, findings }, headingRow, first, headedWidth(region, headingRow));
  if (!items.length && region.bottom >= region.top) {
    findings.push({ rule: 'no-questions', level: 'warn', where: { file: table.file, sheet: chosen.sheet.name }, message: `No question was understood on ${quoted(chosen.sheet.name)}, which has ${count(region.bottom + 1, 'row')} and ${columnsSpan(reading.columns)}. Point at the column that holds the questions.` });
  }
  return { items, findings, reading };
}
