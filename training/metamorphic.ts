// Tables changed in ways that change nothing for a person: the same questions must come out, or a doubt be shown.
// npm run understanding -- metamorphic [folder]: every file of the folder whose questions stand in rows.
import { readdirSync, readFileSync } from 'node:fs';
import { basename, join } from 'node:path';
import { gatherTable, openSource } from '../src/core/pipeline';
import type { Item, Sheet, Table } from '../src/core/model';
import { seeded, shuffled } from '../src/core/shared/chance';
import { columnIndex } from '../src/core/shared/cells';
import { readHeadings } from './grow/material.mjs';

const SYLLABLES = 'za ke lo mi nu pra ste vin dor gul hep tam'.split(' ');
const HEADINGS = readHeadings(join(process.cwd(), 'training/words/headings.txt'));
type Read = ReturnType<typeof gatherTable>;
type Change = (sheet: Sheet, read: Read, random: () => number) => Sheet | undefined;

const read = (table: Table): Read => {
  let n = 0;
  return gatherTable(table, {}, { id: () => `i${++n}` });
};

const draw = <One>(list: readonly One[], random: () => number): One =>
  list[Math.floor(random() * list.length)]!;
const nonsense = (random: () => number): string => {
  const word = Array.from({ length: 2 + Math.floor(random() * 2) }, () => draw(SYLLABLES, random));
  const text = word.join('');
  return text[0]!.toUpperCase() + text.slice(1);
};

function headingAt({ lines }: Sheet, { reading: { headingRow } }: Read): number | undefined {
  if (headingRow === null) {
    return undefined;
  }
  return lines ? lines.indexOf(headingRow) : headingRow - 1;
}

const withRow = (sheet: Sheet, at: number, row: string[]): Sheet => ({
  ...sheet,
  rows: sheet.rows.map((own, index) => (index === at ? row : own)),
});

const widthOf = (sheet: Sheet): number => Math.max(...sheet.rows.map((row) => row.length));

/** Columns in a new order; `order[to]` is the column that stands there, undefined an empty one. */
const reordered = (sheet: Sheet, order: readonly (number | undefined)[]): Sheet => {
  const to = (column: number): number => order.indexOf(column);
  return {
    ...sheet,
    rows: sheet.rows.map((row) =>
      order.map((from) => (from === undefined ? '' : (row[from] ?? ''))),
    ),
    comments: sheet.comments.map((one) => ({ ...one, column: to(one.column) })),
    validations: sheet.validations.map((one) => ({
      ...one,
      ranges: one.ranges.map((range) => ({
        ...range,
        left: to(range.left),
        right: to(range.left) + range.right - range.left,
      })),
    })),
    formulas: sheet.formulas.map((one) => ({ ...one, column: to(one.column) })),
    rich: moved(sheet.rich, to),
    pictures: moved(sheet.pictures, to),
    dates: sheet.dates.map((place) => movedPlace(place, to)),
  };
};
const movedPlace = (place: string, to: (column: number) => number): string => {
  const [row, column] = place.split(':').map(Number);
  return `${row}:${to(column!)}`;
};
const moved = <Value>(
  record: Record<string, Value> | undefined,
  to: (column: number) => number,
): Record<string, Value> | undefined =>
  record &&
  Object.fromEntries(Object.entries(record).map(([place, one]) => [movedPlace(place, to), one]));

/** Each column with those behind it that belong to it: a verdict, a weight or feedback behind its option. */
function bundles(sheet: Sheet, { reading }: Read): number[][] {
  const roleAt = new Map(reading.columns.map(({ column, role }) => [columnIndex(column), role]));
  const groups: number[][] = [];
  const isCounted = (column: number): boolean =>
    /option|verdict|weight|feedback|wrong|pair|left|right-side|step|tag|accepted|value|tolerance|unit|ignore/.test(
      roleAt.get(column) ?? '',
    );
  for (let column = 0; column < widthOf(sheet); column++) {
    const last = groups.at(-1);
    if (last && isCounted(column) && isCounted(column - 1)) {
      last.push(column);
    } else {
      groups.push([column]);
    }
  }
  return groups;
}

