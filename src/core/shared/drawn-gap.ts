// How a gap is drawn into a text: a line, dots, or empty brackets with or without them.

/** One gap, lines of one gap that blanks part taken together; for `replace` and `match`. */
export const DRAWN_GAP =
  /_{2,}(?:\s*_{2,})*|\[\s*(?:_+|\.{2,}|…)?\s*\]|\(\s*(?:_+|\.{3,}|…)\s*\)|\.{4,}|…{2,}/gu;

/** How gaps are drawn where a layout does not say so. */
export const USUAL_GAP = '____';
