// Whether it is said near a table that the first option is the right one.
import type { Column } from '../model';
import { columnIndex } from '../shared/cells';
import { bareWords } from '../shared/normalise';
import type { Region } from '../shared/table/region';
import { saysFirst, saysRightAnswer } from '../shared/vocabulary/key-words';
import { speaksOf } from '../shared/vocabulary/rule-words';

/** Shorter cells above the table say nothing about it. */
const MUCH_SAID = 8;

/** A sentence or heading near the table that says that the right option comes first. */
export function toldFirst(region: Region, first: number): string | undefined {
  for (let r = 0; r < first; r++) {
    for (const cell of region.sheet.rows[r] ?? []) {
      const words = cell.length > MUCH_SAID ? bareWords(cell) : '';
      if (saysFirst(words) && saysRightAnswer(words)) {
        return cell;
      }
    }
  }
  return undefined;
}

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
