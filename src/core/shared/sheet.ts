// A sheet from what is known of it.
import type { Sheet } from '../model';

/** A sheet with these rows; what is not said of it is as on a sheet of plain cells. */
export const sheetWith = (known: Pick<Sheet, 'name' | 'rows'> & Partial<Sheet>): Sheet => ({
  hidden: false,
  merges: [],
  validations: [],
  comments: [],
  formulas: [],
  dates: [],
  isProtected: false,
  ...known,
});
