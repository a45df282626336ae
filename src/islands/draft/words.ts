// What is said of what was drafted.
import type { Item, Make, Term } from '../../core/model';
import type { Review, Verdict } from '../state/drafting';
import { tally } from '../state/drafting';
import { i18n } from '../../languages';

export const MADE_KINDS: readonly { value: Make['kind']; label: string }[] = [
  { value: 'choice-one', label: i18n._('one right option') },
  { value: 'true-false', label: i18n._('true / false') },
  { value: 'match', label: i18n._('pairs') },
  { value: 'short', label: i18n._('short answer') },
  { value: 'gap', label: i18n._('gap') },
  { value: 'card', label: i18n._('card') },
];

export const SIGNS: Record<Verdict | 'left', string> = { kept: '✓', out: '–', left: '?' };
export const VERDICTS: Record<Verdict | 'left', string> = {
  kept: i18n._('kept'),
  out: i18n._('out'),
  left: i18n._('to look at'),
};

/** How a review stands in a few words. */
export function tallyWords(review: Review): string {
  const { kept, out, left } = tally(review);
  return [
    i18n._('{kept, number} kept', { kept }),
    out ? i18n._('{out, number} out', { out }) : '',
    i18n._('{left, number} to look at', { left }),
  ]
    .filter(Boolean)
    .join(', ');
}

/** What a question was made from: its term, the values of a variant, or the line of a reply. */
export function madeFrom({ variant, origin, category }: Item, term: Term | undefined): string {
  if (term) {
    return `${term.term} – ${term.definition}`;
  }
  if (variant) {
    return variant.values
      .map(({ name, value, unit }) => `${name} ${value}${unit ? ` ${unit}` : ''}`)
      .join(', ');
  }
  return [
    origin?.row ? i18n._('line {row} of the reply', { row: origin.row }) : '',
    category?.join(' > ') ?? '',
  ]
    .filter(Boolean)
    .join(', ');
}

export const takeLabel = (kept: number): string =>
  i18n._('Take the {kept, plural, one {# question} other {# questions}} kept', { kept });
