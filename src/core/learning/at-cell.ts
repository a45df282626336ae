// What a sheet says at one of its cells: notes, and the words and lengths that its rules allow.
import type { Sheet } from '../model';
import { alike } from '../shared/normalise';
import type { Region } from '../shared/table/region';

/** The notes at a column's heading. */
export const noteAt = (sheet: Sheet, row: number, column: number): string =>
  sheet.comments
    .filter((comment) => comment.row === row && comment.column === column)
    .map((comment) => comment.text)
    .join(' ');

const uncounted = (heading: string): string => heading.replace(/\d+/gu, '#');

/** The notes at the headings, by the headings made comparable; of headings that count, one's note speaks of all that have none. */
export function notesAtHeadings(
  region: Region,
  headingRow: number | undefined,
): Map<string, string> {
  const own = new Map<string, string>();
  const counted = new Map<string, string>();
  if (headingRow === undefined) {
    return own;
  }
  for (let column = region.left; column <= region.right; column++) {
    const heading = alike(region.cell(headingRow, column));
    const note = noteAt(region.sheet, headingRow, column);
    if (heading && note) {
      own.set(heading, note);
      counted.set(uncounted(heading), note);
    }
  }
  for (let column = region.left; column <= region.right && own.size; column++) {
    const heading = alike(region.cell(headingRow, column));
    const note = counted.get(uncounted(heading));
    if (note !== undefined && !own.has(heading) && /\d/u.test(heading)) {
      own.set(heading, note);
    }
  }
  return own;
}

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
