// Whether a question is about a word that was asked for.
import type { Item } from '../../model';
import { bareWords } from '../../shared/normalise';

/** The words of a term, each without so much of its end as bends. */
const stemsOf = (text: string): string[] =>
  bareWords(text)
    .split(' ')
    .filter(Boolean)
    .map((word) => (word.length > 5 ? word.slice(0, -2) : word));

/** Whether a question is about a term: all its words stand in what it asks or in what is right, bent or not. */
export function isAbout(item: Item, term: string): boolean {
  const texts = [
    item.stem.plain,
    ...(item.options ?? []).flatMap(({ text, right }) => (right ? [text.plain] : [])),
    ...(item.accepted ?? []),
    item.explanation?.plain ?? '',
  ];
  const words = bareWords(texts.join(' ')).split(' ');
  return stemsOf(term).every((stem) => words.some((word) => word.startsWith(stem)));
}
