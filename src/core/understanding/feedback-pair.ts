// Two columns that are called alike but for right and wrong, 'fb_correct' and 'fb_incorrect', beside options and a key that needs
// neither: what is said to whoever answered so.
import { bareWords } from '../shared/normalise';
import { verdictOf } from '../shared/vocabulary/verdicts';
import { says } from './column-words';
import type { ColumnView, Meaning, TableView } from './contract';
import { meaningOfWords } from './saying';

const NAMED = 0.5;
const LEAST_OPTIONS = 2;
/** More columns than two that say right and wrong are no pair. */
const PAIR = 2;
const FEEDBACK: ReadonlySet<string> = new Set(['feedback', 'feedback-right', 'feedback-wrong']);

/** The words of a heading without the one that says right or wrong, and what it says; undefined where none does, or nothing else. */
function apart(heading: string): { rest: string; isRight: boolean } | undefined {
  const words = bareWords(heading.replace(/_/gu, ' ')).split(' ').filter(Boolean);
  const at = words.findIndex((word) => word.length > 1 && verdictOf(word) !== undefined);
  const rest = words.filter((_, place) => place !== at).join(' ');
  return at >= 0 && rest ? { rest, isRight: verdictOf(words[at]!) === true } : undefined;
}

/** Whether words name nothing that could be right or wrong itself: no answer, option or number of points. */
function namesNothing(words: string): boolean {
  const said = meaningOfWords(words);
  return said === undefined || said.p <= NAMED || FEEDBACK.has(said.meaning);
}

/** Such two columns with what they are; none where another column must tell the right answer. */
export function feedbackPair({ columns }: TableView): [ColumnView, Meaning][] {
  const parted = columns.flatMap((column) => {
    const found = apart(column.heading);
    return found && namesNothing(found.rest) ? [{ column, ...found }] : [];
  });
  const right = parted.find(({ isRight }) => isRight);
  const wrong = parted.find(({ isRight, rest }) => !isRight && rest === right?.rest);
  if (!right || !wrong || parted.length > PAIR) {
    return [];
  }
  const others = columns.filter((column) => column !== right.column && column !== wrong.column);
  const options = others.filter((column) => says(column, 'option') > NAMED);
  const isKeyed = others.some((column) => says(column, 'key', 'right') > NAMED);
  return options.length >= LEAST_OPTIONS && isKeyed
    ? [
        [right.column, 'feedback-right'],
        [wrong.column, 'feedback-wrong'],
      ]
    : [];
}
