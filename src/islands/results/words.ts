// Figures as the page writes them.
import type { ItemFigures, TestFigures } from '../../core/model';
import { percent } from '../../core/shared/plain';
import { i18n } from '../../languages';

export const DASH = '–';
const DECIMALS = 2;

export const figure = (value: number | null, decimals = DECIMALS): string =>
  value === null ? DASH : value.toFixed(decimals).replace('-', '−');
export const shareWords = (share: number | null): string =>
  share === null ? DASH : percent(share);

/** The figures of the whole, each with what it says. */
export function testFacts(test: TestFigures): { name: string; value: string; help: string }[] {
  return [
    { name: 'mean', value: figure(test.mean), help: i18n._('points a learner got, on average') },
    {
      name: i18n._('spread'),
      value: figure(test.sd),
      help: i18n._('the sample’s standard deviation of the points'),
    },
    {
      name: i18n._('alpha'),
      value: figure(test.alpha),
      help: i18n._(
        'Cronbach’s alpha: how well the questions hang together; from 0.7 on a group can be judged, from 0.9 on a single learner (common practice)',
      ),
    },
    {
      name: 'KR-20',
      value: figure(test.kr20),
      help: i18n._('Kuder and Richardson’s formula 20, where all points are 0 or 1'),
    },
    {
      name: 'SEM',
      value: figure(test.sem),
      help: i18n._('standard error of measurement: how far a learner’s points may be off'),
    },
  ];
}

/** By which figure the table is put in order. */
export type SortBy =
  'ref' | 'answered' | 'difficulty' | 'discrimination' | 'upperLower' | 'alphaWithout';

/** Questions in order of a figure; those that have none come last. */
export function inOrder(items: readonly ItemFigures[], by: SortBy, isDown: boolean): ItemFigures[] {
  const collator = new Intl.Collator('en-GB', { numeric: true });
  const sign = isDown ? -1 : 1;
  return [...items].sort((a, b) => {
    if (by === 'ref') {
      return collator.compare(a.ref, b.ref) * sign;
    }
    const [left, right] = [a[by], b[by]];
    if (left === null || right === null) {
      return Number(left === null) - Number(right === null);
    }
    return (left - right) * sign;
  });
}

/** How many learners got how many questions right, from the signs kept of each. */
export function pointsOfLearners(marks: readonly string[], learners: number): number[] {
  const totals = Array.from({ length: learners }, () => 0);
  for (const column of marks) {
    for (let at = 0; at < learners; at++) {
      totals[at]! += column[at] === '1' ? 1 : 0;
    }
  }
  const counts = Array.from({ length: marks.length + 1 }, () => 0);
  for (const total of totals) {
    counts[total]! += 1;
  }
  return counts;
}
