import { card, choice } from './examples';
import type { ItemCheck } from './contract';
import { say, toSay } from '../shared/say';

export const answerMissing: ItemCheck = {
  id: 'answer-missing',
  level: 'block',
  looksFor: toSay('a short question without an accepted answer, or a card without a definition'),
  why: toSay('It can be marked by no one but a person, and a card has an empty back.'),
  source: 'common practice, no source',
  run: ({ kind, accepted }) =>
    (kind === 'short' || kind === 'card') && !accepted?.some((text) => text.trim())
      ? [
          {
            field: 'accepted',
            message:
              kind === 'card'
                ? say('The card has no definition. Write it.')
                : say('No accepted answer is given. Write at least one.'),
          },
        ]
      : [],
  examples: {
    passes: [card(), choice()],
    fails: [card({ accepted: [] }), choice({ kind: 'short', options: undefined, accepted: [' '] })],
  },
};
