// Which columns of a table stand under headings of one pattern: worded alike but for a number or letter, or counting up.
import { letterInLatin } from '../shared/vocabulary/alphabets';
import type { TableView } from './contract';
import { headingGroup, labelOf, withoutBrackets } from './heading-words';
import { letterPlace } from '../shared/plain';

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
const BARE =
  /^\(?(\p{L}{0,2}?)(?:([a-l])[).:]?|(\d{1,2})(?:[).:º°]|st|nd|rd|th|er|re|de|te|e)?)$/iu;
/** So many headings that count up are of one kind; an option has a verdict and a feedback beside it at most. */
const FEWEST = 3;
const MOST_APART = 3;

type Counting = { before: string; n: number };

const follows = (value: Counting, last: Counting): boolean =>
  value.n === last.n + 1 && value.before === last.before;

/** Columns whose headings count up, side by side or with as many others between each two of them: A, right?, B, right?, C, right? */
function countingRuns(values: readonly (Counting | undefined)[]): number[][] {
  const runs: number[][] = [];
  const goesOn = (run: readonly number[], at: number): boolean => {
    const last = run.at(-1)!;
    const apart = run.length > 1 ? last - run.at(-2)! : Math.min(at - last, MOST_APART);
    return at - last === apart && follows(values[at]!, values[last]!);
  };
  for (const at of values.keys()) {
    const run = values[at] && runs.find((one) => goesOn(one, at));
    if (run) {
      run.push(at);
    } else if (values[at]) {
      runs.push([at]);
    }
  }
  return runs.filter(({ length }) => length >= FEWEST);
}

/** What the headings of columns count, where they are numbers or letters and nothing else. */
function countings({ columns }: TableView): (Counting | undefined)[] {
  return columns.map(({ heading }) => {
    const own = withoutBrackets(heading).trim().toLowerCase();
    const [, before = '', letter, number] = BARE.exec(letterInLatin(own) ?? own) ?? [];
    const bare = letter ?? number;
    if (bare === undefined) {
      return undefined;
    }
    return { before, n: letter ? letterPlace(bare) + 1 : Number(bare) };
  });
}

/** Groups of columns whose headings are letters or numbers alone and count up. */
export function countedGroups(view: TableView): number[][] {
  const values = countings(view);
  // A pattern of all columns, F1, F2, tells nothing of any of them.
  const isOfAll = values.every((one) => one?.before && one.before === values[0]?.before);
  return isOfAll ? [] : countingRuns(values);
}

/**
 * Columns of one wording whose letter does not count with the others': it is the first of a word, as in 'R. answer' and twice
 * 'W. answer'. None where all go up.
 */
function outOfCount(group: readonly number[], labels: readonly (number | undefined)[]): number[] {
  const isUp = (at: number, index: number): boolean =>
    index === 0 || labels[at]! > labels[group[index - 1]!]!;
  if (group.every(isUp)) {
    return [];
  }
  const runs = group.map((first, index) => {
    const run = [first];
    group.slice(index + 1).forEach((at) => labels[at] === labels[run.at(-1)!]! + 1 && run.push(at));
    return run;
  });
  const longest = runs.reduce((best, run) => (run.length > best.length ? run : best), []);
  return group.filter((at) => longest.length < 2 || !longest.includes(at));
}

/** The names of the groups that columns belong to; headings that are letters or numbers alone and count up are one. */
export function groupNames(view: TableView): string[] {
  const names = view.columns.map(groupName);
  const labels = view.columns.map(({ heading }) => labelOf(heading));
  for (const name of new Set(names)) {
    const group = [...names.keys()].filter((at) => names[at] === name && labels[at] !== undefined);
    for (const at of outOfCount(group, labels)) {
      names[at] = `${name}|${view.columns[at]!.heading}`;
    }
  }
  for (const run of countedGroups(view)) {
    run.forEach((at) => {
      names[at] = `counting from ${run[0]!}`;
    });
  }
  return names;
}

/** Letters in front of what counts that stand for left and right, a pair for each language; from memory. */
const SIDES: ReadonlySet<string> = new Set(['lr', 'gd', 'id', 'sd', 'ed', 'lp', 'vh']);

/** The columns for the left and the right sides of pairs, whose headings count them in turn: LA, RA, LB, RB. */
export function countedSides(view: TableView): { left: number[]; right: number[] } | undefined {
  const values = countings(view);
  const groups = countedGroups(view);
  for (const left of groups) {
    const right = groups.find(
      (other) =>
        other.length === left.length &&
        other.every((at, index) => at === left[index]! + 1) &&
        SIDES.has(values[left[0]!]!.before + values[other[0]!]!.before),
    );
    if (right) {
      return { left, right };
    }
  }
  return undefined;
}
