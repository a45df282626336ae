// A category as it is written: the parts of its path with > between them.

/** The parts of a path, outermost first, without blanks and empty parts; a path that is given in parts is only cleaned. */
export const categoryPath = (category: string | readonly string[] | undefined): string[] =>
  (typeof category === 'string' ? category.split('>') : (category ?? []))
    .map((part) => part.trim())
    .filter(Boolean);
