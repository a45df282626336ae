// The sample rows below a blank's headings, which a fill clears.
import { filledIn, type Region } from '../shared/table/region';
import { numberOf } from '../shared/normalise';

/** So many cells tell, and keep long forms quick. */
const SAMPLE = 400;

/** Whether the filled cells of a column, three or more, count up by one from the first. */
function countsDown(region: Region, column: number, first: number): boolean {
  const texts: string[] = [];
  for (let r = first; r <= region.bottom && texts.length < SAMPLE; r++) {
    const text = region.cell(r, column);
    if (text) {
      texts.push(text);
    }
  }
  const from = numberOf(texts[0] ?? '') ?? NaN;
  return texts.length > 2 && texts.every((text, index) => numberOf(text) === from + index);
}

/** Columns that are numbered down to the end of the form; they say nothing about samples. */
export function numberedColumns(region: Region, first: number): number[] {
  const found: number[] = [];
  for (let c = region.left; c <= region.right; c++) {
    if (countsDown(region, c, first)) {
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
