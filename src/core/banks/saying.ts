// What a question says to a reader, and a short mark of it by which a later edition is told from what was mended.
import type { Item } from '../model';
import { fnv1a } from '../shared/fnv1a';
import { alike } from '../shared/normalise';

/** What makes two questions the same to a reader: their texts, in any order of the options. */
export function saying({ stem, options = [], accepted = [] }: Item): string {
  const texts = [...options.map(({ text }) => text.plain), ...accepted];
  return [stem.plain, ...texts.sort()].map(alike).join('\n');
}

/** A mark of what a question says, right ones included: two that differ hardly ever share one (32 bits). */
export function markOf(item: Item): string {
  const right = item.options?.map((option) => `${alike(option.text.plain)} ${option.right}`) ?? [];
  return fnv1a([saying(item), ...right.sort()].join('\n')).toString(16);
}
