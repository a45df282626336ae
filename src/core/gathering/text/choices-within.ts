// A sentence with the choices for one place in it: 'She (go / goes / going) to school.'
import type { Item, Option } from '../../model';
import { alike } from '../../shared/normalise';
import { withBank } from '../gap-words';

const CHOICES = /[([{]([^()[\]{}]*[/|][^()[\]{}]*)[)\]}]/gu;

/** The choices in brackets behind a question, where one of them is the answer: 'Which is a gas? (iron / helium / gold)'. */
export function chosenBehind(
  text: string,
  said: string,
): { stem: string; options: Option[] } | undefined {
  const choices = [...text.matchAll(CHOICES)].at(-1);
  const words = choices?.[1]!.split(/[/|]/u).map((word) => word.trim()) ?? [];
  const stem = choices ? text.slice(0, choices.index).trim() : '';
  const isLast =
    choices !== undefined && !/[\p{L}\p{N}]/u.test(text.slice(choices.index + choices[0].length));
  const right = words.findIndex((word) => alike(word) === alike(said));
  return isLast && stem && words.length >= FEWEST_OFFERED && words.every(Boolean) && right >= 0
    ? { stem, options: words.map((plain, at) => ({ text: { plain }, right: at === right })) }
    : undefined;
}
/** Two texts behind a question may be spellings of one. */
const FEWEST_OFFERED = 3;

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
