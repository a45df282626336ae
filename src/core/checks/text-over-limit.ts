import type { Item, Layout } from '../model';
import { lengthOf } from '../shared/lengths';
import { optionLetter } from '../shared/plain';
import { choice, narrow, options } from './examples';
import type { ItemCheck, Noticed } from './contract';
import { say, toSay } from '../shared/say';

/** A text of a question with the limit that it is held to. */
type Limited = { field: string; name: string; text: string; most: number | undefined };

function limitedTexts(item: Item, { limits }: Layout): Limited[] {
  const beside = (field: 'hint' | 'explanation', text: string | undefined): Limited => ({
    field,
    name: say('The {field}', { field }),
    text: text ?? '',
    most: limits[field],
  });
  return [
    { field: 'stem', name: say('The question'), text: item.stem.plain, most: limits.stem },
    ...(item.options ?? []).map(({ text }, index) => ({
      field: `options.${index}`,
      name: say('Option {index}', { index: optionLetter(index) }),
      text: text.plain,
      most: limits.option,
    })),
    beside('hint', item.hint?.plain),
    beside('explanation', item.explanation?.plain),
    { field: 'title', name: say('The title'), text: item.title ?? '', most: limits.title },
  ];
}

/** The texts of a question that are longer than the layout takes. */
const overlong = (item: Item, layout: Layout): Noticed[] =>
  limitedTexts(item, layout).flatMap(({ field, name, text, most }) => {
    const length = most ? lengthOf(text, layout.limits.count) : 0;
    if (!most || length <= most) {
      return [];
    }
    const message = say(
      '{name} has {length} characters; {layoutName} takes {most}. It is {difference} over.',
      { name, length, layoutName: layout.name, most, difference: length - most },
    );
    return [{ field, layout: layout.id, message }];
  });

export const textOverLimit: ItemCheck = {
  id: 'text-over-limit',
  level: 'warn',
  looksFor: toSay('a text longer than a chosen receiver takes'),
  why: toSay('Receivers refuse the row or cut the text without a word.'),
  source:
    'the limits of the layout; lengths in grapheme clusters of UAX #29 unless it says otherwise',
  run: (item, layouts) => layouts.flatMap((layout) => overlong(item, layout)),
  examples: {
    passes: [choice()],
    fails: [
      choice({ stem: { plain: 'x'.repeat(51) } }),
      choice({ options: options('*Water', 'x'.repeat(11)) }),
    ],
    layouts: [narrow],
  },
};
