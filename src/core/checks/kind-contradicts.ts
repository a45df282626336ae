import { count } from '../shared/plain';
import { choice, options } from './examples';
import type { ItemCheck } from './contract';

export const kindContradicts: ItemCheck = {
  id: 'kind-contradicts',
  level: 'block',
  looksFor: 'a true/false question with other than two options',
  why: 'The kind and the options contradict each other, and receivers write true/false as one word.',
  source: 'common practice, no source',
  run: ({ kind, options: own = [] }) =>
    kind === 'true-false' && own.length > 2
      ? [
          {
            field: 'kind',
            message: `A true/false question has two options; this one has ${count(own.length, 'option')}.`,
            mend: { label: 'Make it a choice', patch: { kind: 'choice-one' } },
          },
        ]
      : [],
  examples: {
    passes: [choice({ kind: 'true-false', options: options('*True', 'False') })],
    fails: [choice({ kind: 'true-false' })],
  },
};
