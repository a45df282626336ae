import type { Item } from '../model';
import { quoted } from '../shared/plain';
import { choice, options } from './examples';
import { patchTexts, textsOf } from './texts';
import type { ItemCheck } from './contract';
import { say, toSay } from '../shared/say';

/** The length that figures of an answer list share where some begin with a zero; undefined where they do not. */
function commonLength(figures: readonly string[]): number | undefined {
  const length = Math.max(...figures.map((text) => text.length));
  const withZero = figures.some(
    (text) => text.startsWith('0') && text.length === length && length > 1,
  );
  return withZero && figures.filter((text) => text.length === length).length >= 2
    ? length
    : undefined;
}

function short(item: Item): { texts: string[]; length: number } {
  if (!item.options?.some((option) => option.text.plain.startsWith('0'))) {
    return { texts: [], length: 0 };
  }
  const figures = textsOf(item)
    .filter(({ field, text }) => field.startsWith('options') && /^\d+$/.test(text))
    .map(({ text }) => text);
  const length = figures.length > 1 ? commonLength(figures) : undefined;
  return {
    texts: length
      ? figures.filter((text) => text.length < length && !text.startsWith('0') && text.length > 1)
      : [],
    length: length ?? 0,
  };
}

export const leadingZeroLost: ItemCheck = {
  id: 'leading-zero-lost',
  level: 'warn',
  looksFor: toSay(
    'a figure that is shorter than the others of its question, some of which begin with a zero',
  ),
  why: toSay('A spreadsheet program takes 0417 for the number 417 unless the cell is set to text.'),
  source: 'common practice, no source',
  run: (item) => {
    const { texts, length } = short(item);
    return texts.slice(0, 1).map((text) => ({
      field: `options.${(item.options ?? []).findIndex((option) => option.text.plain === text)}`,
      message: say(
        '{text} has {figures} figures where the others have {length}: probably {padded}, whose zero the spreadsheet program took away.',
        { text: quoted(text), figures: text.length, length, padded: text.padStart(length, '0') },
      ),
      mend: {
        label: say('Write {text}', { text: text.padStart(length, '0') }),
        patch: patchTexts(item, (one) => (texts.includes(one) ? one.padStart(length, '0') : one)),
      },
    }));
  },
  examples: {
    passes: [
      choice({ options: options('*12', '20', '300') }),
      choice({ options: options('*0', '7', '10') }),
    ],
    fails: [choice({ options: options('*417', '0471', '0741', '4017') })],
  },
};
