// The rows of the sheet that is looked at, each with the questions that it became.
import { useMemo } from 'react';
import type { Item } from '../../core/model';
import type { GatherAnswer } from '../../workers/protocol';
import { useGather } from '../state/gather';
import { useIsShown } from './use-marked';

export type ShownRow = {
  /** The row's number as its file counts it, from 1. */
  shown: number;
  cells: readonly string[];
  /** `n` is the question's place among all, from 1. */
  items: readonly { item: Item; n: number }[];
  isHeading: boolean;
};

function itemsByRow(items: readonly Item[]): Map<number, { item: Item; n: number }[]> {
  const byRow = new Map<number, { item: Item; n: number }[]>();
  items.forEach((item, index) => {
    const row = item.origin?.row ?? 0;
    const own = byRow.get(row);
    if (own) {
      own.push({ item, n: index + 1 });
    } else {
      byRow.set(row, [{ item, n: index + 1 }]);
    }
  });
  return byRow;
}

/** The rows that hold something, in their order. */
export function rowsOf(
  { sheet, reading }: Pick<GatherAnswer, 'sheet' | 'reading'>,
  items: readonly Item[],
): ShownRow[] {
  if (!sheet) {
    return [];
  }
  const byRow = itemsByRow(items);
  return sheet.rows
    .map((cells, index): ShownRow => {
      const shown = sheet.lines?.[index] ?? index + 1;
      return {
        shown,
        cells,
        items: byRow.get(shown) ?? [],
        isHeading: shown === reading.headingRow,
      };
    })
    .filter((row) => row.items.length || row.cells.some((cell) => cell.trim()));
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
