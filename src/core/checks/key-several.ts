import { choice, options } from './examples';
import type { ItemCheck } from './contract';
import { defined } from '../shared/defined';
import { say, toSay } from '../shared/say';

export const keySeveral: ItemCheck = {
  id: 'key-several',
  level: 'block',
  looksFor: toSay('a question of one right option in which several are marked'),
  why: toSay(
    'The kind and the key contradict each other, so a receiver refuses the row or drops a right option.',
  ),
  source: 'QTI 3.0 information model: cardinality single takes one identifier',
  run({ kind, options: own = [] }) {
    const right = own.filter((option) => option.right).length;
    if ((kind !== 'choice-one' && kind !== 'true-false') || right < 2) {
      return [];
    }
    return [
      defined({
        field: 'key',
        message: say(
          '{right, plural, one {# option} other {# options}} are marked as right, but the kind takes one. Take the marks off all but one, or make it a question with several right options.',
          { right },
        ),
        mend:
          kind === 'choice-one'
            ? { label: say('Make it several right'), patch: { kind: 'choice-many' } }
            : undefined,
      }),
    ];
  },
  examples: {
    passes: [choice(), choice({ kind: 'choice-many', options: options('*a', '*b') })],
    fails: [choice({ options: options('*Boats', '*Water', 'Fish') })],
  },
};
