import type { Item, Layout } from '../model';
import { lengthOf } from '../shared/lengths';
import { optionLetter } from '../shared/plain';
import { choice, narrow, options } from './examples';
import type { ItemCheck, Noticed } from './contract';

const over = (
  layout: Layout,
  field: string,
  name: string,
  text: string,
  most: number | undefined,
): Noticed[] => {
  const length = most ? lengthOf(text, layout.limits.count) : 0;
  return most && length > most
    ? [
        {
          field,
          layout: layout.id,
          message: `${name} has ${length} characters; ${layout.name} takes ${most}. It is ${length - most} over.`,
        },
      ]
    : [];
};

const lengths = (item: Item, layout: Layout): Noticed[] => [
  ...over(layout, 'stem', 'The question', item.stem.plain, layout.limits.stem),
  ...(item.options ?? []).flatMap((option, index) =>
    over(
      layout,
      `options.${index}`,
      `Option ${optionLetter(index)}`,
      option.text.plain,
      layout.limits.option,
    ),
  ),
  ...over(layout, 'hint', 'The hint', item.hint?.plain ?? '', layout.limits.hint),
  ...over(
    layout,
    'explanation',
    'The explanation',
    item.explanation?.plain ?? '',
    layout.limits.explanation,
  ),
  ...over(layout, 'title', 'The title', item.title ?? '', layout.limits.title),
];

export const textOverLimit: ItemCheck = {
  id: 'text-over-limit',
  level: 'warn',
  looksFor: 'a text longer than a chosen receiver takes',
  why: 'Receivers refuse the row or cut the text without a word.',
  source:
    'the limits of the layout; lengths in grapheme clusters of UAX #29 unless it says otherwise',
  run: (item, layouts) => layouts.flatMap((layout) => lengths(item, layout)),
  examples: {
    passes: [choice()],
    fails: [
      choice({ stem: { plain: 'x'.repeat(51) } }),
      choice({ options: options('*Water', 'x'.repeat(11)) }),
    ],
    layouts: [narrow],
  },
};
