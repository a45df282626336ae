// Cells of tab text as spreadsheet programs copy them.

/** Signs that end a cell or a row; a cell that holds one stands in quotes. */
const BREAKS = /["\t\n\r]/;

/** A cell's text, in quotes where it would break its row. */
export const tabField = (text: string): string =>
  BREAKS.test(text) ? `"${text.replaceAll('"', '""')}"` : text;
