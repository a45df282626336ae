// Rows further down that head a table of their own.
import { filledIn, type Region } from '../shared/table/region';
import { headingShare } from './heading-rows';
import { saying } from './saying';

/** Whether a row stands behind an empty one, with a title between them or none. */
const isBehindGap = (region: Region, row: number): boolean =>
  filledIn(region, row - 1) === 0 ||
  (filledIn(region, row - 1) === 1 && filledIn(region, row - 2) === 0);

/** Whether a row behind an empty one says nothing but headings: another table begins there, which may name the same fields. */
export const headsLowerTable = (region: Region, row: number): boolean =>
  row > region.top + 2 &&
  isBehindGap(region, row) &&
  filledIn(region, row) > 1 &&
  headingShare(region, row, saying) === 1;
