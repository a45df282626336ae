// Columns of the source that the user has made wider or narrower than they are by themselves.
import { useCallback, useMemo, useState } from 'react';
import type { ShownColumn } from './use-columns';

/** A column this narrow can still be pointed at. */
const LEAST = 44;
const MOST = 700;

/** The columns with the widths that were set, and how to set one: so many pixels wider than it is. */
export function useWidened(columns: readonly ShownColumn[]): {
  columns: ShownColumn[];
  widen: (index: number, by: number) => void;
} {
  const [added, setAdded] = useState<ReadonlyMap<number, number>>(new Map());
  const widen = useCallback(
    (index: number, by: number) =>
      setAdded((before) => new Map(before).set(index, (before.get(index) ?? 0) + by)),
    [],
  );
  const widened = useMemo(
    () =>
      columns.map((column): ShownColumn => {
        const by = added.get(column.index);
        return by === undefined
          ? column
          : { ...column, set: Math.max(LEAST, Math.min(MOST, column.least + by)) };
      }),
    [columns, added],
  );
  return { columns: widened, widen };
}
