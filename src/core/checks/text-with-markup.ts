import { choice } from './examples';
import type { ItemCheck } from './contract';
import { say, toSay } from '../shared/say';

export const textWithMarkup: ItemCheck = {
  id: 'text-with-markup',
  level: 'note',
  looksFor: toSay('tags of HTML in a text'),
  why: toSay(
    'The tags are shown as they stand and never run here; a receiver that reads HTML might take them for its own.',
  ),
  source: 'OWASP, "Cross Site Scripting Prevention" (from memory)',
  run: ({ stem, options = [] }) =>
    [stem.plain, ...options.map((option) => option.text.plain)].some((text) =>
      /<\/?[a-z][^<>]*>/i.test(text),
    )
      ? [
          {
            field: 'stem',
            message: say('The text holds HTML tags. They are kept as plain text and never run.'),
          },
        ]
      : [],
  examples: {
    passes: [choice({ stem: { plain: 'Is 3 < 5 and 7 > 6?' } })],
    fails: [choice({ stem: { plain: '<script>alert(1)</script>What?' } })],
  },
};
