// Gathering: from a table to questions, with the reading that explains them.
import type { Column, Finding, Item, Overrule, Reading, Sheet, Table } from '../model';
import { CHOSEN } from '../shared/reasons';
import { columnIndex, columnLetters, parseRange } from '../shared/cells';
import { count, quoted } from '../shared/plain';
import {
  findBlocks,
  findBoard,
  firstRowBelow,
  tablesIn,
  type TableRange,
  SURE,
  understandHeadings,
  type HeadingUnderstood,
} from '../understanding';
import { regionOf, rowShown, shownRow, type Region } from '../shared/table/region';
import { findInnerSeparator, strongSeparator } from '../shared/table/separators';
import { verdictOf } from '../shared/vocabulary/verdicts';
import { columnsSpan, guessColumns } from './columns';
import { readBeside } from './beside';
import { blocksAsRows } from './blocks';
import { gatherBoard } from './board';
import { damageOf } from './damage';
import type { Gathered, GatherOptions } from './contract';
import type { Problem } from './key';
import { guessKey } from './key-style';
import { longRowsAsRows } from './long-rows';
import { learnKindWords } from './kind-of-row';
import type { Manner } from './manner';
import { withKeySheet } from './key-sheet';
import { optionRowsAsRows } from './option-rows';
import { looksLike, readAnswer } from './question';
import { withRich } from './rich';
import { otherHeadings } from './others';
import { Row, slotsOf, type Slots } from './row';
import { tableAround } from './range';
import { recall, withMemory, withRecalled } from './recall';
import {
  isEmptyRow,
  isShifted,
  leftOutFindings,
  headingRepeats,
  unshift,
  whyNoQuestion,
  type LeftOut,
} from './rows';
import { sectionRows, sectionsInTurn } from './section-rows';
import { areWordPairs } from './word-pairs';
import { chooseSheet } from './sheet-choice';
import { withOptionsApart } from './stems-apart';
import { spreadMerges } from './merges';

export { readingToKeep } from './recall';
export { gatherStated } from './stated';
export { gatherText, isTypedText } from './text/index';
export type { Gathered, GatherOptions } from './contract';

/** Why a row is taken for the headings. */
const whyHeadings = ({ row }: HeadingUnderstood, region: Region): string =>
  row === null
    ? 'no row differs from the others as headings do'
    : `row ${shownRow(region.sheet, row)} is of another kind than the rows below it, and its words are those of headings`;

/** The reading of a region: every guess with its reason, and what the user overruled in its place. */
function readManner(
  table: Table,
  region: Region,
  overrule: Overrule,
  chosen: { because: string; sure: boolean },
): { reading: Reading; first: number; headingRow: number | null; cards: boolean } {
  const because: Record<string, string> = { sheet: chosen.because };
  const unsure: string[] = chosen.sure ? [] : ['sheet'];
  const areTerms = table.listsTerms === true;
  const found =
    overrule.headingRow === undefined && !areTerms ? understandHeadings(region) : undefined;
  const headingRow =
    overrule.headingRow === undefined
      ? (found?.row ?? null)
      : overrule.headingRow === null
        ? null
        : rowShown(region.sheet, overrule.headingRow);
  because['headingRow'] =
    overrule.headingRow !== undefined ? CHOSEN : found ? whyHeadings(found, region) : '';
  if (found && found.p < SURE) {
    unsure.push('headingRow');
  }
  const first = firstRowBelow(region, headingRow);
  const {
    columns: guesses,
    cards,
    others,
  } = guessColumns(region, { headingRow, first, areTerms }, overrule.columns);
  const columns = guesses.map(({ because: why, sure, ...column }): Column => {
    const own = overrule.columns?.find((candidate) => candidate.column === column.column);
    because[`columns.${column.column}`] = own ? CHOSEN : why;
    if (!own && !sure && column.role !== 'ignore') {
      unsure.push(`columns.${column.column}`);
    }
    return own ? { ...column, n: undefined, ...own } : column;
  });
  const key = guessKey(region, columns, { first, headingRow });
  because['key'] = overrule.key ? CHOSEN : key.because;
  if (!overrule.key && !key.sure) {
    unsure.push('key');
  }
  if (table.separator) {
    because['separator'] = overrule.separator ? CHOSEN : 'it splits the rows most evenly';
  }
  if (table.encoding) {
    because['encoding'] = overrule.encoding ? CHOSEN : 'the bytes say so';
  }
  return {
    first,
    headingRow,
    cards,
    reading: {
      as: 'table',
      sheet: region.sheet.name,
      ...(overrule.range ? { range: overrule.range } : {}),
      headingRow: headingRow === null ? null : shownRow(region.sheet, headingRow),
      columns,
      key: overrule.key ?? key.key,
      ...(table.separator ? { separator: table.separator } : {}),
      ...(table.encoding ? { encoding: table.encoding } : {}),
      because,
      unsure,
      others: [...(found && found.p < SURE ? otherHeadings(found, region) : []), ...others],
    },
  };
}

