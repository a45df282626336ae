import { choice } from './examples';
import type { ItemCheck } from './contract';

export const stemEmpty: ItemCheck = {
  id: 'stem-empty',
  level: 'block',
  looksFor: 'a question without text',
  why: 'There is nothing to answer.',
  source: 'common practice, no source',
  run: ({ stem, media }) =>
    !stem.plain.trim() && !media?.length
      ? [{ field: 'stem', message: 'The question has no text. Write it.' }]
      : [],
  examples: { passes: [choice()], fails: [choice({ stem: { plain: ' ' } })] },
};
