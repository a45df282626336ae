import { choice } from '../checks/examples';
import { GUIDELINES, type CraftCheck } from './contract';
import { negativeIn, offersChoices } from './words';
import { say, toSay } from '../shared/say';

/** Whether the word is set off: in capitals, or bold in the formatted text. */
const isMarked = (word: string, html: string | undefined): boolean =>
  (word === word.toUpperCase() && word !== word.toLowerCase()) ||
  new RegExp(`<(?:b|strong|em|u|i)>[^<]*${word.replace(/[’']/g, '.')}`, 'iu').test(html ?? '');

export const negativeUnmarked: CraftCheck = {
  id: 'negative-unmarked',
  looksFor: toSay('a stem that asks for what is not so, without setting the word off'),
  why: toSay(
    'A learner who reads over the word gives the opposite answer though they know better.',
  ),
  source: `${GUIDELINES}: word the stem positively; where a negative is used, set it in capitals and bold`,
  run(item) {
    const { stem } = item;
    const word = offersChoices(item) ? negativeIn(stem.plain) : undefined;
    if (!word || isMarked(word, stem.html)) {
      return [];
    }
    const plain = stem.plain.replace(word, word.toUpperCase());
    return [
      {
        field: 'stem',
        message: say(
          '“{word}” turns the question round and is easy to read over. Ask for what is so, or set the word off.',
          { word },
        ),
        mend: {
          label: say('Write {word} in capitals', { word: word.toUpperCase() }),
          patch: { stem: { plain } },
        },
      },
    ];
  },
  examples: {
    passes: [choice(), choice({ stem: { plain: 'Which of these does NOT float?' } })],
    fails: [choice({ stem: { plain: 'Which of these does not float?' } })],
  },
};
