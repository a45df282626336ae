// Results: how hard each question was, how well it tells strong from weak, and what its wrong options drew.
import type { Finding, Item, ItemFigures, Results, ResultsRead } from '../model';
import { quoted } from '../shared/plain';
import { readCounts } from './counts';
import { variance } from './figures';
import { FEW_LEARNERS, findingsOf } from './findings';
import { Headings, isNumbered } from './headings';
import { groupsOf, itemFigures, testFigures } from './of-scores';
import { areResults, readResults, type Read } from './read';
import { say } from '../shared/say';

export { areResults };
export { simulatedSitting } from './trial';
export { figuresTable } from './table';

const NO_TEST = testFigures([], { totals: [], variances: [] });

const nothing = (): Finding => ({
  rule: 'results-empty',
  level: 'block',
  message: say(
    'No answers were found: give each learner a row and each question a column headed by its reference, title or text; or each question a row with how often it was answered and how often right.',
  ),
});

const fewLearners = (learners: number): Finding[] =>
  learners < FEW_LEARNERS
    ? [
        {
          rule: 'results-few',
          level: 'note',
          message: say(
            'Of {learners, plural, one {# learner} other {# learners}} the figures say little: they swing widely with each one more.',
            { learners },
          ),
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
  const totals = learners.map(() => 0);
  for (const column of scores) {
    column.forEach((score, at) => (totals[at]! += score));
  }
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
          message: say(
            '{without, plural, one {# row} other {# rows}} said neither how often a question was answered nor how often right: {names}.',
            {
              without: without.length,
              names: without
                .slice(0, 4)
                .map((name) => quoted(name || say('no name'), 30))
                .join(', '),
            },
          ),
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
    findings: [...read.findings, nothing()],
  };
  return { results, learners: [], marks: [] };
}

/** How many columns are only numbered, so that a set's order has to say what they are about. */
export const numberedColumns = (rows: readonly (readonly string[])[]): number =>
  Math.max(0, ...rows.slice(0, 3).map((row) => row.filter(isNumbered).length));

/** The figures of a file of results alone. */
export const figuresOf = (rows: readonly (readonly string[])[], items: readonly Item[]): Results =>
  readSitting(rows, items).results;
