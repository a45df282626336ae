// A blank whose samples have a row for each option, pair or step of a question.
import { rowsForEach, type RowsForEach } from '../gathering';
import type { LearnedLayout } from '../learning';
import type { Column, Key, Layout, Sheet, Table } from '../model';
import { columnIndex } from '../shared/cells';
import { defined } from '../shared/defined';
import { sheetOfLayout } from '../shared/sheet';
import { regionOf, type Region } from '../shared/table/region';
import { findVerdicts } from '../understanding';
import { say } from '../shared/say';

/** The last of the filled rows that stand right below one another from a row on; all count from 1. */
function lastFilled({ rows }: Sheet, from: number): number {
  let row = from;
  while (rows[row]?.some((text) => text.trim())) {
    row++;
  }
  return row;
}

/**
 * The blank's headings and samples as a block of their own, with the rows right below them, which go on with the last of them where its
 * question stands once; undefined where it has none.
 */
function samplesOf(sheet: Sheet | undefined, { shape, file }: Layout): Region | undefined {
  const { sample, headingRow } = file;
  return shape === 'rows' && sheet && sample && headingRow
    ? regionOf(sheet, {
        top: headingRow - 1,
        bottom: lastFilled(sheet, sample[1]) - 1,
        left: 0,
        right: Infinity,
      })
    : undefined;
}

/** How such samples tell the right ones among their options. */
function keyOf(region: Region, { roles, headingRow }: RowsForEach): Key {
  const [marks, role] = [...roles].find(([, one]) => one === 'verdict' || one === 'weight') ?? [];
  if (marks === undefined) {
    return { style: 'text' };
  }
  if (role === 'weight') {
    return { style: 'weight' };
  }
  const said: string[] = [];
  for (let row = headingRow + 1; row <= region.bottom; row++) {
    said.push(region.cell(row, marks));
  }
  // Beside a lone tick what is wrong has nothing.
  return { style: 'verdict', wrong: '', ...findVerdicts([said]) };
}

/** A column as its place in such rows makes it: what says something of a part is one of a kind, and nothing else counts parts. */
function withRole(column: Column, roles: RowsForEach['roles'], stem: number): Column {
  const at = columnIndex(column.column);
  const role = roles.get(at) ?? (at === stem ? 'stem' : column.role);
  const { n: _n, values, default: standing, ...own } = column;
  const kept = role === column.role ? defined({ values, default: standing }) : {};
  return { ...own, role, ...kept };
}

/** A column whose cells nothing is written into. */
function unknown({ n: _n, ...column }: Column): Column {
  return { ...column, role: 'ignore' };
}

/** A learned layout with rows for each part of a question where its blank's samples stand so. */
export function withRowsShown(learned: LearnedLayout, table: Table): LearnedLayout {
  const { layout } = learned;
  const region = samplesOf(sheetOfLayout(table, layout), layout);
  const found = region && rowsForEach(region);
  if (!region || !found) {
    return learned;
  }
  const { rowForEach, roles, stem } = found;
  const { optionsMax: _most, ...limits } = layout.limits;
  const told = [...roles.keys(), stem];
  const path = ({ column }: Column): string => `columns.${column}`;
  const shown = layout.columns.filter(({ column }) => told.includes(columnIndex(column)));
  const others = layout.columns.filter(({ column }) => found.others.includes(columnIndex(column)));
  const why = say('each {part} of a sample has a row of its own', { part: rowForEach.part });
  return {
    layout: {
      ...layout,
      columns: layout.columns.map((column) =>
        others.includes(column) ? unknown(column) : withRole(column, roles, stem),
      ),
      key: keyOf(region, found),
      file: { ...layout.file, sample: [layout.file.sample![0], region.bottom + 1] },
      limits,
      rowForEach,
    },
    because: {
      ...learned.because,
      ...Object.fromEntries(shown.map((column) => [path(column), why])),
      ...Object.fromEntries(
        others.map((column) => [
          path(column),
          say(
            'its cells say something of each {part}, which is not written: nothing here says what it is',
            { part: rowForEach.part },
          ),
        ]),
      ),
      key: why,
      rowForEach: why,
    },
    unsure: [
      ...learned.unsure.filter(
        (one) => one !== 'key' && ![...shown, ...others].some((own) => path(own) === one),
      ),
      ...others.map(path),
    ],
  };
}