const MINUTES = /\bmin(?:s|\.|uten?|utes?|utos?|uti|uter|utter|uuttia|uty|ut|ute)?\b/iu;
const SECONDS = /\bs\b|sec|sek|seg|:/iu;

function mannerOf(
  region: Region,
  slots: Slots,
  { key }: Reading,
  { first, cards }: { first: number; cards: boolean },
): Manner {
  const rows: Row[] = [];
  for (let r = first; r <= region.bottom && rows.length < 200; r++) {
    rows.push(new Row(region, slots, r));
  }
  const sample = (role: 'options' | 'wrongs'): string[] =>
    slots.has(role) ? rows.map((row) => row.text(role)) : [];
  const time = slots.get('seconds')?.[0]?.column.heading ?? '';
  const manner: Manner = {
    key,
    optionSeparator: findInnerSeparator(sample('options')),
    wrongSeparator: findInnerSeparator(sample('wrongs')) ?? strongSeparator(sample('wrongs')),
    cards: cards && !slots.has('kind'),
    kindWords: new Map(),
    minutes: MINUTES.test(time) && !SECONDS.test(time.replace(MINUTES, '')),
  };
  return slots.has('kind')
    ? { ...manner, kindWords: learnKindWords(rows, (row) => looksLike(row, manner)) }
    : manner;
}

const isWorkbook = ({ format }: Table): boolean =>
  format === 'xlsx' || format === 'xls' || format === 'ods';

type Context = {
  progress: GatherOptions['progress'];
  keep: boolean;
  table: Table;
  region: Region;
  slots: Slots;
  manner: Manner;
  newId: () => string;
  findings: Finding[];
};

function place(context: Context, row: Row, problem: Problem, item: string): Finding {
  const role =
    problem.field === 'key'
      ? 'key'
      : problem.field === 'kind'
        ? 'kind'
        : problem.field === 'points'
          ? 'points'
          : problem.field === 'seconds'
            ? 'seconds'
            : 'stem';
  return {
    rule: problem.rule,
    level: problem.level,
    item,
    field: problem.field,
    message: problem.message,
    where: { file: context.table.file, sheet: context.region.sheet.name, cell: row.cellOf(role) },
    ...(problem.mend ? { mend: problem.mend } : {}),
  };
}

