// A range of a sheet as part of the table that it was taken from.
import { regionOf, type Region } from '../shared/table/region';
import { SURE, understandHeadings } from '../understanding';

/**
 * The table that a range's rows are part of: where its headings stand above the range, they and all rows below them tell what
 * the columns are. The range itself where it has headings of its own, or where none stand above.
 */
export function tableAround(range: Region): Region {
  const own = range.top > 0 ? understandHeadings(range) : undefined;
  if (!own || (own.row !== null && own.p >= SURE)) {
    return range;
  }
  const whole: Region = { ...range, top: 0, bottom: regionOf(range.sheet).bottom };
  const { row, p } = understandHeadings(whole);
  return row !== null && row < range.top && p >= SURE ? { ...whole, top: row } : range;
}
