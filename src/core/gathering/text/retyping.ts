// How lines are typed anew: one by one, where so many of a text are typed alike.
import type { DocumentLine } from '../../model';

export type Lines = readonly DocumentLine[];
/** So many lines must be typed alike before any of them is typed anew. */
export const OFTEN = 2;

/** Longer lines are paragraphs, and nothing of this is looked for in them. */
const LONGEST = 300;
/** Whether a line is short enough to be looked at. */
export const isLine = ({ text }: DocumentLine): boolean => text.length < LONGEST;

/** The line with another text, in which nothing is set off. */
export const anew = (line: DocumentLine, text: string): DocumentLine => {
  const { runs: _runs, ...plain } = line;
  return { ...plain, text };
};

/** The lines with what a look at each makes of it, where it makes anything of so many; long lines are not looked at. */
export const whereOften =
  (look: (text: string) => string[] | undefined, least = OFTEN) =>
  (lines: Lines): Lines => {
    const found = lines.map((line) => (isLine(line) ? look(line.text) : undefined));
    return found.filter(Boolean).length < least
      ? lines
      : lines.flatMap((line, at) => found[at]?.map((text) => anew(line, text)) ?? [line]);
  };
