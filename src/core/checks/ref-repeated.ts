import { choice } from './examples';
import type { BankCheck } from './contract';
import { say, toSay } from '../shared/say';

export const refRepeated: BankCheck = {
  id: 'ref-repeated',
  level: 'warn',
  looksFor: toSay('two questions with the same reference'),
  why: toSay('Receipts, results and people name a question by its reference.'),
  source: 'QTI 3.0 information model: identifiers are unique within a bank',
  run(items) {
    const seen = new Set<string>();
    return items.flatMap(({ id, ref }) => {
      if (!ref) {
        return [];
      }
      if (!seen.has(ref)) {
        seen.add(ref);
        return [];
      }
      return [
        {
          item: id,
          field: 'ref',
          message: say(
            'The reference {ref} is taken by a question further up. Give this one another.',
            { ref },
          ),
        },
      ];
    });
  },
  examples: {
    passes: [[choice(), choice({ id: 'other', ref: 'Q-2', stem: { plain: 'Another?' } })]],
    fails: [[choice(), choice({ id: 'other' })]],
  },
};
