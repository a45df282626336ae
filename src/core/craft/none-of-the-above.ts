import { choice, options } from '../checks/examples';
import { GUIDELINES, type CraftCheck } from './contract';
import { offersChoices, optionTexts, saysNone } from './words';
import { say, toSay } from '../shared/say';

export const noneOfTheAbove: CraftCheck = {
  id: 'none-of-the-above',
  looksFor: toSay('an option that says none of the others is right'),
  why: toSay('Picking it shows that a learner knows what is wrong, not what is right.'),
  source: `${GUIDELINES}: use none-of-the-above carefully`,
  run(item) {
    const at = offersChoices(item) ? optionTexts(item).findIndex(saysNone) : -1;
    return at < 0
      ? []
      : [
          {
            field: `options.${at}`,
            message: say('“{option}” stands for none of the others.', {
              option: optionTexts(item)[at]!,
            }),
          },
        ];
  },
  examples: {
    passes: [choice()],
    fails: [choice({ options: options('*Boats', 'Water', 'None of these') })],
  },
};
