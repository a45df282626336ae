import { choice, options } from './examples';
import { anyText, textsOf } from './texts';
import type { ItemCheck } from './contract';
import { say, toSay } from '../shared/say';

const CUT = /(?:…|\.\.\.)\s*$/u;

export const textCut: ItemCheck = {
  id: 'text-cut',
  level: 'warn',
  looksFor: toSay('a text that ends in an ellipsis'),
  why: toSay(
    'Replies of writing assistants and some programs cut long texts and leave an ellipsis behind.',
  ),
  source: 'common practice, no source',
  run: (item) =>
    !anyText(item, (text) => CUT.test(text))
      ? []
      : textsOf(item)
          .filter(({ text }) => CUT.test(text))
          .map(({ field, name }) => ({
            field,
            message: say(
              '{name} ends in an ellipsis: it was probably cut off. Write the rest, or take the ellipsis away.',
              { name },
            ),
          })),
  examples: {
    passes: [choice()],
    fails: [
      choice({ stem: { plain: 'Before opening the top paddles you make sure that…' } }),
      choice({ options: options('*a', 'b ...') }),
    ],
  },
};
