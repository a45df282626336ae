// The rows of the sheet that is looked at, each with the questions that it became.
import { useMemo } from 'react';
import type { Item } from '../../core/model';
import { defined } from '../../core/shared/defined';
import { alike } from '../../core/shared/normalise';
import type { GatherAnswer } from '../../workers/protocol';
import { useGather } from '../state/gather';
import { useIsShown } from './use-marked';
import { i18n } from '../../languages';

export type ShownRow = {
  key: string;
  /** The sheet that the row is of, where several were read together. */
  sheet?: string;
  /** The row's number as its file counts it, from 1. */
  shown: number;
  cells: readonly string[];
  /** `n` is the question's place among all, from 1. */
  items: readonly { item: Item; n: number }[];
  isHeading: boolean;
  /** What a row is that became no question of its own, and belongs to those above it. */
  belongs?: string;
};

type Placed = { item: Item; n: number };

/** What a row is told by among those of several sheets; of a lone one by its number alone. */
export const keyOf = (sheet: string | undefined, row: number): string => `${sheet ?? ''}!${row}`;

/** The questions by their rows; of a lone sheet by the row alone. */
function itemsByRow(items: readonly Item[], isStack: boolean): Map<string, Placed[]> {
  const byRow = new Map<string, Placed[]>();
  items.forEach((item, index) => {
    const row = keyOf(isStack ? item.origin?.sheet : undefined, item.origin?.row ?? 0);
    const own = byRow.get(row);
    if (own) {
      own.push({ item, n: index + 1 });
    } else {
      byRow.set(row, [{ item, n: index + 1 }]);
    }
  });
  return byRow;
}

type Seen = Pick<GatherAnswer, 'reading'> & { sheet: NonNullable<GatherAnswer['sheet']> };

/** Whether a row holds the headings; of sheets that were read together, whether it says what the headings of the one say. */
function headingsOf({ sheet, reading }: Seen): (index: number, shown: number) => boolean {
  const { stack, rows, lines } = sheet;
  if (!stack) {
    return (_, shown) => shown === reading.headingRow;
  }
  const from = stack.find((one) => one.sheet === reading.sheet)?.from ?? 0;
  const at = rows.findIndex((_, index) => index >= from && lines?.[index] === reading.headingRow);
  const said = (cells: readonly string[] = []): string => cells.map(alike).join('\t').trimEnd();
  const headings = said(rows[at]);
  return (index) => headings !== '' && said(rows[index]) === headings;
}

/** What rows hold between those in which the questions of a shape begin. */
const BETWEEN: Partial<Record<NonNullable<GatherAnswer['reading']['as']>, string>> = {
  board: i18n._('answers to the questions above'),
  blocks: i18n._('part of the question above'),
};

/** Rows below the first question that hold more of a board or of blocks. */
function withBelonging(
  rows: readonly ShownRow[],
  { as = 'table' }: GatherAnswer['reading'],
): ShownRow[] {
  const first = rows.findIndex(({ items }) => items.length > 0);
  const belongs = BETWEEN[as];
  return rows.map((row, at) =>
    belongs && first >= 0 && at > first && !row.items.length && !row.isHeading
      ? { ...row, belongs }
      : row,
  );
}

/** The rows that hold something, in their order. */
export function rowsOf(
  { sheet, reading }: Pick<GatherAnswer, 'sheet' | 'reading'>,
  items: readonly Item[],
): ShownRow[] {
  if (!sheet) {
    return [];
  }
  const { stack = [] } = sheet;
  const byRow = itemsByRow(items, stack.length > 0);
  const headings = headingsOf({ sheet, reading });
  const rows = sheet.rows
    .map((cells, index): ShownRow => {
      const shown = sheet.lines?.[index] ?? index + 1;
      const own = stack.findLast(({ from }) => from <= index)?.sheet;
      const key = keyOf(own, shown);
      return defined({
        key,
        sheet: own,
        shown,
        cells,
        items: byRow.get(key) ?? [],
        isHeading: headings(index, shown),
      });
    })
    .filter((row) => row.items.length || row.cells.some((cell) => cell.trim()));
  return withBelonging(rows, reading);
}

export function useRows(): ShownRow[] {
  const { answer, items, show } = useGather();
  const isShown = useIsShown();
  const rows = useMemo(() => (answer ? rowsOf(answer, items) : []), [answer, items]);
  return useMemo(
    () =>
      show === 'all'
        ? rows
        : rows.filter((row) => row.isHeading || row.items.some(({ item }) => isShown(item))),
    [rows, show, isShown],
  );
}
