import type { Item } from '../model';
import { alike } from '../shared/normalise';
import { quoted } from '../shared/plain';
import { card, choice } from './examples';
import type { BankCheck } from './contract';
import { say, toSay } from '../shared/say';

export const stemRepeated: BankCheck = {
  id: 'stem-repeated',
  level: 'warn',
  looksFor: toSay('two questions of one kind with the same text'),
  why: toSay('A learner meets the same question twice, and its answer is known the second time.'),
  source: 'common practice, no source',
  run(items) {
    const first = new Map<string, Item>();
    return items.flatMap((item) => {
      // "True or false?" as a shared stem is told apart by its options.
      const key = `${item.kind} ${alike(item.stem.plain)} ${item.stem.plain.length < 25 ? alike((item.options ?? []).map((option) => option.text.plain).join('|')) : ''}`;
      const other = first.get(key);
      if (!other) {
        if (item.stem.plain.trim()) {
          first.set(key, item);
        }
        return [];
      }
      return [
        {
          item: item.id,
          field: 'stem',
          message: other.ref
            ? say('{stem} is asked already in {ref}.', {
                stem: quoted(item.stem.plain),
                ref: other.ref,
              })
            : say('{stem} is asked already further up.', { stem: quoted(item.stem.plain) }),
        },
      ];
    });
  },
  examples: {
    passes: [[choice(), card()]],
    fails: [[choice(), choice({ id: 'other', ref: 'Q-2' })]],
  },
};
