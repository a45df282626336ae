import { optionLetter } from '../shared/plain';
import { choice, options } from './examples';
import type { ItemCheck } from './contract';
import { defined } from '../shared/defined';
import { say, toSay } from '../shared/say';

export const optionEmpty: ItemCheck = {
  id: 'option-empty',
  level: 'block',
  looksFor: toSay('an option without text'),
  why: toSay(
    'Learners see an empty line, and key letters behind it point one too far once a receiver closes the hole.',
  ),
  source: 'common practice, no source',
  run({ options: own = [] }) {
    const empty = own.findIndex((option) => !option.text.plain.trim());
    if (empty < 0) {
      return [];
    }
    const kept = own.filter((option) => option.text.plain.trim());
    const safe = !own.some((option) => option.right && !option.text.plain.trim());
    return [
      defined({
        field: `options.${empty}`,
        message: say('Option {letter} has no text.', { letter: optionLetter(empty) }),
        mend: safe
          ? { label: say('Take the empty option out'), patch: { options: kept }, sure: true }
          : undefined,
      }),
    ];
  },
  examples: { passes: [choice()], fails: [choice({ options: options('Boats', '', '*Water') })] },
};
