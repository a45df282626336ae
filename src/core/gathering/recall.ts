// Memory: what a person said of a source comes in again with the next one that has the same headings.
import type { Column, KeptReading, Opened, Overrule, Reading, Sheet, Table } from '../model';
import { columnIndex, columnLetters } from '../shared/cells';
import { defined } from '../shared/defined';
import { isSameHeading, SAME_ROW, sameHeadings } from '../shared/likeness';
import { alike } from '../shared/normalise';
import { saidFor } from '../shared/reasons';
import { rowShown, shownRow } from '../shared/table/region';

/** Headings stand among the first rows. */
const HEADING_ROWS = 40;

/** A kept reading at its place in a table: the row of headings from 0, null where there are none. */
type Found = { kept: KeptReading; sheet: Sheet; row: number | null; sameness: number };

const widthOf = ({ rows }: Sheet): number => Math.max(0, ...rows.map((row) => row.length));

/** 'week 12.csv' as 'week #.csv'. */
const isNamedAlike = (a: string, b: string): boolean =>
  alike(a).replace(/\d+/g, '#') === alike(b).replace(/\d+/g, '#');

function findIn(kept: KeptReading, sheet: Sheet, file: string): Found | undefined {
  if (!kept.headings.length) {
    const isMeant = kept.width === widthOf(sheet) && isNamedAlike(kept.from, file);
    return isMeant ? { kept, sheet, row: null, sameness: SAME_ROW } : undefined;
  }
  const rows = sheet.rows.slice(0, HEADING_ROWS).map((row, index) => ({
    kept,
    sheet,
    row: index,
    sameness: sameHeadings(
      kept.headings,
      row.map((cell) => cell.trim()),
    ),
  }));
  const [best] = rows.sort((a, b) => b.sameness - a.sameness);
  return best && best.sameness >= SAME_ROW ? best : undefined;
}

/** The column of each heading that something was said of, from 0; headings that are no longer there are left out. */
function columnsIn({ kept, sheet, row }: Found): Column[] {
  const headings = row === null ? [] : (sheet.rows[row] ?? []);
  return kept.columns.flatMap(({ heading, nth, role, n, tag }) => {
    const places = headings.flatMap((text, index) => (isSameHeading(text, heading) ? [index] : []));
    const exact = places.filter((index) => alike(headings[index]!) === alike(heading));
    const place = row === null ? nth : (exact.length ? exact : places)[nth];
    return place === undefined ? [] : [defined({ column: columnLetters(place), role, n, tag })];
  });
}

export type Recalled = { kept: KeptReading; overrule: Overrule };

/** What was said of an earlier source with the same headings, as it is to be said of this one. */
export function recall(
  table: Table,
  kept: readonly KeptReading[],
  said: Overrule,
): Recalled | undefined {
  if (said.range !== undefined || !kept.length) {
    return undefined;
  }
  const sheets = table.sheets.filter(({ name, hidden }) =>
    said.sheet === undefined ? !hidden : name === said.sheet,
  );
  const [best] = kept
    .flatMap((one) => sheets.flatMap((sheet) => findIn(one, sheet, table.file) ?? []))
    .sort((a, b) => b.sameness - a.sameness || b.kept.at.localeCompare(a.kept.at));
  if (!best) {
    return undefined;
  }
  const headingRow = best.row === null ? null : shownRow(best.sheet, best.row);
  if (said.headingRow !== undefined && said.headingRow !== headingRow) {
    return undefined;
  }
  const columns = columnsIn(best);
  const isRows = best.kept.as === undefined || best.kept.as === 'table';
  return {
    kept: best.kept,
    overrule: defined({
      sheet: table.sheets.length > 1 ? best.sheet.name : undefined,
      as: best.kept.as,
      headingRow: isRows ? headingRow : undefined,
      columns: columns.length ? columns : undefined,
      key: best.kept.key,
    }),
  };
}

/** What was said now, and of what it leaves open what was said before. */
export function withRecalled(said: Overrule, { overrule }: Recalled): Overrule {
  const own = new Set(said.columns?.map(({ column }) => column));
  const columns = [
    ...(overrule.columns ?? []).filter(({ column }) => !own.has(column)),
    ...(said.columns ?? []),
  ];
  return defined({ ...overrule, ...said, columns: columns.length ? columns : undefined });
}

/** A reading whose reasons say what was said of an earlier source. */
export function withMemory(
  reading: Reading,
  said: Overrule,
  { kept, overrule }: Recalled,
): Reading {
  const because = { ...reading.because };
  const why = saidFor(kept.from);
  for (const part of ['sheet', 'as', 'headingRow', 'key'] as const) {
    if (overrule[part] !== undefined && said[part] === undefined) {
      because[part] = why;
    }
  }
  const own = new Set(said.columns?.map(({ column }) => column));
  for (const { column } of overrule.columns ?? []) {
    if (!own.has(column)) {
      because[`columns.${column}`] = why;
    }
  }
  return { ...reading, because, recalled: { id: kept.id, from: kept.from, at: kept.at } };
}

const isSaid = ({ as, headingRow, columns, key }: Overrule): boolean =>
  as !== undefined || headingRow !== undefined || key !== undefined || Boolean(columns?.length);

/**
 * What a person said of a table as it is to be kept for the next one with its headings; undefined where nothing was said
 * that another source could be read by. What was said before (`kept`) stays said.
 */
export function readingToKeep(
  opened: Opened,
  reading: Reading,
  { now, kept, at }: { now: Overrule; kept: readonly KeptReading[]; at: string },
): KeptReading | undefined {
  if (opened.is !== 'table' || !isSaid(now) || now.range !== undefined) {
    return undefined;
  }
  const { table } = opened;
  const recalled = recall(table, kept, now);
  const said = recalled ? withRecalled(now, recalled) : now;
  const sheet = table.sheets.find(({ name }) => name === reading.sheet);
  if (!sheet) {
    return undefined;
  }
  const row = headingRowOf(sheet, reading);
  const headings = row === null ? [] : sheet.rows[row]!.map((cell) => cell.trim());
  const columns = (said.columns ?? []).map(({ column, role, n, tag }) => {
    const place = columnIndex(column);
    const heading = headings[place] ?? '';
    const before = headings.slice(0, place).filter((text) => alike(text) === alike(heading));
    return defined({ heading, nth: row === null ? place : before.length, role, n, tag });
  });
  const shown = headings.filter(Boolean);
  return defined({
    id: shown.length ? shown.map(alike).join(' | ') : `${alike(table.file)} ${widthOf(sheet)}`,
    from: table.file,
    at,
    headings: shown,
    width: shown.length ? undefined : widthOf(sheet),
    as: said.as,
    columns,
    key: said.key,
  });
}

/** The row that holds the headings, or in boards and blocks the first that holds anything; null where there are none. */
function headingRowOf(sheet: Sheet, { headingRow, as }: Reading): number | null {
  if (headingRow !== null) {
    return rowShown(sheet, headingRow);
  }
  const first = sheet.rows.findIndex((row) => row.some((cell) => cell.trim()));
  return (as === 'board' || as === 'blocks') && first >= 0 ? first : null;
}
