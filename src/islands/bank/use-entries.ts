// The grid's rows by their ids alone.
import { useState } from 'react';
import type { Item } from '../../core/model';

export type GridEntry = { id: string };

/** The rows by their ids alone, the same list while order and number stay: an edit must not make the table build its rows anew. */
export function useEntries(rows: readonly Item[]): GridEntry[] {
  const [entries, setEntries] = useState<GridEntry[]>(() => rows.map(({ id }) => ({ id })));
  if (
    entries.length === rows.length &&
    rows.every((item, index) => item.id === entries[index]!.id)
  ) {
    return entries;
  }
  const next = rows.map(({ id }) => ({ id }));
  setEntries(next);
  return next;
}
