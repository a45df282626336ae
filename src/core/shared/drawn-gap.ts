// How a gap is drawn into a text: a line, dots, or empty brackets with or without them.

/**
 * One gap, lines of one gap that blanks part taken together; for `replace` and `match`. Other signs are drawn several times, between
 * words: at the beginning of a text they mark it up.
 */
export const DRAWN_GAP =
  /_{2,}(?:\s*_{2,})*|\[\s*(?:_+|\.{2,}|…|[Gg]ap|[Bb]lank|GAP|BLANK)?\s*\]|\(\s*(?:_+|\.{3,}|…)\s*\)|\.{4,}|…{2,}|(?<=\S\s)(?:#{2,}|\*{3,}|\?{3,}|x{3,})(?=[\s.,;:!?]|$)/gu;

/** How gaps are drawn where a layout does not say so. */
export const USUAL_GAP = '____';