const CHANGES: Record<string, Change> = {
  'nonsense headings': (sheet, table, random) => {
    const at = headingAt(sheet, table);
    return at === undefined
      ? undefined
      : withRow(
          sheet,
          at,
          sheet.rows[at]!.map((cell) => (cell.trim() ? nonsense(random) : cell)),
        );
  },
  'columns in another order': (sheet, table, random) =>
    sheet.merges.length
      ? undefined
      : reordered(sheet, shuffled(bundles(sheet, table), random).flat()),
  'title rows': (sheet, table) =>
    sheet.merges.length || headingAt(sheet, table) === undefined || sheet.lines
      ? undefined
      : {
          ...sheet,
          rows: [['Evening at the lock'], [], ...sheet.rows],
          comments: sheet.comments.map((one) => ({ ...one, row: one.row + 2 })),
          validations: sheet.validations.map((one) => ({
            ...one,
            ranges: one.ranges.map((range) => ({
              ...range,
              top: range.top + 2,
              bottom: range.bottom + 2,
            })),
          })),
        },
  'empty columns': (sheet, table) =>
    sheet.merges.length
      ? undefined
      : reordered(sheet, [
          undefined,
          ...bundles(sheet, table).flatMap((one, index) =>
            index === 1 ? [undefined, ...one] : one,
          ),
        ]),
  'rows in another order': (sheet, table, random) => {
    const at = headingAt(sheet, table) ?? -1;
    const content = new Set(table.items.map(({ origin }) => origin!.row!));
    const isContent = (index: number): boolean => content.has(sheet.lines?.[index] ?? index + 1);
    const own = sheet.rows.filter((_, index) => index > at && isContent(index));
    if (sheet.merges.length || sheet.rich || own.length !== table.items.length) {
      return undefined;
    }
    const mixed = shuffled(own, random);
    return {
      ...sheet,
      rows: sheet.rows.map((row, index) => (index > at && isContent(index) ? mixed.shift()! : row)),
    };
  },
  'another language': (sheet, table, random) => {
    const at = headingAt(sheet, table);
    if (at === undefined) {
      return undefined;
    }
    const language = draw(['de', 'fr', 'es', 'it', 'nl', 'pt', 'sv'], random);
    const phrases = new Map(
      HEADINGS.filter((one) => one.language === language).map(({ role, words }) => [role, words]),
    );
    const row = [...sheet.rows[at]!];
    for (const { column, role, n } of table.reading.columns) {
      const known = phrases.get(role);
      if (known?.length && role !== 'ignore' && role !== 'constant') {
        row[columnIndex(column)] = draw(known, random)
          .replace('#', String(n ?? ''))
          .trim();
      }
    }
    return withRow(sheet, at, row);
  },
};

/** A question as far as nothing of it may change. */
const told = ({ kind, stem, options, accepted, pairs, steps, number, gaps }: Item): string =>
  JSON.stringify([
    kind,
    stem.plain,
    options?.map(({ text, right }) => [text.plain, right]),
    accepted,
    pairs?.map(({ left, right }) => [left.plain, right.plain]),
    steps?.map(({ plain }) => plain),
    number,
    gaps?.map((gap) => gap.accepted),
  ]);
const toldAll = ({ items }: Read): string => items.map(told).sort().join('\n');

type Tally = { same: number; unsure: number; other: string[] };

/** A file as a table with its reading; undefined where its questions do not stand in rows. */
async function tableOf(path: string): Promise<{ table: Table; before: Read } | undefined> {
  const bytes = new Uint8Array(readFileSync(path));
  const opened = await openSource({ name: basename(path), bytes });
  if (opened.is !== 'table') {
    return undefined;
  }
  const before = read(opened.table);
  const isInRows = before.reading.as === 'table' && before.items.length > 1;
  return isInRows ? { table: opened.table, before } : undefined;
}

/** Counts what a change does to a table; nothing where the change can't be made to it. */
function look(table: Table, before: Read, change: Change, tally: Tally): void {
  const sheet = table.sheets.find((one) => one.name === before.reading.sheet)!;
  const changed = change(sheet, before, seeded(7));
  if (!changed) {
    return;
  }
  const sheets = table.sheets.map((one) => (one === sheet ? changed : one));
  const after = read({ ...table, sheets });
  if (toldAll(after) === toldAll(before)) {
    tally.same++;
  } else if (after.reading.unsure.length) {
    tally.unsure++;
  } else {
    tally.other.push(table.file);
  }
}

const folder = process.argv[2] ?? '../shared/corpus/gather';
const tallies = new Map<string, Tally>(
  Object.keys(CHANGES).map((what) => [what, { same: 0, unsure: 0, other: [] }]),
);
for (const name of readdirSync(folder).sort()) {
  const isTable = /\.(?:xlsx|ods|csv|tsv|txt|xls)$/i.test(name);
  const found = isTable ? await tableOf(join(folder, name)) : undefined;
  for (const [what, change] of Object.entries(found ? CHANGES : {})) {
    look(found!.table, found!.before, change, tallies.get(what)!);
  }
}
for (const [what, { same, unsure, other }] of tallies) {
  const which = other.length ? `: ${other.join(', ')}` : '';
  console.log(
    `${what.padEnd(28)} the same ${String(same).padStart(3)}, else unsure ${String(unsure).padStart(3)}, else otherwise ${other.length}${which}`,
  );
}