function readItem(context: Context, row: Row): Item {
  const { table, region, manner, newId } = context;
  const id = newId();
  const answer = readAnswer(row, manner);
  const beside = readBeside(row, manner.minutes);
  for (const problem of [...answer.problems, ...beside.problems]) {
    context.findings.push(place(context, row, problem, id));
  }
  const item: Item = {
    id,
    ref: row.text('ref'),
    kind: answer.kind,
    stem: { plain: row.text('stem') },
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
    mend = { label: 'Put the cells together again', patch };
  }
  context.findings.push({
    rule: 'columns-shifted',
    level: 'block',
    item: item.id,
    field: 'stem',
    where: { file: context.table.file, sheet: context.region.sheet.name, cell: row.cellOf('stem') },
    message: `Row ${row.shown} has ${count(extra, 'cell')} more than the headings: a separator without quotes inside a text moved the cells behind it.`,
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

function readRows(
  context: Context,
  headingRow: number | null,
  first: number,
  width: number,
): Item[] {
  const { region, slots, findings, table } = context;
  const items: Item[] = [];
  const rows: Row[] = [];
  const repeats = headingRepeats(region, headingRow);
  const titles = slots.has('category')
    ? new Map<number, string>()
    : sectionRows(region, headingRow, first);
  for (let r = first; r <= region.bottom; r++) {
    if (!isEmptyRow(region, r) && !repeats(r) && !titles.has(r)) {
      rows.push(new Row(region, slots, r));
    }
  }
  const picked = slots.has('pick') && rows.some(isPicked);
  const needsAnswer =
    rows.length > 1 &&
    rows.filter((row) => NEEDED.some((role) => row.any(role))).length > rows.length * 0.5;
  const left: LeftOut[] = [];
  const titleOf = sectionsInTurn(titles);
  let done = 0;
  for (const row of rows) {
    if (++done % 1000 === 0) {
      context.progress?.(done, rows.length);
    }
    if (picked && !isPicked(row)) {
      continue;
    }
    const shifted =
      table.separator !== undefined && headingRow !== null && isShifted(region, row.row, width);
    const reason = shifted ? undefined : whyNoQuestion(row, needsAnswer);
    if (reason) {
      left.push({ row, ...reason });
    } else {
      const item = shifted ? readShifted(context, row, width) : readItem(context, row);
      const title = titleOf(row.row);
      items.push(title === undefined ? item : { ...item, category: [title] });
    }
  }
  for (const finding of leftOutFindings(left, table.file)) {
    findings.push(finding);
  }
  return items;
}

/** How many columns the headings span. */
function headedWidth(region: Region, headingRow: number | null): number {
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
const usedWidth = ({ left }: Region, columns: readonly Column[]): number =>
  Math.max(
    0,
    ...columns
      .filter(({ role }) => role !== 'ignore')
      .map(({ column }) => columnIndex(column) - left + 1),
  );

/** One table of a sheet: its reading, and every row as a question. */
function gatherRegion(
  table: Table,
  region: Region,
  overrule: Overrule,
  chosen: { because: string; sure: boolean },
  newId: () => string,
  progress?: GatherOptions['progress'],
): Gathered {
  const findings: Finding[] = [];
  const around = overrule.range === undefined ? region : tableAround(region);
  const asRows = readManner(table, around, overrule, chosen);
  const isSaid = overrule.columns !== undefined || overrule.headingRow !== undefined;
  const read =
    !asRows.cards && !isSaid && areWordPairs(around)
      ? readManner({ ...table, listsTerms: true }, around, overrule, chosen)
      : asRows;
  const { reading, headingRow, cards } = read;
  const first = Math.max(read.first, region.top);
  const slots = slotsOf(reading.columns);
  const manner = mannerOf(around, slots, reading, { first: read.first, cards });
  const items = readRows(
    {
      progress,
      keep: overrule.formatting !== 'strip',
      table,
      region,
      slots,
      manner,
      newId,
      findings,
    },
    headingRow,
    first,
    Math.max(headedWidth(region, headingRow), usedWidth(region, reading.columns)),
  );
  for (const finding of damageOf(items, region, reading.columns, table.file)) {
    findings.push(finding);
  }
  return { items, findings, reading };
}

/** Several tables of one sheet: each by its own headings, the reading being that of the one with most questions. */
function gatherTables(
  table: Table,
  sheet: Sheet,
  ranges: readonly TableRange[],
  overrule: Overrule,
  chosen: { because: string; sure: boolean },
  newId: () => string,
): Gathered {
  const parts = ranges.map(({ title, ...range }) => {
    const part = gatherRegion(table, regionOf(sheet, range), overrule, chosen, newId);
    return title === undefined
      ? part
      : { ...part, items: part.items.map((item) => ({ category: [title], ...item })) };
  });
  const most = parts.reduce((best, part) => (part.items.length > best.items.length ? part : best));
  const note: Finding = {
    rule: 'several-tables',
    level: 'note',
    where: { file: table.file, sheet: sheet.name },
    message: `${quoted(sheet.name)} holds ${count(parts.length, 'table')}, each with headings of its own; all were read.`,
  };
  return {
    items: parts
      .flatMap(({ items }) => items)
      .sort((a, b) => (a.origin?.row ?? 0) - (b.origin?.row ?? 0)),
    findings: [note, ...parts.flatMap(({ findings }) => findings)],
    reading: most.reading,
  };
}

/** Sheets that are hidden and hold something are told of, since nobody sees that they were not read. */
const hiddenSheets = (table: Table, chosen: Sheet): Finding[] =>
  table.sheets
    .filter(
      (sheet) => sheet.hidden && sheet !== chosen && sheet.rows.some((row) => row.some(Boolean)),
    )
    .map((sheet) => ({
      rule: 'sheet-hidden',
      level: 'note',
      where: { file: table.file, sheet: sheet.name },
      message: `The sheet ${quoted(sheet.name)} is hidden and was not read. Choose it where it holds questions.`,
    }));

type Chosen = { because: string; sure: boolean };

/** Rows that were laid out anew, read like any other table; places name the rows where their questions begin. */
function gatherLaidOut(
  { table, region, newId }: { table: Table; region: Region; newId: () => string },
  rows: Sheet,
  {
    overrule,
    chosen,
    because,
    stem,
  }: { overrule: Overrule; chosen: Chosen; because: string; stem: number },
): Gathered {
  const gathered = gatherRegion(
    table,
    regionOf(rows),
    { ...overrule, headingRow: rows.lines![0]! },
    chosen,
    newId,
  );
  const column = columnLetters(stem);
  const where = (finding: Finding): Finding => ({
    ...finding,
    where: {
      file: table.file,
      sheet: region.sheet.name,
      ...(finding.where?.cell
        ? { cell: `${column}${/\d+$/.exec(finding.where.cell)?.[0] ?? ''}` }
        : {}),
    },
  });
  return {
    items: gathered.items.map((item) => ({
      ...item,
      origin: { ...item.origin, cell: `${column}${item.origin?.row ?? ''}` },
    })),
    findings: gathered.findings.map(where),
    reading: {
      ...gathered.reading,
      as: 'blocks',
      headingRow: null,
      columns: [],
      because: { ...gathered.reading.because, as: because },
    },
  };
}

/** A sheet whose questions are not a row each, unless the user says otherwise; undefined where they are. */
function otherShape(
  table: Table,
  region: Region,
  overrule: Overrule,
  chosen: Chosen,
  newId: () => string,
): Gathered | undefined {
  if (
    overrule.as === 'table' ||
    overrule.columns ||
    overrule.headingRow !== undefined ||
    table.format === 'json'
  ) {
    return undefined;
  }
  const board = findBoard(region);
  if (board) {
    return gatherBoard(table, region, board, newId);
  }
  const source = { table, region, newId };
  const blocks = findBlocks(region);
  if (blocks) {
    const opening = blocks.lines.find((line) => line.opens)!.label;
    const because = `column ${columnLetters(blocks.labelColumn)} names a field in each row, and ${quoted(opening)} opens a question`;
    const said = { overrule, chosen, because, stem: region.left + 1 };
    return gatherLaidOut(source, blocksAsRows(region, blocks), said);
  }
  const long = longRowsAsRows(region);
  if (long) {
    const told = 'a column says of each row which part of a question it is';
    return gatherLaidOut(source, long.rows, { overrule, chosen, because: told, stem: long.stem });
  }
  const found = optionRowsAsRows(region);
  const because = 'each option has a row of its own below its question';
  return (
    found && gatherLaidOut(source, found.rows, { overrule, chosen, because, stem: found.stem })
  );
}

/**
 * Understands a table: the sheet, the headings, the roles of the columns and the notation of the key, each with its
 * reason; then every row as a question with what stopped it. Nothing is thrown: a table without sheets gives no items.
 */
export function gather(table: Table, options: GatherOptions): Gathered {
  const { overrule = {}, kept = [] } = options;
  const recalled = recall(table, kept, overrule);
  if (!recalled) {
    return gatherSaid(table, options);
  }
  const gathered = gatherSaid(table, { ...options, overrule: withRecalled(overrule, recalled) });
  return { ...gathered, reading: withMemory(gathered.reading, overrule, recalled) };
}

/** A table under what was said of it. */
function gatherSaid(table: Table, { overrule = {}, newId, progress }: GatherOptions): Gathered {
  const chosen = chooseSheet(table, overrule.sheet);
  if (!chosen) {
    return {
      items: [],
      findings: [...table.findings],
      reading: { headingRow: null, columns: [], key: { style: 'letter' }, because: {}, unsure: [] },
    };
  }
  const range = overrule.range ? parseRange(overrule.range) : undefined;
  const findings = [...table.findings, ...hiddenSheets(table, chosen.sheet)];
  if (overrule.range && !range) {
    findings.push({
      rule: 'range-unknown',
      level: 'warn',
      where: { file: table.file },
      message: `${quoted(overrule.range)} is no range; write it like A1:E10. The whole sheet was read.`,
    });
  }
  const spread = spreadMerges(chosen.sheet);
  const keyed = range || overrule.columns ? undefined : withKeySheet(table, spread);
  const apart = range ? undefined : withOptionsApart(keyed?.sheet ?? spread, table.file);
  const sheet = apart?.sheet ?? keyed?.sheet ?? spread;
  findings.push(...[keyed?.finding ?? [], apart?.finding ?? []].flat());
  const region = regionOf(sheet, range);
  const other = otherShape(table, region, overrule, chosen, newId);
  if (other?.items.length) {
    return { ...other, findings: [...findings, ...other.findings] };
  }
  const ranges =
    range || overrule.headingRow !== undefined || overrule.columns ? [region] : tablesIn(region);
  const found =
    ranges.length > 1
      ? gatherTables(table, sheet, ranges, overrule, chosen, newId)
      : gatherRegion(table, region, overrule, chosen, newId, progress);
  for (const finding of found.findings) {
    findings.push(finding);
  }
  if (!found.items.length && region.bottom >= region.top) {
    findings.push({
      rule: 'no-questions',
      level: 'warn',
      where: { file: table.file, sheet: sheet.name },
      message: `No question was understood on ${quoted(sheet.name)}, which has ${count(region.bottom + 1, 'row')} and ${columnsSpan(found.reading.columns)}. Point at the column that holds the questions.`,
    });
  }
  return { items: found.items, findings, reading: found.reading };
}
