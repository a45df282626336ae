import { choice } from '../checks/examples';
import { GUIDELINES, type CraftCheck } from './contract';
import { offersChoices } from './words';
import { say, toSay } from '../shared/say';

const BLANK = /_{3,}|\.{4,}|…{2,}/u;
const AT_END = /(?:_{3,}|\.{4,}|…{2,})\s*[.?!:]?\s*$/u;

export const blankInTheMiddle: CraftCheck = {
  id: 'blank-in-the-middle',
  looksFor: toSay('a blank in the middle of a stem with options'),
  why: toSay('A learner must keep the sentence in mind while reading every option.'),
  source: `${GUIDELINES}: put the central idea into the stem; the blank of a completion stands at its end (from memory of Haladyna and Downing 1989)`,
  run(item) {
    const { plain } = item.stem;
    return offersChoices(item) && BLANK.test(plain) && !AT_END.test(plain)
      ? [
          {
            field: 'stem',
            message: say(
              'The blank stands in the middle of the sentence. At its end the options can be read on at once.',
            ),
          },
        ]
      : [];
  },
  examples: {
    passes: [choice(), choice({ stem: { plain: 'A lock lifts a ____.' } })],
    fails: [choice({ stem: { plain: 'A ____ lifts a boat from one level to the next.' } })],
  },
};
