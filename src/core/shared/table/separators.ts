// Which sign stands between several values in one cell.

const SIGNS = ['||', '|', ';', '\n', ' / ', '/', ','] as const;

/** The sign that splits most of the texts into two or more parts, commas last since sentences hold them; undefined where none does. */
export function findInnerSeparator(texts: readonly string[]): string | undefined {
  const filled = texts.filter(Boolean);
  if (!filled.length) return undefined;
  return SIGNS.find((sign) => filled.filter((text) => text.split(sign).filter((part) => part.trim()).length > 1).length >= filled.length * 0.5);
}

/** The parts of a cell, clean and without empty ones. */
export const splitCell = (text: string, separator: string | undefined): string[] =>
  (separator ? text.split(separator) : [text]).map((part) => part.trim()).filter(Boolean);
