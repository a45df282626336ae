// Two columns of which one is ticked in each row: the statement is true, or it is false.
import type { Column, Layout } from '../model';
import { trueFalsePair, verdictPair } from './vocabulary/verdicts';

const TICK = 'x';
const CHOICES: ReadonlySet<string> = new Set(['option', 'options', 'right', 'wrong', 'wrongs']);

export type TickedPair = {
  /** Which of the two columns is ticked for true. */
  trueAt: 0 | 1;
  tick: string;
};

/** The two columns of which one is ticked; undefined where there are no such two, or options to choose from. */
export function tickedColumns(columns: readonly Column[]): readonly [Column, Column] | undefined {
  const [first, second, ...more] = columns.filter(({ role }) => role === 'verdict');
  const hasChoice = columns.some(({ role }) => CHOICES.has(role));
  return first && second && !more.length && !hasChoice ? [first, second] : undefined;
}

/** How a layout's two columns for true and false are ticked; undefined where it has none. */
export function tickedPair({
  columns,
  key,
}: Pick<Layout, 'columns' | 'key'>): TickedPair | undefined {
  const ticked = tickedColumns(columns);
  if (!ticked) {
    return undefined;
  }
  const [first, second] = ticked;
  const names = [first.heading ?? '', second.heading ?? ''] as const;
  const known = trueFalsePair(...names);
  const isFirst = known ? known.trueFirst : verdictPair([...names])?.right !== names[1];
  return { trueAt: isFirst ? 0 : 1, tick: key.right ?? TICK };
}

/** Whether a layout only says of a statement that it is true or false: by a word, or by a tick under one of two. */
export const saysOnlyTruth = (layout: Pick<Layout, 'columns' | 'key'>): boolean =>
  layout.key.style === 'word' || tickedColumns(layout.columns) !== undefined;
