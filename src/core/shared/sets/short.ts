// What a plan is short of, in words.
import type { Plan, PlanMost } from '../../model';
import { listed } from '../plain';
import { whereWords } from './where';
import { say } from '../say';

/**
 * A line that could not be filled: how many it wanted, and how many there are; `bound` where more of them would go over
 * what all may come to.
 */
export type Short = { line: number; wanted: number; present: number; bound?: true };

const mostWords = ({ points, minutes }: PlanMost): string =>
  listed([
    ...(points === undefined
      ? []
      : [say('{points, plural, one {# point} other {# points}}', { points })]),
    ...(minutes === undefined
      ? []
      : [say('{minutes, plural, one {# minute} other {# minutes}}', { minutes })]),
  ]);

/** What a line is short of, in a sentence. */
export function shortWords(
  { line, wanted, present, bound }: Short,
  { lines, most = {} }: Plan,
  got: number,
): string {
  const where = whereWords(lines[line]!.where);
  if (bound) {
    return say('{where}: {wanted} wanted, {got} drawn; more would go over {most}.', {
      where,
      wanted,
      got,
      most: mostWords(most),
    });
  }
  return present < wanted
    ? say('{where}: {wanted} wanted, the bank has {present}.', { where, wanted, present })
    : say(
        '{where}: {wanted} wanted, {got} drawn; the others are too like those, or serve another line.',
        { where, wanted, got },
      );
}
