// The figures of single questions and of a test from the scores of learners.
import type { ItemFigures, OptionFigures, TestFigures } from '../model';
import { given } from './answers';
import {
  alphaOf,
  correlation,
  kr20,
  mean,
  pointBiserial,
  spreadOf,
  variance,
  wilson,
  type Spread,
} from './figures';
import type { Column } from './read';

/** Of the learners at either end so large a share is compared (Kelley 1939). */
const GROUP = 0.27;

const orNull = (value: number): number | null => (Number.isFinite(value) ? value : null);

type Groups = { upper: number[]; lower: number[] };

/** The upper and lower learners by their totals, ties in the order of the file. */
export function groupsOf(totals: readonly number[]): Groups {
  const size = Math.round(GROUP * totals.length);
  const order = totals.map((_, at) => at).sort((a, b) => totals[b]! - totals[a]! || a - b);
  return { upper: order.slice(0, size), lower: size ? order.slice(-size) : [] };
}

function share(places: readonly number[], holds: (at: number) => boolean): number {
  let held = 0;
  for (const at of places) {
    held += Number(holds(at));
  }
  return places.length ? held / places.length : 0;
}

/** How many learners chose each option, and how far their values together stand above the mean. */
function choosersOf(
  { chosen }: Column,
  options: number,
  values: { of: readonly number[]; mean: number },
): { members: number; above: number }[] {
  const choosers = Array.from({ length: options }, () => ({ members: 0, above: 0 }));
  for (let at = 0; at < chosen.length; at++) {
    const own = choosers[chosen[at] ?? -1];
    if (own) {
      own.members++;
      own.above += values.of[at]! - values.mean;
    }
  }
  return choosers;
}

function optionFigures(
  column: Column,
  { rests, spread }: { rests: readonly number[]; spread: Spread },
  { upper, lower }: Groups,
): OptionFigures[] | undefined {
  const options = column.item?.options;
  if (!options || column.chosen.every((place) => place === undefined)) {
    return undefined;
  }
  const answered = given(column.answers).length;
  const choosers = choosersOf(column, options.length, { of: rests, mean: spread.mean });
  return choosers.map((own, n) => {
    const is = (at: number): boolean => column.chosen[at] === n;
    return {
      n,
      chosen: own.members,
      share: answered ? own.members / answered : 0,
      upper: share(upper, is),
      lower: share(lower, is),
      correlation: orNull(pointBiserial(own, rests.length, spread)),
    };
  });
}

const sumOf = (values: readonly number[]): number => values.reduce((sum, value) => sum + value, 0);

/** What all questions share: the learners' totals, their upper and lower group, the variance of each question. */
export type Whole = { totals: readonly number[]; groups: Groups; variances: readonly number[] };

/** How the whole test did. */
export function testFigures(
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

/** The figures of one question, from its column and the totals of the rest. */
export function itemFigures(
  column: Column,
  { own, ownVariance }: { own: readonly number[]; ownVariance: number },
  { totals, groups, variances }: Whole,
): ItemFigures {
  const rests = totals.map((total, at) => total - own[at]!);
  const scored = column.scores.filter((score): score is number => score !== undefined);
  const right = sumOf(scored);
  const spread = spreadOf(rests);
  const options = optionFigures(column, { rests, spread }, groups);
  const isRight = (at: number): boolean => own[at]! > 0;
  return {
    ...(column.item ? { item: column.item.id } : {}),
    ref: column.ref,
    answered: scored.length,
    right,
    difficulty: scored.length ? right / scored.length : null,
    interval: wilson(right, scored.length),
    discrimination: orNull(correlation(own, rests, spread)),
    upperLower: groups.upper.length
      ? share(groups.upper, isRight) - share(groups.lower, isRight)
      : null,
    alphaWithout: orNull(
      alphaOf(
        variances.length - 1,
        sumOf(variances) - ownVariance,
        spread.squares / (rests.length - 1),
      ),
    ),
    ...(options ? { options } : {}),
  };
}
