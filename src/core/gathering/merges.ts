// A sheet as people lay it out: merged cells spread to the rows they span.
import type { Sheet } from '../model';

/** The sheet with the text of tall merged cells in every row they span. */
export function spreadMerges(sheet: Sheet): Sheet {
  const tall = sheet.merges.filter(({ top, bottom }) => bottom > top && bottom - top < 5000);
  if (!tall.length) {
    return sheet;
  }
  const rows = sheet.rows.map((row) => [...row]);
  for (const { top, bottom, left } of tall) {
    const text = rows[top]?.[left];
    if (!text) {
      continue;
    }
    for (let r = top + 1; r <= Math.min(bottom, rows.length - 1); r++) {
      const row = rows[r]!;
      while (row.length <= left) {
        row.push('');
      }
      row[left] ||= text;
    }
  }
  return { ...sheet, rows };
}
