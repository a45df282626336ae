// Options with a mark for each: a tick, or a word for right or wrong, beside it or behind all of them.
import type { Region } from '../../shared/table/region';
import { verdictOf } from '../../shared/vocabulary/verdicts';
import { DECODES, isText, rowsOf, setRole, type Rows, type Silent } from './rows';

/** Options, each with a column that says whether it is right, by their places among the columns. */
type Marked = { options: number[]; marks: number[] };

/** Whether a column says right or wrong, or holds ticks; one that is empty may be of an option that is never right. */
const saysRight = ({ role, profile, heading }: Silent): boolean =>
  (role === 'ignore' || role === 'pick') &&
  (profile.filled > 0 ? profile.verdicts > MOSTLY || profile.ticks > MOSTLY : heading !== '');
/** Nearly all cells of a column. */
const MOSTLY = 0.9;

const isOpenText = (draft: Silent): boolean => draft.role === 'ignore' && isText(draft);

/** An option, its mark, an option, its mark … */
function alternating(drafts: readonly Silent[], from: number): Marked {
  const found: Marked = { options: [], marks: [] };
  for (let at = from; at + 1 < drafts.length; at += 2) {
    if (!isOpenText(drafts[at]!) || !saysRight(drafts[at + 1]!)) {
      break;
    }
    found.options.push(at);
    found.marks.push(at + 1);
  }
  return found;
}

/** Options one beside the other, and as many marks behind them. */
function inBlocks(drafts: readonly Silent[], from: number): Marked {
  let to = from;
  while (to < drafts.length && isOpenText(drafts[to]!)) {
    to++;
  }
  const size = to - from;
  const marks = Array.from({ length: size }, (_, index) => to + index);
  const isWhole = marks.every((at) => drafts[at] !== undefined && saysRight(drafts[at]));
  return isWhole ? { options: marks.map((at) => at - size), marks } : { options: [], marks: [] };
}

/** Whether a cell says that its option is right. */
const isMarked = (text: string): boolean => text !== '' && verdictOf(text) !== false;

/** In how many of the rows some, and not all, options are marked. */
function tells(rows: Rows, { options, marks }: Marked): number {
  const telling = rows.filter((row) => {
    const there = options.filter((at) => row[at]).length;
    const right = marks.filter((at) => isMarked(row[at] ?? '')).length;
    return right > 0 && right < there;
  });
  return telling.length / Math.max(1, rows.length);
}

/** Options with a mark for each, where the rows bear it out; gives whether there were such. */
export function readMarked(region: Region, first: number, drafts: readonly Silent[]): boolean {
  const found = drafts
    .flatMap((_, from) => [alternating(drafts, from), inBlocks(drafts, from)])
    .filter(({ options }) => options.length > 1)
    .sort((a, b) => b.options.length - a.options.length)[0];
  if (!found || tells(rowsOf(region, first, drafts), found) < DECODES) {
    return false;
  }
  found.options.forEach((at, index) => {
    setRole(drafts[at]!, 'option', 'a column beside it says right or wrong', true);
    setRole(drafts[found.marks[index]!]!, 'verdict', 'its cells say right or wrong', true);
  });
  return true;
}
