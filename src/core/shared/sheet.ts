// A sheet from what is known of it.
import type { Layout, Sheet, Table } from '../model';

/** A sheet whose rows are laid out anew; what belongs to cells of the old rows is gone, and `lines` say where each row begins there. */
export const laidOutAnew = (
  sheet: Sheet,
  { rows, lines }: Required<Pick<Sheet, 'rows' | 'lines'>>,
): Sheet => ({
  ...sheet,
  rows,
  lines,
  merges: [],
  rich: {},
  dates: [],
  formulas: [],
});

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

/** The sheet that a layout's questions stand on: that of its name, else the first. */
export const sheetOfLayout = ({ sheets }: Table, { file }: Layout): Sheet | undefined =>
  sheets.find(({ name }) => name === file.sheet) ?? sheets[0];
