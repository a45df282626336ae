import { choice, options } from '../checks/examples';
import { optionLetter } from '../shared/plain';
import { GUIDELINES, type CraftCheck } from './contract';
import { negativeIn, offersChoices, optionTexts } from './words';
import { say, toSay } from '../shared/say';

export const doubleNegative: CraftCheck = {
  id: 'double-negative',
  looksFor: toSay('a negative in the stem and one in an option'),
  why: toSay('Two negatives test reading, not knowledge.'),
  source: `${GUIDELINES}: avoid negatives in stem and choices`,
  run(item) {
    if (!offersChoices(item) || !negativeIn(item.stem.plain)) {
      return [];
    }
    const at = optionTexts(item).findIndex((text) => negativeIn(text) !== undefined);
    return at < 0
      ? []
      : [
          {
            field: `options.${at}`,
            message: say('The question and option {letter} are both negative.', {
              letter: optionLetter(at),
            }),
          },
        ];
  },
  examples: {
    passes: [choice()],
    fails: [
      choice({
        stem: { plain: 'Which is NOT true of a lock?' },
        options: options('It is not deep', '*It flies', 'It fills'),
      }),
    ],
  },
};
