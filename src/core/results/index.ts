// Results: how hard each question was, how well it tells strong from weak, and what its wrong options drew.
import type { Finding, Item } from '../model';
import { count } from '../shared/plain';
import { alpha, correlation, kr20, mean, variance, wilson } from './figures';
import { FEW_LEARNERS, findingsOf } from './findings';
import { readResults, type Column } from './read';
import type { ItemFigures, OptionFigures, Results, TestFigures } from './types';

/** Of the learners at either end so large a share is compared (Kelley 1939). */
const GROUP = 0.27;

const orNull = (value: number): number | null => (Number.isFinite(value) ? value : null);

/** The upper and lower learners by their totals, ties in the order of the file. */
function groupsOf(totals: readonly number[]): { upper: number[]; lower: number[] } {
  const size = Math.round(GROUP * totals.length);
  const order = totals.map((_, at) => at).sort((a, b) => totals[b]! - totals[a]! || a - b);
  return { upper: order.slice(0, size), lower: size ? order.slice(-size) : [] };
}

const share = (places: readonly number[], holds: (at: number) => boolean): number =>
  places.length ? places.filter(holds).length / places.length : 0;

function optionFigures(
  column: Column,
  rests: readonly number[],
  { upper, lower }: ReturnType<typeof groupsOf>,
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

/** How the whole test did, and the findings that hold for all. */
function testFigures(
  columns: readonly (readonly number[])[],
  totals: readonly number[],
): TestFigures {
  const sd = Math.sqrt(variance(totals));
  const reliability = alpha(columns, totals);
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

/**
 * The figures of a file of results.
 * @param rows its cells as text, headings first: a learner a row, a question a column
 * @param items the questions that the columns may be about
 */
export function figuresOf(rows: readonly (readonly string[])[], items: readonly Item[]): Results {
  const { learners, columns, findings } = readResults(rows, items);
  if (!columns.length || !learners.length) {
    const message =
      'No answers were found: give each learner a row and each question a column headed by its reference, title or text.';
    const none: Finding = { rule: 'results-empty', level: 'block', message };
    return {
      learners: learners.length,
      items: [],
      test: testFigures([], []),
      findings: [...findings, none],
    };
  }
  // Who did not answer did not get it right.
  const scores = columns.map((column) => column.scores.map((score) => score ?? 0));
  const totals = learners.map((_, at) => scores.reduce((sum, column) => sum + column[at]!, 0));
  const groups = groupsOf(totals);
  const figures = columns.map((column, index): ItemFigures => {
    const own = scores[index]!;
    const rests = totals.map((total, at) => total - own[at]!);
    const given = column.scores.filter((score): score is number => score !== undefined);
    const right = given.reduce((sum, score) => sum + score, 0);
    const others = scores.filter((_, at) => at !== index);
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
      alphaWithout: orNull(alpha(others, rests)),
      ...(options ? { options } : {}),
    };
  });
  const said = figures.flatMap((one, index) => findingsOf(one, columns[index]!));
  const few: Finding[] =
    learners.length < FEW_LEARNERS
      ? [
          {
            rule: 'results-few',
            level: 'note',
            message: `Of ${count(learners.length, 'learner')} the figures say little: they swing widely with each one more.`,
          },
        ]
      : [];
  return {
    learners: learners.length,
    items: figures,
    test: testFigures(scores, totals),
    findings: [...findings, ...few, ...said],
  };
}

export type { Results };
