// What columns show only together: two that are ticked in turn, a right answer that stands in none of the choices, places in order.
import { verdictOf, verdictPair } from '../shared/vocabulary/verdicts';
import { filledOf, isRepeated, says, TICK } from './column-words';
import type { ColumnView, Meaning, TableView } from './contract';
import { feedbackPair } from './feedback-pair';
import { filledForKind } from './filled-for-kind';
import { countedSides } from './heading-groups';
import { keyOfLists } from './key-of-lists';
import { findMarks } from './keys/marks';
import { readingsOf } from './keys/named';
import { rightInBrackets, tickedTruth } from './said-in-headings';
import { tickedBesideKey } from './ticked-tags';
import { listedBesideOptions } from './listed-beside';
import { namedSides } from './named-sides';
import { rowsUnder, toldTwice } from './told-twice';
import { tickHeaded } from './tick-headed';
import { ticksInSteps, verdictsInSteps } from './verdict-steps';
import { rowsIn } from './witness';

/** Fewer rows show nothing. */
const LEAST_ROWS = 2;
const MOSTLY = 0.8;
const NAMED = 0.5;
const SAID = 0.8;

const namesPair = (a: ColumnView, b: ColumnView): boolean =>
  a.heading !== '' && verdictPair([a.heading, b.heading]) !== undefined;

/**
 * Whether two columns are ticked for true and for false: their headings are a pair of such words, or nothing but they answers
 * and each row has its sign in one of them.
 */
function areTickedPair(view: TableView, a: ColumnView, b: ColumnView): boolean {
  const isSign = (text: string): boolean => !text || TICK.test(text) || VERDICT_SIGN.test(text);
  const [own, other] = [a.texts, b.texts];
  if (![...own, ...other].every(isSign)) {
    return false;
  }
  const isPair = namesPair(a, b);
  if (!own.some(Boolean) || !other.some(Boolean)) {
    // A form shows one sample at most, and ticks one of the two there or in its lists.
    return view.blank && isPair && (isTickedOnce(a) || isTickedOnce(b));
  }
  const told = own.filter((text, row) => Boolean(text) !== Boolean(other[row]));
  return (isPair || answerAlone(view, a, b)) && told.length >= own.length * (isPair ? MOSTLY : 1);
}

const isTickedOnce = (column: ColumnView): boolean =>
  filledOf(column).length > 0 || column.list?.every((text) => TICK.test(text)) === true;

/** Whether nothing in a table of several rows answers but two headed columns. */
const answerAlone = ({ columns }: TableView, a: ColumnView, b: ColumnView): boolean =>
  a.texts.length > LEAST_ROWS &&
  a.heading !== '' &&
  b.heading !== '' &&
  !columns.some((column) => says(column, 'option', 'options', 'key', 'right') > NAMED);

const VERDICT_SIGN = /^(?:☑|✔|✅|•|o|O|ja|yes|1)$/u;

/** The two columns of a table that are ticked for true and for false; none where there are no such two. */
function tickedPair(view: TableView): readonly ColumnView[] {
  for (const [at, column] of view.columns.entries()) {
    const next = view.columns[at + 1];
    if (next && areTickedPair(view, column, next)) {
      return [column, next];
    }
  }
  return [];
}

/** Fewer columns are two that say true and false. */
const FEWEST_TICKED = 3;

/**
 * Columns side by side that are ticked and hold nothing else, each row in one of them at least, where nothing else answers: their
 * headings are what a row is to be put under.
 */
function tickedRun(view: TableView): readonly ColumnView[] {
  const isTicked = (column: ColumnView): boolean =>
    column.heading !== '' &&
    column.texts.some(Boolean) &&
    column.texts.every((text) => !text || TICK.test(text));
  const runs: ColumnView[][] = [[]];
  for (const column of view.columns) {
    if (isTicked(column)) {
      runs.at(-1)!.push(column);
    } else if (runs.at(-1)!.length) {
      runs.push([]);
    }
  }
  const run = runs.find(({ length }) => length >= FEWEST_TICKED) ?? [];
  const isWhole = rowsIn(run, view.rows).every((texts) => texts.some(Boolean));
  const isOther = view.columns.some(
    (column) =>
      !run.includes(column) &&
      says(column, 'option', 'options', 'key', 'right', 'accepted', 'verdict') > NAMED,
  );
  return !view.blank && view.rows > LEAST_ROWS && isWhole && !isOther ? run : [];
}

/** Letters and numbers name a place; longer texts must stand among the options. */
const isWording = (text: string): boolean =>
  /\p{L}{2}|\p{L}\s|\d{3}/u.test(text) && verdictOf(text) === undefined;
