import { choice } from './examples';
import type { ItemCheck } from './contract';
import { say, toSay } from '../shared/say';

export const stemEmpty: ItemCheck = {
  id: 'stem-empty',
  level: 'block',
  looksFor: toSay('a question without text'),
  why: toSay('There is nothing to answer.'),
  source: 'common practice, no source',
  run: ({ stem, media }) =>
    !stem.plain.trim() && !media?.length
      ? [{ field: 'stem', message: say('The question has no text. Write it.') }]
      : [],
  examples: { passes: [choice()], fails: [choice({ stem: { plain: ' ' } })] },
};
