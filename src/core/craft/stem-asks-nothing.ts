import { choice } from '../checks/examples';
import { GUIDELINES, type CraftCheck } from './contract';
import { offersChoices } from './words';
import { say, toSay } from '../shared/say';

const LEAST_WORDS = 3;
const ASKS = /[?？؟:…_]|\.{3}/u;

export const stemAsksNothing: CraftCheck = {
  id: 'stem-asks-nothing',
  looksFor: toSay('a stem of a word or two that asks nothing'),
  why: toSay('What is meant shows only in the options; a good stem can be answered without them.'),
  source: `${GUIDELINES}: include the central idea in the stem instead of in the choices`,
  run(item) {
    const { plain } = item.stem;
    const words = plain.split(/\s+/u).filter(Boolean).length;
    return offersChoices(item) && words > 0 && words < LEAST_WORDS && !ASKS.test(plain)
      ? [
          {
            field: 'stem',
            message: say('“{plain}” asks nothing by itself. Say what is wanted.', { plain }),
          },
        ]
      : [];
  },
  examples: {
    passes: [choice(), choice({ stem: { plain: 'A lock is:' } })],
    fails: [choice({ stem: { plain: 'Lock gates' } })],
  },
};
