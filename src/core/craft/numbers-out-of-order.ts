import { choice, options } from '../checks/examples';
import { GUIDELINES, type CraftCheck } from './contract';
import { numberIn, offersChoices, optionTexts } from './words';
import { say, toSay } from '../shared/say';

const isOrdered = (numbers: readonly number[]): boolean =>
  numbers.every((n, index) => index === 0 || n >= numbers[index - 1]!) ||
  numbers.every((n, index) => index === 0 || n <= numbers[index - 1]!);

export const numbersOutOfOrder: CraftCheck = {
  id: 'numbers-out-of-order',
  looksFor: toSay('options that are numbers and stand in no order'),
  why: toSay(
    'Learners look for their result in the list; in order they find it, or see that it is not there.',
  ),
  source: `${GUIDELINES}: place choices in logical or numerical order`,
  run(item) {
    const { options: own = [] } = item;
    const numbers = offersChoices(item) ? optionTexts(item).map(numberIn) : [];
    const all = numbers.filter((n) => n !== undefined);
    if (numbers.length < 3 || all.length < numbers.length || isOrdered(all)) {
      return [];
    }
    const sorted = own
      .map((option, index) => ({ option, n: all[index]! }))
      .sort((a, b) => a.n - b.n)
      .map(({ option }) => option);
    return [
      {
        field: 'options',
        message: say('The options are numbers in no order: {options}.', {
          options: optionTexts(item).join(', '),
        }),
        mend: { label: say('Put them in order'), patch: { options: sorted } },
      },
    ];
  },
  examples: {
    passes: [choice(), choice({ options: options('3 m', '*5 m', '9 m') })],
    fails: [choice({ options: options('9 m', '*3 m', '5 m') })],
  },
};
