// What is right, as a key says it.
import type { Item } from '../../model';
import { numberWords, optionLetter } from '../../shared/plain';
import { mixed } from './ask';

function optionWords({ options = [], kind }: Item): string {
  return options
    .flatMap(({ text, right }, at) =>
      right ? [kind === 'true-false' ? text.plain : `${optionLetter(at)} – ${text.plain}`] : [],
    )
    .join('; ');
}

/** Pairs and steps by the letters and numbers that stand on the handout. */
function placeWords(item: Item): string {
  const order = mixed(item);
  if (item.pairs) {
    return item.pairs.map((_, at) => `${at + 1} ${optionLetter(order.indexOf(at))}`).join(', ');
  }
  return (item.steps ?? []).map(({ plain }, at) => `${at + 1} ${plain}`).join('; ');
}

/** The right answer of a question in words. */
export function answerWords(item: Item): string {
  if (item.options) {
    return optionWords(item);
  }
  if (item.pairs || item.steps) {
    return placeWords(item);
  }
  if (item.gaps) {
    return item.gaps.map(({ accepted }, at) => `(${at + 1}) ${accepted.join(' / ')}`).join(' ');
  }
  return item.accepted?.join(' / ') ?? (item.number ? numberWords(item.number) : '');
}
