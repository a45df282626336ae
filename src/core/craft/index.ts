// How questions are written, held against published guidelines: notes, with a mend where there is a sure one.
//
// Of the thirty-one guidelines a program sees those above in part. It can't see whether a question is important, rests on
// opinion, is trivial, fits its learners, has plausible wrong options, or whether its key is right: those are left to people.
import type { Finding, Item } from '../model';
import type { CraftCheck } from './contract';
import { absoluteInWrong } from './absolute-in-wrong';
import { allOfTheAbove } from './all-of-the-above';
import { articleGivesItAway } from './article-gives-it-away';
import { blankInTheMiddle } from './blank-in-the-middle';
import { doubleNegative } from './double-negative';
import { exceptionName } from './exceptions';
import { feedbackUnequal } from './feedback-unequal';
import { hardToRead } from './hard-to-read';
import { longestIsRight } from './longest-is-right';
import { manyOptions } from './many-options';
import { negativeUnmarked } from './negative-unmarked';
import { noneOfTheAbove } from './none-of-the-above';
import { numbersOutOfOrder } from './numbers-out-of-order';
import { optionsOverlap } from './options-overlap';
import { optionsUnlike } from './options-unlike';
import { stemAsksNothing } from './stem-asks-nothing';
import { wordRepeatedInKey } from './word-repeated-in-key';

export type { CraftCheck } from './contract';
export { namesOff, switchedOff, type CraftException, type CraftOff } from './exceptions';

/** The checks, those that cost a learner most first. */
export const craftChecks: readonly CraftCheck[] = [
  negativeUnmarked,
  doubleNegative,
  optionsOverlap,
  allOfTheAbove,
  articleGivesItAway,
  longestIsRight,
  wordRepeatedInKey,
  absoluteInWrong,
  stemAsksNothing,
  blankInTheMiddle,
  noneOfTheAbove,
  numbersOutOfOrder,
  optionsUnlike,
  manyOptions,
  feedbackUnequal,
  hardToRead,
];

/** More notes at one question are more than anyone reads. */
export const MOST_NOTES = 2;

export type CraftWishes = {
  /** Checks that are switched off, by their ids; those that one question does without, as `exceptionName` calls them. */
  off?: ReadonlySet<string>;
  /** How many notes a question may get; two where absent. */
  most?: number;
};

/** Notes on how a question is written. */
export function craftOf(
  item: Item,
  { off = new Set(), most = MOST_NOTES }: CraftWishes = {},
): Finding[] {
  const notes: Finding[] = [];
  for (const check of craftChecks) {
    if (notes.length >= most) {
      break;
    }
    if (!off.has(check.id) && !off.has(exceptionName(check.id, item.id))) {
      for (const noticed of check.run(item, [])) {
        notes.push({ rule: check.id, level: 'note', item: item.id, ...noticed });
      }
    }
  }
  return notes.slice(0, most);
}
