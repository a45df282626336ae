// What keeps a question from being handed to anyone.
import type { Item, Kind } from '../model';
import { refused, type Reason, type RefusalCode } from './words';

type Lack = Reason<RefusalCode> | undefined;

const isBlank = (text: string): boolean => !text.trim();

function choiceLacks({ options }: Item): Lack {
  if (!options?.some((option) => option.right)) {
    return refused('key-missing');
  }
  return options.some((option) => isBlank(option.text.plain)) ? refused('option-empty') : undefined;
}

const answerLacks = ({ accepted }: Item): Lack =>
  accepted?.some((text) => !isBlank(text)) ? undefined : refused('answer-missing');

const gapsLack = ({ gaps }: Item): Lack =>
  !gaps?.length || gaps.some((gap) => gap.accepted.every(isBlank))
    ? refused('gap-unanswered')
    : undefined;

/** What each kind must have besides its text; other kinds need nothing else. */
const LACKS = new Map<Kind, (item: Item) => Lack>([
  ['choice-one', choiceLacks],
  ['choice-many', choiceLacks],
  ['true-false', choiceLacks],
  ['card', answerLacks],
  ['short', answerLacks],
  ['match', ({ pairs }) => ((pairs?.length ?? 0) < 2 ? refused('pairs-too-few') : undefined)],
  ['order', ({ steps }) => ((steps?.length ?? 0) < 2 ? refused('steps-too-few') : undefined)],
  ['gap', gapsLack],
  ['number', (item) => (item.number ? undefined : refused('number-missing'))],
]);

/** Why the question can't leave yet; undefined where it is finished. */
export const unfinished = (item: Item): Lack =>
  isBlank(item.stem.plain) ? refused('stem-empty') : LACKS.get(item.kind)?.(item);
