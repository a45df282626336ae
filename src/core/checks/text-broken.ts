import type { Item, Option } from '../model';
import { cleanText, hasBrokenCharacters } from '../shared/normalise';
import { choice, options } from './examples';
import type { ItemCheck } from './contract';
import { defined } from '../shared/defined';
import { say, toSay } from '../shared/say';

const cleaned = (own: Option[] | undefined): Option[] | undefined =>
  own?.map((option) => ({ ...option, text: { plain: cleanText(option.text.plain) } }));
const isBroken = (text: string): boolean => hasBrokenCharacters(text) || text.includes('\ufffd');

function broken(item: Item): string | undefined {
  if (isBroken(item.stem.plain)) {
    return 'stem';
  }
  const at = (item.options ?? []).findIndex((option) => isBroken(option.text.plain));
  return at >= 0 ? `options.${at}` : undefined;
}

export const textBroken: ItemCheck = {
  id: 'text-broken',
  level: 'warn',
  looksFor: toSay(
    'characters that no program can show: control signs, halves of a character pair, the sign for a lost character',
  ),
  why: toSay(
    'Receivers refuse such files or show boxes; a lost character was something else once.',
  ),
  source: 'XML 1.0, section 2.2 (characters), and the Unicode Standard, section 23.8 (U+FFFD)',
  run(item) {
    const field = broken(item);
    if (!field) {
      return [];
    }
    const lost =
      item.stem.plain.includes('\ufffd') ||
      item.options?.some((option) => option.text.plain.includes('\ufffd'));
    if (lost) {
      return [
        {
          field,
          message: say('A character was lost on the way here and stands as �. Write what it was.'),
        },
      ];
    }
    return [
      {
        field,
        message: say('The text holds control signs or half characters that no program can show.'),
        mend: {
          label: say('Take them out'),
          sure: true,
          patch: defined({
            stem: { plain: cleanText(item.stem.plain) },
            options: item.options ? cleaned(item.options) : undefined,
          }),
        },
      },
    ];
  },
  examples: {
    passes: [choice()],
    fails: [
      choice({ stem: { plain: 'A bell \u0007?' } }),
      choice({ options: options('*a\u0001', 'b') }),
      choice({ stem: { plain: 'Caf\ufffd?' } }),
    ],
  },
};
