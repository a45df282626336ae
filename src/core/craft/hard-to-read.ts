import { choice } from '../checks/examples';
import { GUIDELINES, type CraftCheck } from './contract';
import { readabilityOf } from './readability';
import { say, toSay } from '../shared/say';

/** Below this Flesch (1948) calls a text very difficult; the formulas of other languages are made to the same scale. */
const VERY_DIFFICULT = 30;
/** A stem of one short sentence may be hard by a single term that it has to name. */
const FEWEST_WORDS = 15;

export const hardToRead: CraftCheck = {
  id: 'hard-to-read',
  looksFor: toSay('a stem that is very hard to read'),
  why: toSay(
    'Learners who know the answer fail at the sentence. Shorter sentences and plainer words ask the same.',
  ),
  source: `${GUIDELINES}: minimise the amount of reading; Flesch, A new readability yardstick, Journal of Applied Psychology 32 (1948)`,
  run(item) {
    const { plain } = item.stem;
    const found = plain.split(/\s+/u).length < FEWEST_WORDS ? undefined : readabilityOf(plain);
    return found && found.ease < VERY_DIFFICULT
      ? [
          {
            field: 'stem',
            message: say(
              'Very hard to read: {ease} on a scale from 0 to 100 ({by}). Shorter sentences and plainer words ask the same.',
              { ease: found.ease, by: found.by },
            ),
          },
        ]
      : [];
  },
  examples: {
    passes: [
      choice({
        stem: {
          plain: 'A boat waits below the lock and the gate is shut. What does the keeper do first?',
        },
      }),
    ],
    fails: [
      choice({
        stem: {
          plain:
            'Notwithstanding considerations of operational responsibility, which authorisation procedure necessitates immediate administrative documentation preceding navigational rehabilitation of the infrastructure?',
        },
      }),
    ],
  },
};
