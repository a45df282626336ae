// What a person said of single lines of a text.
import type { LineRole, SaidLine } from '../../model';

export type SaidLines = ReadonlyMap<number, LineRole>;

/** What was said, by line from 1. */
export const saidLines = (lines: readonly SaidLine[] = []): SaidLines =>
  new Map(lines.map(({ line, is }) => [line, is]));
