// Whether a question is about a word that was asked for.
import type { Item } from '../../model';
import { bareWords } from '../../shared/normalise';

/** The words of a term, each without so much of its end as bends. */
const stemsOf = (text: string): string[] =>
  bareWords(text)
    .split(' ')
    .filter(Boolean)
    .map((word) => (word.length > 5 ? word.slice(0, -2) : word));

const holds = (text: string, stems: readonly string[]): boolean => {
  const words = bareWords(text).split(' ');
  return stems.every((stem) => words.some((word) => word.startsWith(stem)));
};

/** An answer that is the term has at most an article more; a longer one may name it in passing. */
const MORE_WORDS = 1;

/** Whether a question is about a term: all its words stand in what it asks, or they are the answer; bent or not. */
export function isAbout(item: Item, term: string): boolean {
  const stems = stemsOf(term);
  const answers = [
    ...(item.options ?? []).flatMap(({ text, right }) => (right ? [text.plain] : [])),
    ...(item.accepted ?? []),
  ].filter((text) => bareWords(text).split(' ').length <= stems.length + MORE_WORDS);
  return [item.stem.plain, ...answers].some((text) => holds(text, stems));
}
