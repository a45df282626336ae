import type { Item } from '../model';
import { optionLetter } from '../shared/plain';
import { choice, options } from './examples';
import type { ItemCheck } from './contract';

const CUT = /(?:…|\.\.\.)\s*$/u;

const texts = (item: Item): [string, string, string][] => [
  ['stem', 'The question', item.stem.plain],
  ...(item.options ?? []).map((option, index): [string, string, string] => [`options.${index}`, `Option ${optionLetter(index)}`, option.text.plain]),
  ...(item.accepted ?? []).map((text, index): [string, string, string] => [`accepted.${index}`, 'The answer', text]),
];

export const textCut: ItemCheck = {
  id: 'text-cut',
  level: 'warn',
  looksFor: 'a text that ends in an ellipsis',
  why: 'Replies of writing assistants and some programs cut long texts and leave an ellipsis behind.',
  source: 'common practice, no source',
  run: (item) => texts(item).filter(([, , text]) => CUT.test(text)).map(([field, name]) => ({ field, message: `${name} ends in an ellipsis: it was probably cut off. Write the rest, or take the ellipsis away.` })),
  examples: { passes: [choice()], fails: [choice({ stem: { plain: 'Before opening the top paddles you make sure that…' } }), choice({ options: options('*a', 'b ...') })] },
};
