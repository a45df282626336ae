import { choice, options } from '../checks/examples';
import { GUIDELINES, type CraftCheck } from './contract';
import { contentWords, offersChoices, optionTexts, soleRight } from './words';
import { say, toSay } from '../shared/say';

export const wordRepeatedInKey: CraftCheck = {
  id: 'word-repeated-in-key',
  looksFor: toSay('a word of the stem that stands in the right option alone'),
  why: toSay('The sound of the word leads to the answer, whatever is known of the matter.'),
  source: `${GUIDELINES}: avoid clang associations, choices that repeat words of the stem`,
  run(item) {
    const right = offersChoices(item) ? soleRight(item) : undefined;
    if (!right) {
      return [];
    }
    const inStem = new Set(contentWords(item.stem.plain));
    const others = new Set(
      optionTexts(item).flatMap((text, index) => (index === right.at ? [] : contentWords(text))),
    );
    const word = contentWords(right.option.text.plain).find(
      (one) => inStem.has(one) && !others.has(one),
    );
    return word
      ? [
          {
            field: `options.${right.at}`,
            message: say('“{word}” stands in the question and in the right option alone.', {
              word,
            }),
          },
        ]
      : [];
  },
  examples: {
    passes: [choice()],
    fails: [
      choice({
        stem: { plain: 'What is the lower paddle for?' },
        options: options('For show', '*To open the paddle hole', 'For boats'),
      }),
    ],
  },
};
