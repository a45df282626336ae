// What a plan is short of, in words.
import type { Plan, PlanMost } from '../../model';
import { count } from '../plain';
import { whereWords } from './where';

/**
 * A line that could not be filled: how many it wanted, and how many there are; `bound` where more of them would go over
 * what all may come to.
 */
export type Short = { line: number; wanted: number; present: number; bound?: true };

const mostWords = ({ points, minutes }: PlanMost): string =>
  [
    ...(points === undefined ? [] : [count(points, 'point')]),
    ...(minutes === undefined ? [] : [count(minutes, 'minute')]),
  ].join(' and ');

/** What a line is short of, in a sentence. */
export function shortWords(
  { line, wanted, present, bound }: Short,
  { lines, most = {} }: Plan,
  got: number,
): string {
  const where = whereWords(lines[line]!.where);
  if (bound) {
    return `${where}: ${wanted} wanted, ${got} drawn; more would go over ${mostWords(most)}.`;
  }
  return present < wanted
    ? `${where}: ${wanted} wanted, the bank has ${present}.`
    : `${where}: ${wanted} wanted, ${got} drawn; the others are too like those, or serve another line.`;
}
