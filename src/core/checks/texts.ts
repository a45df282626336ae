// The texts of a question with their fields and names, and a patch that sets one of them.
import type { Item } from '../model';
import { optionLetter } from '../shared/plain';
import { defined } from '../shared/defined';
import { say } from '../shared/say';

export type Named = { field: string; name: string; text: string };

/** The stem, the options and what is accepted. */
export const textsOf = (item: Item): Named[] => [
  { field: 'stem', name: say('The question'), text: item.stem.plain },
  ...(item.options ?? []).map((option, index) => ({
    field: `options.${index}`,
    name: say('Option {index}', { index: optionLetter(index) }),
    text: option.text.plain,
  })),
  ...(item.accepted ?? []).map((text, index) => ({
    field: `accepted.${index}`,
    name: say('The answer'),
    text,
  })),
];

/** The fields that change when every text of a question goes through a function; formatting of changed texts is let go. */
export function patchTexts(item: Item, change: (text: string) => string): Partial<Item> {
  const text = <T extends { plain: string }>(one: T): T | { plain: string } =>
    change(one.plain) === one.plain ? one : { plain: change(one.plain) };
  const changed = (a: unknown, b: unknown): boolean => JSON.stringify(a) !== JSON.stringify(b);
  const options = item.options?.map((option) => ({ ...option, text: text(option.text) }));
  const accepted = item.accepted?.map(change);
  const stem = text(item.stem);
  return defined({
    stem: changed(stem, item.stem) ? stem : undefined,
    options: options && changed(options, item.options) ? options : undefined,
    accepted: accepted && changed(accepted, item.accepted) ? accepted : undefined,
  });
}

/** Whether a test holds for any of these texts; most questions pass every check, so this comes first. */
export function anyText(item: Item, test: (text: string) => boolean): boolean {
  return (
    test(item.stem.plain) ||
    (item.options?.some((option) => test(option.text.plain)) ?? false) ||
    (item.accepted?.some(test) ?? false)
  );
}
