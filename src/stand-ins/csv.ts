// Answers as text that any spreadsheet program opens (RFC 4180).
const cell = (text: string): string =>
  /[",\r\n]/.test(text) ? `"${text.replace(/"/g, '""')}"` : text;

/** Rows of texts, a comma between cells, each line ended. */
export const csvOf = (rows: readonly (readonly string[])[]): string =>
  `${rows.map((row) => row.map(cell).join(',')).join('\r\n')}\r\n`;
