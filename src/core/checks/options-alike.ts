import type { Option } from '../model';
import { alike } from '../shared/normalise';
import { optionLetter } from '../shared/plain';
import { choice, options } from './examples';
import type { ItemCheck } from './contract';
import { defined } from '../shared/defined';
import { say, toSay } from '../shared/say';

/** Options whose first letters differ can't be the same; that spares most questions the closer look. */
function beginUnlike(own: readonly Option[]): boolean {
  let seen = 0;
  for (const { text } of own) {
    const letter = (text.plain.charCodeAt(0) | 32) - 97;
    if (!(letter >= 0 && letter < 26) || seen & (1 << letter)) {
      return false;
    }
    seen |= 1 << letter;
  }
  return true;
}

export const optionsAlike: ItemCheck = {
  id: 'options-alike',
  level: 'warn',
  looksFor: toSay('two options with the same text'),
  why: toSay('A learner who picks the twin of the right option is marked wrong.'),
  source:
    'Haladyna, Downing and Rodriguez (2002): keep options independent, they should not overlap (from memory)',
  run({ options: own = [] }) {
    if (beginUnlike(own)) {
      return [];
    }
    const texts = own.map((option) => alike(option.text.plain));
    const second = texts.findIndex((text, index) => text !== '' && texts.indexOf(text) < index);
    if (second < 0) {
      return [];
    }
    const first = texts.indexOf(texts[second]!);
    const kept = own.filter((_, index) => index !== second);
    const safe = own[second]!.right === own[first]!.right || !own[second]!.right;
    return [
      defined({
        field: `options.${second}`,
        message: say('Options {first} and {second} are the same.', {
          first: optionLetter(first),
          second: optionLetter(second),
        }),
        mend: safe
          ? {
              label: say('Take option {second} out', { second: optionLetter(second) }),
              patch: { options: kept },
            }
          : undefined,
      }),
    ];
  },
  examples: {
    passes: [choice()],
    fails: [choice({ options: options('*Water', 'Boats', 'water ') })],
  },
};
