import { options, choice } from './examples';
import type { ItemCheck } from './contract';
import { say, toSay } from '../shared/say';

export const keyMissing: ItemCheck = {
  id: 'key-missing',
  level: 'block',
  looksFor: toSay('a choice question in which no option is right'),
  why: toSay('No learner can answer it, and most receivers refuse the row.'),
  source: 'QTI 3.0 information model: a choice interaction is scored by its correct response',
  run: ({ kind, options: own }) =>
    (kind === 'choice-one' || kind === 'choice-many' || kind === 'true-false') &&
    own?.length &&
    !own.some((option) => option.right)
      ? [{ field: 'key', message: say('No option is marked as right. Choose the right one.') }]
      : [],
  examples: { passes: [choice()], fails: [choice({ options: options('Boats', 'Water') })] },
};
