// What a blank says about its columns elsewhere: in a note, in a legend beside it, in the list of a sheet that explains it.
import type { Sheet } from '../model';
import { alike } from '../shared/normalise';
import type { Region } from '../shared/table/region';

/** Names longer than this explain nothing. */
const LONGEST_NAME = 40;

/** What stands behind the name of a column, in the next cell or behind a colon of the same one. */
function explainedIn(rows: readonly (readonly string[])[], into: Map<string, string>): void {
  for (const row of rows) {
    const filled = row.map((text) => text.trim()).filter(Boolean);
    filled.forEach((text, index) => {
      const [, name = '', behind = ''] = /^([^:=]{1,40}?)\s*[:=]\s+(\S.*)$/su.exec(text) ?? [];
      const next = filled[index + 1];
      if (name && behind) {
        into.set(alike(name), behind);
      } else if (index === 0 && next && text.length <= LONGEST_NAME && filled.length <= 4) {
        into.set(alike(text), next);
      }
    });
  }
}

/** The explanations of a blank by the name of the column that they are about. */
export function explanationsOf(
  region: Region,
  headingRow: number | null,
  others: readonly Sheet[],
): Map<string, string> {
  const found = new Map<string, string>();
  const own = region.sheet.rows.slice(0, 60);
  explainedIn(
    own.map((row, index) =>
      headingRow !== null && index === headingRow
        ? []
        : row.slice(lastHeading(region, headingRow) + 1),
    ),
    found,
  );
  for (const sheet of others) {
    explainedIn(sheet.rows.slice(0, 120), found);
  }
  return found;
}

/** The last column of the table itself: behind an empty one stand notes. */
export function lastHeading(region: Region, headingRow: number | null | undefined): number {
  if (headingRow === undefined || headingRow === null) {
    return region.right;
  }
  let last = region.left;
  while (last < region.right && !region.cell(headingRow, last)) {
    last++;
  }
  while (last < region.right && region.cell(headingRow, last + 1)) {
    last++;
  }
  return last;
}
