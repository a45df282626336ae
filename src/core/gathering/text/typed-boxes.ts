// Boxes of a text that are filled with a sign of its maker's: '( ) a gate', '(o) a step'.
import { eachLine, isLine, type Lines } from './retyping';

const EMPTY = /^\s*(?:\(\s*\)|\[\s*\]|<\s*>)\s*(?=\S)/u;
const FILLED = /^(\s*)[([<]\s?([oO0•●#@~v√])\s?[)\]>]\s*(?=\S)/u;

/** One sign in boxes among empty ones, as the sign that ticks boxes; where boxes hold several signs, none of them ticks. */
export function boxesFilled(lines: Lines): Lines {
  const signs = new Set(
    lines.flatMap((line) =>
      isLine(line) ? (FILLED.exec(line.text)?.[2]?.toLowerCase() ?? []) : [],
    ),
  );
  const hasEmpty = signs.size === 1 && lines.some((line) => isLine(line) && EMPTY.test(line.text));
  return hasEmpty
    ? eachLine(lines, (text) =>
        FILLED.test(text) ? text.replace(FILLED, '$1[x] ') : text.replace(EMPTY, '[ ] '),
      )
    : lines;
}
