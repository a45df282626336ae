import { choice, options } from './examples';
import type { ItemCheck } from './contract';
import { say, toSay } from '../shared/say';

export const optionsTooFew: ItemCheck = {
  id: 'options-too-few',
  level: 'block',
  looksFor: toSay('a choice question with fewer than two options'),
  why: toSay('There is nothing to choose between.'),
  source:
    'Haladyna, Downing and Rodriguez (2002), guideline 18 speaks of as many plausible options as there are; two is the least (from memory)',
  run: ({ kind, options: own = [] }) =>
    (kind === 'choice-one' || kind === 'choice-many' || kind === 'true-false') && own.length < 2
      ? [
          {
            field: 'options',
            message:
              own.length === 1
                ? say('There is one option only. Write at least one more.')
                : say('There are no options. Write at least two.'),
          },
        ]
      : [],
  examples: {
    passes: [choice()],
    fails: [choice({ options: options('*Water') }), choice({ options: [] })],
  },
};
