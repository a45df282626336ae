import { choice, options } from '../checks/examples';
import { optionLetter } from '../shared/plain';
import { GUIDELINES, type CraftCheck } from './contract';
import { absoluteIn, offersChoices, optionTexts, soleRight } from './words';
import { say, toSay } from '../shared/say';

export const absoluteInWrong: CraftCheck = {
  id: 'absolute-in-wrong',
  looksFor: toSay(
    'words that leave no exception, such as always and never, in wrong options alone',
  ),
  why: toSay('Few things are always so: test-wise learners rule such options out.'),
  source: `${GUIDELINES}: avoid specific determiners including always, never, completely and absolutely`,
  run(item) {
    const right = offersChoices(item) ? soleRight(item) : undefined;
    if (!right || absoluteIn(right.option.text.plain)) {
      return [];
    }
    const texts = optionTexts(item);
    // A lone word is what is asked for, and no cue.
    const at = texts.findIndex((text) => text.includes(' ') && absoluteIn(text));
    return at < 0 || at === right.at
      ? []
      : [
          {
            field: `options.${at}`,
            message: say('“{word}” in option {letter} gives it away as wrong.', {
              word: absoluteIn(texts[at]!)!,
              letter: optionLetter(at),
            }),
          },
        ];
  },
  examples: {
    passes: [choice()],
    fails: [
      choice({ options: options('They always leak', '*They let water through', 'They float') }),
    ],
  },
};
