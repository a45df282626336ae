// Columns headed by nothing but the sign that ticks them, one beside each option: 'x', 'Answer A', 'x', 'Answer B'.
import { says, TICK } from './column-words';
import type { ColumnView, TableView } from './contract';

const NAMED = 0.5;
const LEAST = 2;

/** Such columns, as many as there are options and each on the same side of its own; none where they stand otherwise. */
export function tickHeaded({ columns }: TableView): readonly ColumnView[] {
  const isTicks = ({ heading }: ColumnView): boolean => TICK.test(heading.trim());
  const ticks = columns.filter(isTicks);
  const isOption = (column: ColumnView | undefined): boolean =>
    column !== undefined && !isTicks(column) && says(column, 'option') > NAMED;
  const options = columns.filter(isOption);
  const onSide = (step: 1 | -1): boolean =>
    ticks.every((column) => isOption(columns[columns.indexOf(column) + step]));
  const isEach = ticks.length >= LEAST && ticks.length === options.length;
  const areTicked = ticks.every(({ texts }) => texts.every((text) => !text || TICK.test(text)));
  return isEach && areTicked && (onSide(1) || onSide(-1)) ? ticks : [];
}
