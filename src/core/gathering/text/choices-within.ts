// A sentence with the choices for one place in it: 'She (go / goes / going) to school.'
import type { Item } from '../../model';
import { alike } from '../../shared/normalise';
import { withBank } from '../gap-words';

const CHOICES = /[([{]([^()[\]{}]*[/|][^()[\]{}]*)[)\]}]/gu;

/** The sentence with a gap in place of the choices, where one of them is the answer; undefined of another one. */
export function chosenWithin(
  text: string,
  said: string,
): { stem: string; gaps: NonNullable<Item['gaps']> } | undefined {
  const [choices, ...more] = text.matchAll(CHOICES);
  const words = choices?.[1]!.split(/[/|]/u).map((word) => word.trim()) ?? [];
  const right = words.find((word) => alike(word) === alike(said));
  const isGap = choices && !more.length && words.length > 1 && words.every(Boolean);
  // Behind the whole sentence choices are options, and no gap.
  const rest = choices ? text.slice(choices.index + choices[0].length) : '';
  return isGap && right !== undefined && /\p{L}/u.test(rest)
    ? {
        stem: `${text.slice(0, choices.index)}{{1}}${rest}`,
        gaps: withBank([{ accepted: [right] }], words),
      }
    : undefined;
}
