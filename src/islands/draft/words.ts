// What is said of what was drafted.
import type { Item, Make, Term } from '../../core/model';
import { count } from '../../core/shared/plain';
import type { Review, Verdict } from '../state/drafting';
import { tally } from '../state/drafting';

export const MADE_KINDS: readonly { value: Make['kind']; label: string }[] = [
  { value: 'choice-one', label: 'one right option' },
  { value: 'true-false', label: 'true / false' },
  { value: 'match', label: 'pairs' },
  { value: 'short', label: 'short answer' },
  { value: 'gap', label: 'gap' },
  { value: 'card', label: 'card' },
];

export const SIGNS: Record<Verdict | 'left', string> = { kept: '✓', out: '–', left: '?' };
export const VERDICTS: Record<Verdict | 'left', string> = {
  kept: 'kept',
  out: 'out',
  left: 'to look at',
};

/** How a review stands in a few words. */
export function tallyWords(review: Review): string {
  const { kept, out, left } = tally(review);
  return [`${kept} kept`, out ? `${out} out` : '', `${left} to look at`].filter(Boolean).join(', ');
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
  return [origin?.row ? `line ${origin.row} of the reply` : '', category?.join(' > ') ?? '']
    .filter(Boolean)
    .join(', ');
}

export const takeLabel = (kept: number): string => `Take the ${count(kept, 'question')} kept`;
