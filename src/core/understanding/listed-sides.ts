// Two lists to match, each in one cell and counted in its own way, with a key beside them such as '1b 2c 3a'.
import { namesPairs } from '../shared/pair-key';
import { splitLabelled } from '../shared/table/separators';
import { filledOf } from './column-words';
import type { ColumnView, Meaning, TableView } from './contract';

const MOSTLY = 0.8;
const LEAST = 2;

/** Whether most cells list several texts, each behind its number or letter. */
const areCounted = (column: ColumnView): boolean => {
  const filled = filledOf(column);
  const lists = filled.filter((text) => (splitLabelled(text)?.length ?? 0) >= LEAST);
  return filled.length > 0 && lists.length >= filled.length * MOSTLY;
};

/** The two columns of lists that a key of pairs puts together, and the key, whatever their headings count: 'Column A', 'Column B'. */
export function listedSides({ columns }: TableView): [number, Meaning][] {
  const key = columns.findIndex((column) => {
    const filled = filledOf(column);
    return filled.length > 0 && filled.every(namesPairs);
  });
  // Few tables have such a key, and only those are looked at for lists.
  const at = key < 0 ? [] : columns.flatMap((column, index) => (areCounted(column) ? [index] : []));
  return at.length === 2
    ? [
        [at[0]!, 'left'],
        [at[1]!, 'right-side'],
        [key, 'key'],
      ]
    : [];
}
