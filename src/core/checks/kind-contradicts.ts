import { choice, options } from './examples';
import type { ItemCheck } from './contract';
import { say, toSay } from '../shared/say';

export const kindContradicts: ItemCheck = {
  id: 'kind-contradicts',
  level: 'block',
  looksFor: toSay('a true/false question with other than two options'),
  why: toSay(
    'The kind and the options contradict each other, and receivers write true/false as one word.',
  ),
  source: 'common practice, no source',
  run: ({ kind, options: own = [] }) =>
    kind === 'true-false' && own.length > 2
      ? [
          {
            field: 'kind',
            message: say(
              'A true/false question has two options; this one has {options, plural, one {# option} other {# options}}.',
              { options: own.length },
            ),
            mend: { label: say('Make it a choice'), patch: { kind: 'choice-one' } },
          },
        ]
      : [],
  examples: {
    passes: [choice({ kind: 'true-false', options: options('*True', 'False') })],
    fails: [choice({ kind: 'true-false' })],
  },
};
