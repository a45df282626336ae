import type { Item } from '../model';
import { alike } from '../shared/normalise';
import { quoted } from '../shared/plain';
import { card, choice, options } from './examples';
import type { BankCheck } from './contract';

const textsOf = ({ options = [] }: Item): string[] => options.map(({ text }) => alike(text.plain));

/** Whether two questions offer any text alike, or have no options: "Which is the odd one out?" is asked of other things each time. */
function offersAlike(one: Item, other: Item): boolean {
  const texts = new Set(textsOf(one));
  return !texts.size || textsOf(other).some((text) => texts.has(text));
}

export const stemRepeated: BankCheck = {
  id: 'stem-repeated',
  level: 'warn',
  looksFor: 'two questions of one kind with the same text',
  why: 'A learner meets the same question twice, and its answer is known the second time.',
  source: 'common practice, no source',
  run(items) {
    const asked = new Map<string, Item[]>();
    return items.flatMap((item) => {
      // "True or false?" as a shared stem is told apart by its options.
      const key = `${item.kind} ${alike(item.stem.plain)} ${item.stem.plain.length < 25 ? textsOf(item).join('|') : ''}`;
      const before = asked.get(key) ?? [];
      const other = before.find((one) => offersAlike(one, item));
      if (!other) {
        if (item.stem.plain.trim()) {
          asked.set(key, [...before, item]);
        }
        return [];
      }
      return [
        {
          item: item.id,
          field: 'stem',
          message: `${quoted(item.stem.plain)} is asked already${other.ref ? ` in ${other.ref}` : ' further up'}.`,
        },
      ];
    });
  },
  examples: {
    passes: [
      [choice(), card()],
      [
        choice({ stem: { plain: 'Which of these is the odd one out?' } }),
        choice({
          stem: { plain: 'Which of these is the odd one out?' },
          options: options('oak', 'ash', '*carrot'),
        }),
      ],
    ],
    fails: [[choice(), choice({ id: 'other', ref: 'Q-2' })]],
  },
};
