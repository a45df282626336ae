// Which columns of a table stand under headings of one pattern: worded alike but for a number or letter, or counting up.
import { letterInLatin } from '../shared/vocabulary/alphabets';
import type { TableView } from './contract';
import { headingGroup, labelOf, withoutBrackets } from './heading-words';

/** Words without the letter that counts their heading, wherever it stands: 'answer c right' is 'answer right'. */
function withoutLetter(words: string, label: number | undefined): string {
  const letter = label === undefined ? '' : String.fromCharCode(96 + label);
  const parts = words.split(' ');
  return parts.length > 1 ? parts.filter((word) => word !== letter).join(' ') : words;
}

/** The name of the group that a column's heading belongs to: numbered alike, or word for word the same. */
function groupName({ heading, group }: TableView['columns'][number]): string {
  const label = labelOf(heading);
  const isNumbered = label !== undefined;
  const words = withoutLetter(headingGroup(heading), label);
  if (group && (!heading || heading === group)) {
    return `${group}|merged`;
  }
  if (!words) {
    return group && isNumbered ? `${group}|` : '';
  }
  return `${group}|${words}|${isNumbered}`;
}

/** A heading of a number or letter alone, or behind one or two letters that all of them have: 1., B), AA, X3. */
const BARE = /^\(?(\p{L}{0,2}?)([a-l]|\d{1,2}(?=\D*$))(?:[).:º°]|st|nd|rd|th|er|re|de|te|e)?$/iu;
/** So many headings that count up are of one kind; an option has a verdict and a feedback beside it at most. */
const FEWEST = 3;
const MOST_APART = 3;

type Counting = { before: string; n: number };

const follows = (value: Counting, last: Counting): boolean =>
  value.n === last.n + 1 && value.before === last.before;

/** Columns whose headings count up, side by side or with as many others between each two of them: A, right?, B, right?, C, right? */
function countingRuns(values: readonly (Counting | undefined)[]): number[][] {
  const runs: number[][] = [];
  for (const [at, value] of values.entries()) {
    const run = runs.at(-1) ?? [];
    const last = run.at(-1) ?? at;
    const apart = run.length > 1 ? last - run.at(-2)! : Math.min(at - last, MOST_APART);
    if (value && at > last && at - last === apart && follows(value, values[last]!)) {
      run.push(at);
    } else if (value) {
      runs.push([at]);
    }
  }
  return runs.filter(({ length }) => length >= FEWEST);
}

/** The names of the groups that columns belong to; headings that are letters or numbers alone and count up are one. */
export function groupNames({ columns }: TableView): string[] {
  const names = columns.map(groupName);
  const values = columns.map(({ heading }): Counting | undefined => {
    const own = withoutBrackets(heading).trim().toLowerCase();
    const [, before = '', bare] = BARE.exec(letterInLatin(own) ?? own) ?? [];
    if (bare === undefined) {
      return undefined;
    }
    return { before, n: /\d/.test(bare) ? Number(bare) : bare.charCodeAt(0) - 96 };
  });
  // A pattern of all columns, F1, F2, tells nothing of any of them.
  const isOfAll = values.every((one) => one?.before && one.before === values[0]?.before);
  for (const run of isOfAll ? [] : countingRuns(values)) {
    run.forEach((at) => {
      names[at] = `counting from ${run[0]!}`;
    });
  }
  return names;
}
