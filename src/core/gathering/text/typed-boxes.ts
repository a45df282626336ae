// Boxes of a text that are filled with a sign of its maker's: '( ) a gate', '(o) a step'.
import { eachLine, isLine, OFTEN, stretchesOf, type Lines } from './retyping';

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

const BARE = /^(\s*)([xXoO])\s+(?=\S)/u;

/** An 'x' and an 'o' without boxes in front of the options of all questions, as ticked boxes and empty ones. */
export function boxesUndrawn(lines: Lines): Lines {
  const signs = lines.map((line) =>
    isLine(line) ? BARE.exec(line.text)?.[2]?.toLowerCase() : undefined,
  );
  const groups = stretchesOf(signs);
  const areOptions = groups.every((group) => group.length > 1 && group.includes('x'));
  return groups.length < OFTEN || !areOptions || !signs.includes('o')
    ? lines
    : eachLine(lines, (text) =>
        BARE.test(text)
          ? text.replace(BARE, (_, blanks: string, sign: string) =>
              /x/iu.test(sign) ? `${blanks}[x] ` : `${blanks}[ ] `,
            )
          : undefined,
      );
}