const NEVER = 0.1;

/**
 * The right answer beside the wrong ones, though the headings speak of options: its texts stand in none of the cells that are
 * to be chosen from, row after row.
 */
function rightBesideOptions(
  view: TableView,
): { right: ColumnView; wrongs: readonly ColumnView[] } | undefined {
  const telling = view.columns.filter((column) => says(column, 'key', 'right') > SAID);
  const right = telling.length === 1 && !isRepeated(telling[0]!) ? telling[0] : undefined;
  const wrongs = view.columns.filter((column) => says(column, 'option', 'wrong') > SAID);
  if (!right || wrongs.length < 2 || view.rows < LEAST_ROWS) {
    return undefined;
  }
  const rows = rowsUnder(right, wrongs);
  const areTexts = rows.filter(({ key }) => isWording(key)).length >= rows.length * MOSTLY;
  const named = Math.max(
    0,
    ...readingsOf(
      rows,
      wrongs.map(({ heading }) => heading),
    ).map(({ share: one }) => one),
  );
  return rows.length >= LEAST_ROWS && areTexts && named <= NEVER ? { right, wrongs } : undefined;
}

const PLACE_HEADING = /^\d{1,2}(?:st|nd|rd|th|er|[èe]re|[èe]me|e|re|de|te|[ºª°])$/iu;
const FEWEST_PLACES = 3;

/** The columns headed by places and nothing else, 1st, 2nd, 3rd, where none of the others tells a right one: steps in order. */
function countedPlaces({ columns, rows }: TableView): readonly ColumnView[] {
  const placed = columns.filter(({ heading }) => PLACE_HEADING.test(heading.trim()));
  const isTold = columns.some((column) => says(column, 'key', 'right', 'verdict') > NAMED);
  const isMarked = findMarks(rowsIn(placed, rows)) !== undefined;
  return placed.length >= FEWEST_PLACES && !isTold && !isMarked ? placed : [];
}

const WHOLE = /^\d{1,4}\.?$/u;
const FEWEST_COUNTED = 4;

/**
 * A first column without a heading that counts the rows, from the start or anew in each part: the numbers of the questions. The
 * rows must count behind their first one at least as often as they begin anew.
 */
function counted({ columns }: TableView): readonly ColumnView[] {
  const [first] = columns;
  const numbers = first?.texts.map((text) => (WHOLE.test(text) ? Number.parseInt(text, 10) : NaN));
  if (!first || first.heading !== '' || !numbers || numbers.length < FEWEST_COUNTED) {
    return [];
  }
  const anew = numbers.filter((number) => number === 1).length;
  const goOn = numbers.filter((number, row) => number === (numbers[row - 1] ?? NaN) + 1).length;
  return numbers[0] === 1 && anew + goOn === numbers.length && goOn >= anew ? [first] : [];
}

/** The columns of a table whose meaning shows by the others', with what each is. */
export function shownTogether(view: TableView): ReadonlyMap<ColumnView, Meaning> {
  const beside = rightBesideOptions(view);
  const named = tickedBesideKey(view);
  const listed = keyOfLists(view);
  const twice = toldTwice(view);
  const sides = countedSides(view);
  const sidesNamed = namedSides(view);
  const at = (places: readonly number[]): ColumnView[] =>
    places.map((place) => view.columns[place]!);
  const all = (columns: readonly ColumnView[], meaning: Meaning): [ColumnView, Meaning][] =>
    columns.map((column) => [column, meaning]);
  return new Map([
    ...(named ? [...all(named.ticked, named.as), ...all([named.key], 'key')] : []),
    ...all(tickedTruth(view), 'verdict'),
    ...all(tickedPair(view), 'verdict'),
    ...all(tickedRun(view), 'verdict'),
    ...all(tickHeaded(view), 'verdict'),
    ...all(verdictsInSteps(view), 'verdict'),
    ...all(ticksInSteps(view), 'verdict'),
    ...(sides ? [...all(at(sides.left), 'left'), ...all(at(sides.right), 'right-side')] : []),
    ...(sidesNamed ?? []),
    ...rightInBrackets(view),
    ...filledForKind(view),
    ...feedbackPair(view),
    ...listedBesideOptions(view),
    ...all(countedPlaces(view), 'step'),
    ...all(counted(view), 'number-in-file'),
    ...(listed ? [...all([listed.key], 'key'), ...all([listed.list], 'options')] : []),
    ...(twice ? [...all([twice.key], 'key'), ...all([twice.text], 'accepted')] : []),
    ...(beside ? [...all([beside.right], 'right'), ...all(beside.wrongs, 'wrong')] : []),
  ]);
}
