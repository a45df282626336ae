import { quoted } from '../shared/plain';
import { choice, options } from './examples';
import { anyText, textsOf } from './texts';
import type { ItemCheck } from './contract';
import { say, toSay } from '../shared/say';

const EXPONENT = /^\d(?:[.,]\d+)?E\+?\d{1,3}$/i;

export const numberInExponent: ItemCheck = {
  id: 'number-in-exponent',
  level: 'warn',
  looksFor: toSay('an answer that is a number with an exponent'),
  why: toSay(
    'Spreadsheet programs show numbers of twelve digits and more with an exponent, and the last digits are gone from the text.',
  ),
  source: 'common practice, no source',
  run: (item) =>
    !anyText(item, (text) => EXPONENT.test(text))
      ? []
      : textsOf(item)
          .filter(({ field, text }) => field !== 'stem' && EXPONENT.test(text))
          .slice(0, 1)
          .map(({ field, name, text }) => ({
            field,
            message: say(
              '{name} says {text}: a long number that the spreadsheet program wrote with an exponent. Its last digits are lost; write the number again.',
              { name, text: quoted(text) },
            ),
          })),
  examples: {
    passes: [choice({ options: options('*4006381333931', '2E', '3e8 m/s') })],
    fails: [choice({ options: options('*4.00638E+12', '4.00639E+12') })],
  },
};
