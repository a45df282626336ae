// Whether it is said near a table that the first option is the right one.
import type { Column, Sheet } from '../model';
import { columnIndex } from '../shared/cells';
import { bareWords } from '../shared/normalise';
import type { Region } from '../shared/table/region';
import { saysFirst, saysRightAnswer } from '../shared/vocabulary/key-words';
import { speaksOf } from '../shared/vocabulary/rule-words';

/** Shorter cells above the table say nothing about it. */
const MUCH_SAID = 8;

/** The first cell of some rows that says that the right option comes first. */
const saidIn = (rows: Sheet['rows']): string | undefined =>
  rows.flat().find((cell) => {
    const words = cell.length > MUCH_SAID ? bareWords(cell) : '';
    return saysFirst(words) && saysRightAnswer(words);
  });

/** A longer sheet explains no other. */
const MOST_ROWS = 60;
/** Whether a sheet holds sentences one below the other, and no table. */
const isRemarks = ({ rows, hidden }: Sheet): boolean =>
  !hidden && rows.length <= MOST_ROWS && rows.every((row) => row.filter(Boolean).length < 3);

/** A sentence or heading above the table, or on another of the `sheets`, that says that the right option comes first. */
export const toldFirst = (
  region: Region,
  first: number,
  sheets: readonly Sheet[],
): string | undefined =>
  saidIn(region.sheet.rows.slice(0, first)) ??
  sheets
    .filter((sheet) => sheet.name !== region.sheet.name && isRemarks(sheet))
    .map(({ rows }) => saidIn(rows))
    .find((said) => said !== undefined);

/** Whether the row that explains the headings calls the first option right and the others wrong. */
export function explainsFirst(region: Region, options: readonly Column[], first: number): boolean {
  const said = options.map(({ column }) => bareWords(region.cell(first - 1, columnIndex(column))));
  const [own = '', ...others] = said;
  return (
    others.length > 0 &&
    saysRightAnswer(own) &&
    !speaksOf('wrong', own) &&
    others.every((words) => speaksOf('wrong', words))
  );
}
