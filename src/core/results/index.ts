// Results: how hard each question was, how well it tells strong from weak, and what its wrong options drew.
import type {
  Finding,
  Item,
  ItemFigures,
  OptionFigures,
  Results,
  ResultsRead,
  TestFigures,
} from '../model';
import { count, quoted } from '../shared/plain';
import { readCounts } from './counts';
import { alphaOf, correlation, kr20, mean, variance, wilson } from './figures';
import { FEW_LEARNERS, findingsOf } from './findings';
import { Headings, isNumbered } from './headings';
import { areResults, readResults, type Column, type Read } from './read';

export { areResults };
export { simulatedSitting } from './trial';
export { figuresTable } from './table';

/** Of the learners at either end so large a share is compared (Kelley 1939). */
const GROUP = 0.27;

const orNull = (value: number): number | null => (Number.isFinite(value) ? value : null);

type Groups = { upper: number[]; lower: number[] };

/** The upper and lower learners by their totals, ties in the order of the file. */
function groupsOf(totals: readonly number[]): Groups {
  const size = Math.round(GROUP * totals.length);
  const order = totals.map((_, at) => at).sort((a, b) => totals[b]! - totals[a]! || a - b);
  return { upper: order.slice(0, size), lower: size ? order.slice(-size) : [] };
}

const share = (places: readonly number[], holds: (at: number) => boolean): number =>
  places.length ? places.filter(holds).length / places.length : 0;

function optionFigures(
  column: Column,
  rests: readonly number[],
  { upper, lower }: Groups,
): OptionFigures[] | undefined {
  const options = column.item?.options;
  if (!options || column.chosen.every((place) => place === undefined)) {
    return undefined;
  }
  const answered = column.answers.filter((answer) => answer.trim()).length;
  return options.map((_, n) => {
    const is = (at: number): boolean => column.chosen[at] === n;
    const chosen = column.chosen.filter((place) => place === n).length;
    return {
      n,
      chosen,
      share: answered ? chosen / answered : 0,
      upper: share(upper, is),
      lower: share(lower, is),
      correlation: orNull(
        correlation(
          column.chosen.map((place) => Number(place === n)),
          rests,
        ),
      ),
    };
  });
}

const sumOf = (values: readonly number[]): number => values.reduce((sum, value) => sum + value, 0);

/** What all questions share: the learners' totals, their upper and lower group, the variance of each question. */
type Whole = { totals: readonly number[]; groups: Groups; variances: readonly number[] };

/** How the whole test did. */
function testFigures(
  columns: readonly (readonly number[])[],
  { totals, variances }: Omit<Whole, 'groups'>,
): TestFigures {
  const whole = variance(totals);
  const sd = Math.sqrt(whole);
  const reliability = alphaOf(columns.length, sumOf(variances), whole);
  const isDichotomous = columns.every((column) =>
    column.every((score) => score === 0 || score === 1),
  );
  return {
    items: columns.length,
    learners: totals.length,
    mean: orNull(mean(totals)),
    sd: orNull(sd),
    alpha: orNull(reliability),
    kr20: isDichotomous ? orNull(kr20(columns, totals)) : null,
    sem: orNull(sd * Math.sqrt(1 - reliability)),
  };
}

const NO_TEST = testFigures([], { totals: [], variances: [] });

const NOTHING: Finding = {
  rule: 'results-empty',
  level: 'block',
  message:
    'No answers were found: give each learner a row and each question a column headed by its reference, title or text; or each question a row with how often it was answered and how often right.',
};

/** The figures of one question, from its column and the totals of the rest. */
function itemFigures(
  column: Column,
  { own, ownVariance }: { own: readonly number[]; ownVariance: number },
  { totals, groups, variances }: Whole,
): ItemFigures {
  const rests = totals.map((total, at) => total - own[at]!);
  const given = column.scores.filter((score): score is number => score !== undefined);
  const right = given.reduce((sum, score) => sum + score, 0);
  const options = optionFigures(column, rests, groups);
  const isRight = (at: number): boolean => own[at]! > 0;
  return {
    ...(column.item ? { item: column.item.id } : {}),
    ref: column.ref,
    answered: given.length,
    right,
    difficulty: given.length ? right / given.length : null,
    interval: wilson(right, given.length),
    discrimination: orNull(correlation(own, rests)),
    upperLower: groups.upper.length
      ? share(groups.upper, isRight) - share(groups.lower, isRight)
      : null,
    alphaWithout: orNull(
      alphaOf(variances.length - 1, sumOf(variances) - ownVariance, variance(rests)),
    ),
    ...(options ? { options } : {}),
  };
}

