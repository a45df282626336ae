import { choice, options } from '../checks/examples';
import { optionLetter } from '../shared/plain';
import { GUIDELINES, type CraftCheck } from './contract';
import { numberIn, offersChoices, optionTexts } from './words';
import { say, toSay } from '../shared/say';

type Trait = { of: (text: string) => boolean; words: string };
const TRAITS: readonly Trait[] = [
  { of: (text) => /[.!]$/u.test(text), words: toSay('ends with a full stop') },
  { of: (text) => numberIn(text) !== undefined, words: toSay('is a number') },
  { of: (text) => /^\p{Lu}/u.test(text), words: toSay('begins with a capital') },
];

/** The one option that is unlike all the others in a trait, and whether it has the trait. */
function oddOne(texts: readonly string[], { of }: Trait): { at: number; has: boolean } | undefined {
  const has = texts.map(of);
  const yes = has.filter(Boolean).length;
  if (texts.length < 3 || (yes !== 1 && yes !== texts.length - 1)) {
    return undefined;
  }
  return { at: has.indexOf(yes === 1), has: yes === 1 };
}

export const optionsUnlike: CraftCheck = {
  id: 'options-unlike',
  looksFor: toSay('one option of another shape than all the others'),
  why: toSay('What stands out is picked, or ruled out, for its looks.'),
  source: `${GUIDELINES}: keep choices homogeneous in content and grammatical structure`,
  run(item) {
    const texts = offersChoices(item) ? optionTexts(item) : [];
    for (const trait of TRAITS) {
      const odd = oddOne(texts, trait);
      if (odd) {
        return [
          {
            field: `options.${odd.at}`,
            message: say('Option {letter} alone {has}.', {
              letter: optionLetter(odd.at),
              has: odd.has
                ? say(trait.words)
                : say('is unlike the others: each of them {words}', { words: say(trait.words) }),
            }),
          },
        ];
      }
    }
    return [];
  },
  examples: {
    passes: [choice()],
    fails: [choice({ options: options('Boats pass.', '*Water runs.', 'fish') })],
  },
};
