// What headings say is right: a column that is ticked where statements are true, and the one answer of several that is called right.
import { verdictOf } from '../shared/vocabulary/verdicts';
import { filledOf, isTicked, says, TICK } from './column-words';
import type { ColumnView, Meaning, TableView } from './contract';
import { headingGroup } from './heading-words';

/** Fewer rows show nothing. */
const LEAST_ROWS = 2;
const NAMED = 0.5;
const SAID = 0.8;

/** What answers in some other way than by a tick at what is true. */
const ANSWERED: readonly Meaning[] = [
  'option',
  'options',
  'key',
  'right',
  'wrong',
  'wrongs',
  'accepted',
];
/** What has been looked over is called so as well. */
const OK = /^o\.?k\.?\W*$/iu;

/** The only column that answers, called true or right, and ticked in some rows: statements are judged by it. */
export function tickedTruth({ columns, blank }: TableView): readonly ColumnView[] {
  const ticked = columns.filter(
    (column) =>
      isTicked(column, LEAST_ROWS) &&
      !OK.test(column.heading) &&
      (verdictOf(column.heading) === true || says(column, 'verdict') > SAID),
  );
  const answers = (column: ColumnView): boolean =>
    !ticked.includes(column) &&
    (says(column, ...ANSWERED) > NAMED ||
      (verdictOf(column.heading) === false && filledOf(column).every((text) => TICK.test(text))));
  const isAlone = ticked.length === 1 && !columns.some(answers);
  return isAlone && !blank ? ticked : [];
}

const IN_BRACKETS = /[([]([^()[\]]{2,20})[)\]]\s*$/u;

/** Columns called alike of which one alone is called right in brackets, 'Answer 1 (correct)': the others are wrong. */
export function rightInBrackets({ columns, blank }: TableView): readonly [ColumnView, Meaning][] {
  const marked = columns.filter(
    ({ heading }) => verdictOf(IN_BRACKETS.exec(heading)?.[1] ?? '') === true,
  );
  const [right] = marked;
  // A form says by it that the first option is the right one.
  if (!right || marked.length > 1 || blank) {
    return [];
  }
  const name = headingGroup(right.heading.replace(IN_BRACKETS, ''));
  const wrongs = columns.filter(
    (column) => column !== right && headingGroup(column.heading.replace(IN_BRACKETS, '')) === name,
  );
  return wrongs.length
    ? [[right, 'right'], ...wrongs.map((column) => [column, 'wrong'] as [ColumnView, Meaning])]
    : [];
}
