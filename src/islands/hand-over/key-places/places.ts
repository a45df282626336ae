// Where right answers lie among the options, and whether that is even.
import type { KeptLayout } from '../../../core/model';
import { optionLetter } from '../../../core/shared/plain';
import { i18n } from '../../../languages';

/** How many right answers lie at each place, before and after they are spread. */
export type Places = { before: number[]; after: number[]; questions: number };

/** Keys that lie at a place of their own, whatever the order of the options. */
const PLACELESS = new Set(['first', 'right-column', 'word']);

/** Whether the order of the options says anything to this receiver. */
export function showsOrder({ layout }: KeptLayout): boolean {
  const { shuffles, shape, columns, key } = layout;
  const hasOptions =
    shape !== 'rows' || columns.some(({ role }) => role === 'option' || role === 'options');
  return !shuffles && shape !== 'grid' && hasOptions && !PLACELESS.has(key.style);
}

/** Fewer questions are uneven by chance alone. */
const FEWEST = 5;
/** So many times an even share is worth a word. */
const UNEVEN = 1.5;

/** How far the fullest place is above an even share, in words; undefined where it is not. */
export function unevenness({ before, questions }: Places): string | undefined {
  const most = Math.max(0, ...before);
  const share = questions / Math.max(1, before.filter(Boolean).length);
  if (questions < FEWEST || most <= share * UNEVEN) {
    return undefined;
  }
  // A question with several right options counts at each of their places.
  const all = before.reduce((sum, n) => sum + n, 0);
  return i18n._('{most, number} of {all, number} right answers lie at {optionLetter}', {
    most,
    all,
    optionLetter: optionLetter(before.indexOf(most)),
  });
}
