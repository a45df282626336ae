import { choice, options } from '../checks/examples';
import { GUIDELINES, type CraftCheck } from './contract';
import { offersChoices } from './words';
import { say, toSay } from '../shared/say';

const MANY = 6;

export const manyOptions: CraftCheck = {
  id: 'many-options',
  looksFor: toSay('more than five options with one right answer'),
  why: toSay(
    'Few questions have more than three wrong answers that anyone would pick; the rest is reading.',
  ),
  source: `${GUIDELINES}: as many effective choices as you can, but research suggests three is adequate`,
  run(item) {
    const many = item.options?.length ?? 0;
    return item.kind === 'choice-one' && offersChoices(item) && many >= MANY
      ? [
          {
            field: 'options',
            message: say(
              '{many} options are many to read. Keep those that a learner may take for right.',
              { many },
            ),
          },
        ]
      : [];
  },
  examples: {
    passes: [choice()],
    fails: [choice({ options: options('a1', '*b2', 'c3', 'd4', 'e5', 'f6', 'g7') })],
  },
};
