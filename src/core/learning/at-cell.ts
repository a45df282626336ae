// What a sheet says at one of its cells: notes, and the words and lengths that its rules allow.
import type { Sheet } from '../model';

/** The notes at a column's heading. */
export const noteAt = (sheet: Sheet, row: number, column: number): string =>
  sheet.comments
    .filter((comment) => comment.row === row && comment.column === column)
    .map((comment) => comment.text)
    .join(' ');

/** The words and the greatest length that the sheet's rules allow in a cell. */
export function rulesAt(
  sheet: Sheet,
  row: number,
  column: number,
): { values?: string[]; max?: number } {
  const rules = sheet.validations.filter(({ ranges }) =>
    ranges.some((r) => row >= r.top && row <= r.bottom && column >= r.left && column <= r.right),
  );
  const values = rules.find((rule) => rule.list)?.list;
  const max = rules.find((rule) => rule.maxLength)?.maxLength;
  return { ...(values ? { values } : {}), ...(max ? { max } : {}) };
}
