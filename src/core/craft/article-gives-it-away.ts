import { choice, options } from '../checks/examples';
import { GUIDELINES, type CraftCheck } from './contract';
import { offersChoices, optionTexts, soleRight } from './words';
import { say, toSay } from '../shared/say';

const ENDS_WITH_ARTICLE = /(?<!\p{L})(an?)\s*(?:_{2,}|\.{3}|…|:)?\s*$/iu;
const VOWEL = /^[^\p{L}\d]*(?:[aeio]|u(?!n[ia]|s[ae]|r[io]|t[ei])|hour|hon(?:est|our))/iu;

export const articleGivesItAway: CraftCheck = {
  id: 'article-gives-it-away',
  looksFor: toSay(
    'a stem that ends with “a” or “an”, which fits the right option and not the others',
  ),
  why: toSay('The grammar rules options out before their sense does.'),
  source: `${GUIDELINES}: avoid grammatical inconsistencies that cue to the correct choice`,
  run(item) {
    const article = offersChoices(item) ? ENDS_WITH_ARTICLE.exec(item.stem.plain)?.[1] : undefined;
    const right = article && soleRight(item);
    if (!article || !right) {
      return [];
    }
    const wantsVowel = article.toLowerCase() === 'an';
    const fitting = optionTexts(item).map((text) => VOWEL.test(text) === wantsVowel);
    return fitting[right.at] && fitting.some((fits) => !fits)
      ? [
          {
            field: 'stem',
            message: say(
              '“{article}” at the end fits only some of the options. Write “a(n)”, or put the article into the options.',
              { article },
            ),
            mend: {
              label: say('Write a(n)'),
              patch: {
                stem: {
                  plain: item.stem.plain.replace(ENDS_WITH_ARTICLE, (whole) =>
                    whole.replace(article, 'a(n)'),
                  ),
                },
              },
            },
          },
        ]
      : [];
  },
  examples: {
    passes: [choice(), choice({ stem: { plain: 'This is a' }, options: options('*lock', 'weir') })],
    fails: [
      choice({
        stem: { plain: 'A bridge that carries a canal is an' },
        options: options('*aqueduct', 'weir'),
      }),
    ],
  },
};
