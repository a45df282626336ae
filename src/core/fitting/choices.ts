// The key of a question with options, in the layout's notation.
import type { Item, Layout, Option } from '../model';
import { optionLetter } from '../shared/plain';
import { joined } from './joined';

type Key = Layout['key'];
/** A key's text from the places of the right options, counted from 0. */
type KeyWriter = (right: readonly number[], options: readonly Option[], key: Key) => string;

const places =
  (nameOf: (index: number) => string): KeyWriter =>
  (right, _options, key) =>
    right.map(nameOf).join(key.separator ?? ',');

const wording: KeyWriter = (right, options, key) => {
  const texts = right.map((index) => options[index]!.text.plain);
  return texts.length > 1 ? joined(texts, key.separator ?? '; ') : (texts[0] ?? '');
};

/** How each notation with a cell of its own is written. */
const KEY_WRITERS: Partial<Record<Key['style'], KeyWriter>> = {
  letter: places(optionLetter),
  number: places((index) => String(index + 1)),
  'number-from-0': places(String),
  text: wording,
  word: (_right, options, key) =>
    options[0]?.right ? (key.right ?? 'true') : (key.wrong ?? 'false'),
};

/** The key cell's text; empty where the notation has no cell of its own. May throw a Refusal. */
export function keyText(item: Item, { key }: Layout): string {
  const options = item.options ?? [];
  const right = options.flatMap((option, index) => (option.right ? [index] : []));
  return KEY_WRITERS[key.style]?.(right, options, key) ?? '';
}

/** Options with the right ones in front. */
export const rightFirst = (options: readonly Option[]): Option[] => [
  ...options.filter(({ right }) => right),
  ...options.filter(({ right }) => !right),
];

/** Options in the order in which the file wants them: the right one first where its place is the key. */
export function ordered(item: Item, { key }: Layout): Option[] {
  const options = item.options ?? [];
  return key.style === 'first' || key.style === 'right-column' ? rightFirst(options) : options;
}
