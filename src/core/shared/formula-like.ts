// Texts that a spreadsheet program would run, and how they travel through a text file as text.

/** Whether a spreadsheet program takes a cell of a text file for a formula. Plain numbers such as -5 are harmless. */
export const isFormulaLike = (text: string): boolean =>
  /^[=@\t\r]/.test(text) ||
  (/^[+-]/.test(text) && !/^[+-]\s*(?:\d+(?:[.,]\d+)?|[.,]\d+)?\s*%?$/.test(text));

/** What stands behind the apostrophes in front; guards add one to any number of them, so that nothing is ambiguous. */
const behindApostrophes = (text: string): string => text.replace(/^'+/, '');

const BEGINS_PLAINLY = /^[A-Za-z0-9]/;
/** The text for a cell of a text file: an apostrophe in front keeps it from running. */
export const guardFormula = (text: string): string =>
  !BEGINS_PLAINLY.test(text) && isFormulaLike(behindApostrophes(text)) ? `'${text}` : text;

/** The text as it was before `guardFormula`. */
export const unguardFormula = (text: string): string =>
  text.startsWith("'") && isFormulaLike(behindApostrophes(text)) ? text.slice(1) : text;
