import { choice, options } from '../checks/examples';
import { optionLetter } from '../shared/plain';
import type { CraftCheck } from './contract';
import { offersChoices } from './words';
import { say, toSay } from '../shared/say';

export const feedbackUnequal: CraftCheck = {
  id: 'feedback-unequal',
  looksFor: toSay('feedback at some options and none at others'),
  why: toSay('Whoever picks one without learns nothing from it.'),
  source: 'common practice, no source',
  run(item) {
    const { options: own = [] } = item;
    const has = own.map(({ feedback }) => Boolean(feedback?.plain));
    const at = has.indexOf(false);
    return offersChoices(item) && has.some(Boolean) && at >= 0
      ? [
          {
            field: `options.${at}`,
            message: say('Option {letter} has no feedback, though others have.', {
              letter: optionLetter(at),
            }),
          },
        ]
      : [];
  },
  examples: {
    passes: [choice()],
    fails: [
      choice({
        options: options('Boats', '*Water')!.map((option, index) =>
          index ? { ...option, feedback: { plain: 'Yes.' } } : option,
        ),
      }),
    ],
  },
};
