import { choice, options } from '../checks/examples';
import { optionLetter } from '../shared/plain';
import { GUIDELINES, type CraftCheck } from './contract';
import { offersChoices, optionTexts, soleRight } from './words';
import { say, toSay } from '../shared/say';

/** So much longer than the next longest, and by so many signs, is seen at a glance. */
const LONGER = 1.5;
const SIGNS = 12;

export const longestIsRight: CraftCheck = {
  id: 'longest-is-right',
  looksFor: toSay('a right option that is much longer than the others'),
  why: toSay(
    'The right answer is often the most careful one; test-wise learners pick the longest.',
  ),
  source: `${GUIDELINES}: keep the length of choices about equal`,
  run(item) {
    const right = offersChoices(item) ? soleRight(item) : undefined;
    if (!right) {
      return [];
    }
    const lengths = optionTexts(item).map(({ length }) => length);
    const own = lengths[right.at]!;
    const next = Math.max(...lengths.filter((_, index) => index !== right.at));
    return own >= next * LONGER && own - next >= SIGNS
      ? [
          {
            field: `options.${right.at}`,
            message: say(
              'Option {letter}, the right one, is much longer than the others ({own} signs, the next {next}).',
              { letter: optionLetter(right.at), own, next },
            ),
          },
        ]
      : [];
  },
  examples: {
    passes: [choice()],
    fails: [
      choice({
        options: options('Boats', '*Water, as much as the paddle gear lets through', 'Fish'),
      }),
    ],
  },
};
