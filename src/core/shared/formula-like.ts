// Texts that a spreadsheet program would run, and how they travel through a text file as text.

/** Control signs, marks of direction and of byte order in front of a text. */
const UNSEEN =
  /^[\u0000-\u0008\u000b\u000c\u000e-\u001f\u007f\u200b-\u200f\u202a-\u202e\u2060\u2066-\u2069\ufeff]+/;

/** Whether a spreadsheet program takes a cell of a text file for a formula. Plain numbers such as -5 are harmless. */
export function isFormulaLike(text: string): boolean {
  // Signs that no program shows may be gone by the time the cell is read.
  const seen = text.replace(UNSEEN, '');
  return (
    /^[=@\t\r]/.test(seen) ||
    (/^[+-]/.test(seen) && !/^[+-]\s*(?:\d+(?:[.,]\d+)?|[.,]\d+)?\s*%?$/.test(seen))
  );
}

/** What stands behind the apostrophes in front; guards add one to any number of them, so that nothing is ambiguous. */
const behindApostrophes = (text: string): string => text.replace(/^'+/, '');

const BEGINS_PLAINLY = /^[A-Za-z0-9]/;
/** The text for a cell of a text file: an apostrophe in front keeps it from running. */
export const guardFormula = (text: string): string =>
  !BEGINS_PLAINLY.test(text) && isFormulaLike(behindApostrophes(text)) ? `'${text}` : text;

/** The text as it was before `guardFormula`. */
export const unguardFormula = (text: string): string =>
  text.startsWith("'") && isFormulaLike(behindApostrophes(text)) ? text.slice(1) : text;
