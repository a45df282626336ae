// A setting for the whole file as its cell takes it.
import type { CellValue, FileSetting, Settings } from '../model';

const YES_NO = { yes: 'yes', no: 'no' };
const USES = { yes: 'scored', no: 'practice' };

/** The receiver's word for yes or no, or the number itself; undefined where nothing is set. */
export function settingCell(
  { setting, values }: FileSetting,
  settings: Settings | undefined,
): CellValue | undefined {
  const value = settings?.[setting];
  if (value === undefined || typeof value === 'number') {
    return value;
  }
  const words = values ?? (setting === 'use' ? USES : YES_NO);
  return value === true || value === 'scored' ? words.yes : words.no;
}
