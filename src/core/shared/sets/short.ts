// What a plan is short of, in words.
import type { Plan } from '../../model';
import { whereWords } from './where';

/** A line that could not be filled: how many it wanted, and how many there are. */
export type Short = { line: number; wanted: number; present: number };

/** What a line is short of, in a sentence. */
export function shortWords({ line, wanted, present }: Short, { lines }: Plan, got: number): string {
  const where = whereWords(lines[line]!.where);
  return present < wanted
    ? `${where}: ${wanted} wanted, the bank has ${present}.`
    : `${where}: ${wanted} wanted, ${got} drawn; the others are too like those, or serve another line.`;
}
