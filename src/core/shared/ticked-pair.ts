// Two columns of which one is ticked in each row: the statement is true, or it is false.
import type { Layout } from '../model';
import { trueFalsePair, verdictPair } from './vocabulary/verdicts';

const TICK = 'x';
const CHOICES: ReadonlySet<string> = new Set(['option', 'options', 'right', 'wrong', 'wrongs']);

export type TickedPair = {
  /** Which of the two columns is ticked for true. */
  trueAt: 0 | 1;
  tick: string;
};

/** How a layout's two columns for true and false are ticked; undefined where it has none, or has options to choose from. */
export function tickedPair({ columns, key }: Layout): TickedPair | undefined {
  const [first, second, ...more] = columns.filter(({ role }) => role === 'verdict');
  if (!first || !second || more.length || columns.some(({ role }) => CHOICES.has(role))) {
    return undefined;
  }
  const names = [first.heading ?? '', second.heading ?? ''] as const;
  const known = trueFalsePair(...names);
  const isFirst = known ? known.trueFirst : verdictPair([...names])?.right !== names[1];
  return { trueAt: isFirst ? 0 : 1, tick: key.right ?? TICK };
}
