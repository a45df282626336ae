// What stands below a line of a typed text.
import { isRule, type TypedLine } from './typed-line';

/** So many lines ahead the next filled one is looked for, and the key of all questions below its heading. */
const AHEAD = 6;
const LONGEST_KEY = 120;

/** The next filled line, strokes left out; undefined where none stands near. */
export const nextFilled = (lines: readonly TypedLine[], index: number): TypedLine | undefined =>
  lines.slice(index + 1, index + AHEAD).find((line) => !line.isBlank && !isRule(line));

/** The filled lines below. */
export const filledBelow = (lines: readonly TypedLine[], index: number): TypedLine[] =>
  lines.slice(index + 1, index + LONGEST_KEY).filter(({ isBlank }) => !isBlank);
