// The sample rows below a blank's headings, which a fill clears.
import { filledIn, type Region } from '../shared/table/region';
import { profileColumn } from '../shared/table/profile';

/** Columns that are numbered down to the end of the form; they say nothing about samples. */
export function numberedColumns(region: Region, first: number): number[] {
  const found: number[] = [];
  for (let c = region.left; c <= region.right; c++) {
    const profile = profileColumn(region, c, first);
    if (profile.counts && profile.filled > 2) {
      found.push(c);
    }
  }
  return found;
}

/** First and last sample row, from 0; undefined where the form is empty. A single filled cell makes no sample. */
export function findSamples(
  region: Region,
  first: number,
): { first: number; last: number } | undefined {
  const numbered = new Set(numberedColumns(region, first));
  const own = (row: number): number => {
    let filled = filledIn(region, row);
    for (const column of numbered) {
      if (region.cell(row, column)) {
        filled--;
      }
    }
    return filled;
  };
  if (own(first) < 2) {
    return undefined;
  }
  let last = first;
  while (last < region.bottom && own(last + 1) >= 2) {
    last++;
  }
  return { first, last };
}
