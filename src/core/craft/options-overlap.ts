import { choice, options } from '../checks/examples';
import { bareWords } from '../shared/normalise';
import { optionLetter } from '../shared/plain';
import { GUIDELINES, type CraftCheck } from './contract';
import { offersChoices, optionTexts } from './words';
import { say, toSay } from '../shared/say';

const RANGE = /^\D{0,12}?(\d+(?:\.\d+)?)\s*(?:-|–|to|bis|à|a|tot)\s*(\d+(?:\.\d+)?)\D{0,12}$/iu;

function rangeIn(text: string): [number, number] | undefined {
  const [, from, to] = RANGE.exec(text) ?? [];
  return from === undefined ? undefined : [Number(from), Number(to)];
}

/** Whether two ranges share a number. */
const meet = ([a, b]: [number, number], [c, d]: [number, number]): boolean => a <= d && c <= b;

/** Whether the words of one text all stand side by side in the other. */
const isWithin = (short: string, long: string): boolean =>
  short.length > 3 && short !== long && ` ${long} `.includes(` ${short} `);

function overlap(a: string, b: string): boolean {
  const [first, second] = [rangeIn(a), rangeIn(b)];
  if (first && second) {
    return meet(first, second);
  }
  const [left, right] = [bareWords(a), bareWords(b)];
  return isWithin(left, right) || isWithin(right, left);
}

export const optionsOverlap: CraftCheck = {
  id: 'options-overlap',
  looksFor: toSay('two options of which one contains the other, or ranges that share a number'),
  why: toSay(
    'Where one option is right the one that contains it is right too, or both can be ruled out at once.',
  ),
  source: `${GUIDELINES}: keep choices independent; they should not overlap`,
  run(item) {
    const texts = offersChoices(item) ? optionTexts(item) : [];
    for (const [second, text] of texts.entries()) {
      const first = texts.slice(0, second).findIndex((other) => overlap(other, text));
      if (first >= 0) {
        return [
          {
            field: `options.${second}`,
            message: say('Options {first} and {second} overlap: “{texts}” and “{text}”.', {
              first: optionLetter(first),
              second: optionLetter(second),
              texts: texts[first]!,
              text,
            }),
          },
        ];
      }
    }
    return [];
  },
  examples: {
    passes: [choice(), choice({ options: options('1-4 km', '*5-9 km') })],
    fails: [
      choice({ options: options('1-5 km', '*5-9 km') }),
      choice({ options: options('gate', '*upper gate', 'weir') }),
    ],
  },
};
