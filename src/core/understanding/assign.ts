// From what each column may be to what each is: the likeliest reading in which no two columns claim what only one can be.
import type { Role } from '../model';
import { MEANINGS, roleOfMeaning, type Likely, type Meaning, type TableView } from './contract';
import { labelOf } from './heading-words';

/** A table has one of each of these at most. */
export const ONE: ReadonlySet<Role> = new Set<Role>([
  'number-in-file',
  'ref',
  'kind',
  'title',
  'stem',
  'options',
  'key',
  'right',
  'wrongs',
  'value',
  'tolerance',
  'unit',
  'points',
  'seconds',
  'attempts',
  'image',
  'image-alt',
  'shuffle',
  'across',
  'use',
  'lines',
  'endings',
  'by',
  'at',
  'pick',
]);

export type Assigned = { meaning: Meaning; p: number; others: Likely[] };

const ranked = (p: readonly number[]): Likely[] =>
  MEANINGS.map((meaning, index) => ({ meaning, p: p[index]! })).sort((a, b) => b.p - a.p);

/** A column taken for something else, with what it was thought to be kept at hand. */
export const takenFor = (one: Assigned, meaning: Meaning, p: number): Assigned => ({
  meaning,
  p,
  others: [{ meaning: one.meaning, p: one.p }, ...one.others],
});

/** How many other meanings of a column are kept at hand. */
const KEPT = 3;

/** The meaning of each column; `said` columns keep theirs whatever else claims it. */
export function assign(
  meanings: readonly (readonly number[])[],
  said: ReadonlyMap<number, Meaning>,
): Assigned[] {
  const lists = meanings.map(ranked);
  const chosen: (Likely | undefined)[] = lists.map(() => undefined);
  const taken = new Set<Role>();
  const take = (column: number, likely: Likely): void => {
    chosen[column] = likely;
    const role = roleOfMeaning(likely.meaning);
    if (ONE.has(role)) {
      taken.add(role);
    }
  };
  for (const [column, meaning] of said) {
    take(column, { meaning, p: 1 });
  }
  // The surest column chooses first; who comes later takes what is left.
  const order = lists.map((_, column) => column).sort((a, b) => lists[b]![0]!.p - lists[a]![0]!.p);
  for (const column of order) {
    if (!chosen[column]) {
      take(
        column,
        lists[column]!.find(({ meaning }) => !taken.has(roleOfMeaning(meaning))) ??
          lists[column]![0]!,
      );
    }
  }
  return chosen.map((likely, column) => ({
    meaning: likely!.meaning,
    p: likely!.p,
    others: lists[column]!.filter(({ meaning }) => meaning !== likely!.meaning).slice(0, KEPT),
  }));
}

const NUMBERED: ReadonlySet<Meaning> = new Set<Meaning>([
  'option',
  'verdict',
  'weight',
  'feedback',
  'wrong',
  'pair',
  'left',
  'right-side',
  'step',
  'accepted',
]);

/** What is said of an option stands behind it. */
const BEHIND_OPTIONS: ReadonlySet<Meaning> = new Set<Meaning>(['verdict', 'weight', 'feedback']);

/** The options that columns stand behind, each behind another one, by their place in the table; undefined of columns that do not. */
function optionsBefore(meanings: readonly Meaning[], own: readonly number[]): number[] | undefined {
  const before = own.map((column) => meanings.slice(0, column).lastIndexOf('option'));
  const areApart = before.every((at) => at >= 0) && new Set(before).size === own.length;
  return areApart ? before : undefined;
}

/**
 * The place of each numbered column, from 1: by the numbers of its headings where they are told apart, as the option that it stands
 * behind, else in order.
 */
export function placesOf(view: TableView, meanings: readonly Meaning[]): (number | undefined)[] {
  const places: (number | undefined)[] = meanings.map(() => undefined);
  for (const meaning of NUMBERED) {
    const own = meanings.flatMap((one, column) => (one === meaning ? [column] : []));
    const labels = own.map((column) => labelOf(view.columns[column]!.heading));
    const least = Math.min(...labels.map((label) => label ?? Infinity));
    const inOrder = labels.every((label, index) => label !== undefined && label - least === index);
    const clear =
      inOrder ||
      (labels.every((label) => label !== undefined && label <= own.length + 2) &&
        new Set(labels).size === own.length);
    const before = clear || !BEHIND_OPTIONS.has(meaning) ? undefined : optionsBefore(meanings, own);
    own.forEach((column, index) => {
      const inTurn = before ? places[before[index]!]! : index + 1;
      places[column] = clear ? labels[index]! - (least === 0 ? -1 : 0) : inTurn;
    });
  }
  return places;
}
