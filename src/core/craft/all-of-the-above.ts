import { choice, options } from '../checks/examples';
import { defined } from '../shared/defined';
import { GUIDELINES, type CraftCheck } from './contract';
import { offersChoices, optionTexts, saysAll } from './words';
import { say, toSay } from '../shared/say';

export const allOfTheAbove: CraftCheck = {
  id: 'all-of-the-above',
  looksFor: toSay('an option that says all of the others are right'),
  why: toSay(
    'Whoever knows two right ones picks it without reading the rest; where options are shuffled, “above” is wrong.',
  ),
  source: `${GUIDELINES}: avoid all-of-the-above`,
  run(item) {
    const at = offersChoices(item) ? optionTexts(item).findIndex(saysAll) : -1;
    const { options: own = [] } = item;
    if (at < 0) {
      return [];
    }
    const others = own.filter((_, index) => index !== at);
    const isKey = own[at]!.right && own.filter(({ right }) => right).length === 1;
    const mend = {
      label: say('Make all the others right instead'),
      patch: {
        kind: 'choice-many',
        options: others.map((option) => ({ ...option, right: true })),
      },
    };
    return [
      defined({
        field: `options.${at}`,
        message: say('“{option}” stands for all the others.', { option: own[at]!.text.plain }),
        mend: isKey && others.length > 1 ? mend : undefined,
      }),
    ];
  },
  examples: {
    passes: [choice()],
    fails: [choice({ options: options('Boats', 'Water', '*All of the above') })],
  },
};
