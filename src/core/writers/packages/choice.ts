// Questions with options: one or several right ones, weighted where they are.
import type { Item, Option } from '../../model';
import { defined } from '../../shared/defined';
import { optionLetter } from '../../shared/plain';
import { inline, picturesAt } from './content';
import {
  declare,
  mapResponse,
  prompt,
  RESPONSE,
  setScore,
  whenCorrect,
  type Made,
  type Parts,
} from './scoring';
import { el, type Node } from './xml';

/** Points of each option: its per cent, else an even share of the right ones. */
function mappedOptions(
  options: readonly Option[],
  points: number,
): { key: string; score: number }[] {
  const right = options.filter((option) => option.right).length;
  return options.map((option, index) => {
    const percent = option.weight ?? (option.right ? 100 / right : 0);
    return { key: optionLetter(index), score: (percent / 100) * points };
  });
}

/** Feedback that is shown where this option is picked. */
const feedbackOf = ({ feedback }: Option, identifier: string): Node | undefined =>
  feedback?.plain
    ? el(
        'qti-feedback-inline',
        { 'outcome-identifier': 'PICKED', identifier, 'show-hide': 'show' },
        inline(feedback),
      )
    : undefined;

const simpleChoice = (item: Item, option: Option, index: number, made: Made): Node =>
  el(
    'qti-simple-choice',
    { identifier: optionLetter(index) },
    inline(option.text),
    ...picturesAt(item, { at: 'option', option: index }, made),
    feedbackOf(option, optionLetter(index)),
  );

/** How the options stand; programs decide where nothing is said. */
function orientation({ across }: Item): string | undefined {
  if (across === undefined) {
    return undefined;
  }
  return across ? 'horizontal' : 'vertical';
}

/** The parts of a question with options. */
export function choice(item: Item, made: Made): Parts {
  const options = item.options ?? [];
  const isSingle = item.kind !== 'choice-many';
  const isWeighted = options.some((option) => option.weight !== undefined);
  const interaction = defined({
    'response-identifier': RESPONSE,
    shuffle: item.shuffle ?? false,
    'max-choices': isSingle ? 1 : 0,
    orientation: orientation(item),
  });
  return {
    declarations: [
      declare({
        cardinality: isSingle ? 'single' : 'multiple',
        baseType: 'identifier',
        correct: options.flatMap(({ right }, index) => (right ? [optionLetter(index)] : [])),
        mapped: isWeighted ? mappedOptions(options, made.points) : [],
        upper: made.points,
      }),
    ],
    body: [
      el(
        'qti-choice-interaction',
        interaction,
        prompt(item, made),
        ...options.map((option, index) => simpleChoice(item, option, index, made)),
      ),
    ],
    scoring: isWeighted ? [setScore(mapResponse())] : [whenCorrect(made.points)],
  };
}