const fewLearners = (learners: number): Finding[] =>
  learners < FEW_LEARNERS
    ? [
        {
          rule: 'results-few',
          level: 'note',
          message: `Of ${count(learners, 'learner')} the figures say little: they swing widely with each one more.`,
        },
      ]
    : [];

/** How a learner did at a question, in one sign. */
function markOf(score: number | undefined): string {
  if (score === undefined) {
    return '-';
  }
  const partly = score > 0 ? '~' : '0';
  return score >= 1 ? '1' : partly;
}

function fromAnswers({ learners, columns, findings }: Read): ResultsRead {
  // Who did not answer did not get it right.
  const scores = columns.map((column) => column.scores.map((score) => score ?? 0));
  const totals = learners.map((_, at) => scores.reduce((sum, column) => sum + column[at]!, 0));
  const groups = groupsOf(totals);
  const whole = { totals, groups, variances: scores.map(variance) };
  const items = columns.map((column, index) =>
    itemFigures(column, { own: scores[index]!, ownVariance: whole.variances[index]! }, whole),
  );
  const said = items.flatMap((one, index) => findingsOf(one, columns[index]!.item));
  return {
    results: {
      learners: learners.length,
      items,
      test: testFigures(scores, whole),
      findings: [...findings, ...fewLearners(learners.length), ...said],
    },
    learners,
    marks: columns.map((column) => column.scores.map(markOf).join('')),
  };
}

function fromCounts(
  { items, without }: { items: ItemFigures[]; without: string[] },
  known: ReadonlyMap<string, Item>,
): ResultsRead {
  const learners = Math.max(0, ...items.map(({ answered }) => answered));
  const lost: Finding[] = without.length
    ? [
        {
          rule: 'results-row-unread',
          level: 'warn',
          message: `${count(without.length, 'row')} said neither how often a question was answered nor how often right: ${without
            .slice(0, 4)
            .map((name) => quoted(name || 'no name', 30))
            .join(', ')}.`,
        },
      ]
    : [];
  const said = items.flatMap((one) => findingsOf(one, one.item ? known.get(one.item) : undefined));
  const test = { ...NO_TEST, items: items.length, learners };
  return {
    results: { learners, items, test, findings: [...lost, ...fewLearners(learners), ...said] },
    learners: [],
    marks: [],
  };
}

/**
 * What a file of results says: figures, and who answered how.
 * @param rows its cells as text: a learner a row and a question a column below headings, or a question a row with counts
 * @param items the questions that it may be about
 * @param order the questions of the set that was sat, in order, for columns that are only numbered
 */
export function readSitting(
  rows: readonly (readonly string[])[],
  items: readonly Item[],
  order: readonly Item[] = [],
): ResultsRead {
  const counts = readCounts(rows, new Headings(items, order));
  if (counts?.items.length) {
    return fromCounts(counts, new Map(items.map((item) => [item.id, item])));
  }
  const read = readResults(rows, items, order);
  if (read.columns.length && read.learners.length) {
    return fromAnswers(read);
  }
  const results = {
    learners: read.learners.length,
    items: [],
    test: NO_TEST,
    findings: [...read.findings, NOTHING],
  };
  return { results, learners: [], marks: [] };
}

/** How many columns are only numbered, so that a set's order has to say what they are about. */
export const numberedColumns = (rows: readonly (readonly string[])[]): number =>
  Math.max(0, ...rows.slice(0, 3).map((row) => row.filter(isNumbered).length));

/** The figures of a file of results alone. */
export const figuresOf = (rows: readonly (readonly string[])[], items: readonly Item[]): Results =>
  readSitting(rows, items).results;
