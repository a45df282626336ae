// What is wrong in one row of a contributor sheet, and in which of its columns.
import type { Finding, Item } from '../model';
import { ANSWER, optionHeading, QUESTION, RIGHT } from '../shared/contributor-form';
import { optionLetter, quoted } from '../shared/plain';
import { verdictOf } from '../shared/vocabulary/verdicts';
import { say } from '../shared/say';

/** What a cell says of a statement: a word in any language, or the letter of True or False; undefined where it says neither. */
export const truthOf = (said: string): boolean | undefined =>
  verdictOf(said) ?? { a: true, b: false }[said.toLowerCase()];

export type Fault = {
  rule: string;
  level: Finding['level'];
  field: string;
  heading: string;
  message: string;
};

/** The faults of a question by what its key and its answer say. */
export function faultsOf(item: Item, key: string, answer: string): Fault[] {
  const faults: Fault[] = [];
  const { options = [], kind, accepted = [] } = item;
  if (!item.stem.plain) {
    faults.push({
      rule: 'sheet-question-missing',
      level: 'block',
      field: 'stem',
      heading: QUESTION,
      message: say('The row has answers and no question.'),
    });
  }
  if (kind.startsWith('choice')) {
    if (options.length < 2) {
      faults.push({
        rule: 'sheet-options-missing',
        level: 'block',
        field: 'options',
        heading: optionHeading(options.length),
        message: say(
          'It has {options, plural, one {# option} other {# options}}; two at least are needed.',
          { options: options.length },
        ),
      });
    }
    if (!options.some(({ right }) => right)) {
      const message = key
        ? say('The key {key} names none of the options A to {last}.', {
            key: quoted(key, 20),
            last: optionLetter(Math.max(0, options.length - 1)),
          })
        : say('It does not say which option is right.');
      faults.push({ rule: 'sheet-key', level: 'block', field: 'key', heading: RIGHT, message });
    }
  } else if (
    kind === 'true-false'
      ? truthOf(answer || key) === undefined
      : !accepted.length && kind !== 'open'
  ) {
    faults.push({
      rule: 'sheet-answer-missing',
      level: 'block',
      field: 'accepted',
      heading: ANSWER,
      message: say('It has no answer.'),
    });
  }
  return faults;
}
