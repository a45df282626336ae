// The key of a question with options, in the layout's notation.
import type { Item, Layout, Option } from '../model';
import { optionLetter } from '../shared/plain';
import { joined } from './joined';

/** The key cell's text; empty where the notation has no cell of its own. May throw a Refusal. */
export function keyText(item: Item, { key }: Layout): string {
  const options = item.options ?? [];
  const right = options.flatMap((option, index) => (option.right ? [index] : []));
  const separator = key.separator ?? ',';
  switch (key.style) {
    case 'letter':
      return right.map(optionLetter).join(separator);
    case 'number':
      return right.map((index) => index + 1).join(separator);
    case 'number-from-0':
      return right.join(separator);
    case 'text': {
      const texts = right.map((index) => options[index]!.text.plain);
      return texts.length > 1 ? joined(texts, key.separator ?? '; ') : (texts[0] ?? '');
    }
    case 'word':
      return options[0]?.right ? (key.right ?? 'true') : (key.wrong ?? 'false');
    default:
      return '';
  }
}

/** Options in the order in which the file wants them: the right one first where its place is the key. */
export function ordered(item: Item, { key }: Layout): Option[] {
  const options = item.options ?? [];
  return key.style === 'first' || key.style === 'right-column'
    ? [...options.filter((option) => option.right), ...options.filter((option) => !option.right)]
    : options;
}
