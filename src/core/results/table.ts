// The figures of a sitting as a table that any program reads.
import type { Item, Results } from '../model';
import { optionLetter } from '../shared/plain';

const HEADINGS = [
  'reference',
  'question',
  'answered',
  'right',
  'difficulty',
  'difficulty from',
  'difficulty to',
  'discrimination',
  'upper-lower',
  'alpha without',
];
const DIGITS = 4;
const figure = (value: number | null): string => (value === null ? '' : value.toFixed(DIGITS));

/** Rows of text, headings first; each option's share behind the figures, by its letter. */
export function figuresTable({ items }: Results, questions: ReadonlyMap<string, Item>): string[][] {
  const most = Math.max(0, ...items.map(({ options = [] }) => options.length));
  const letters = Array.from({ length: most }, (_, at) => `chose ${optionLetter(at)}`);
  const rows = items.map((one) => [
    one.ref,
    (one.item && questions.get(one.item)?.stem.plain) ?? '',
    String(one.answered),
    String(one.right),
    figure(one.difficulty),
    figure(one.interval[0]),
    figure(one.interval[1]),
    figure(one.discrimination),
    figure(one.upperLower),
    figure(one.alphaWithout),
    ...letters.map((_, at) => String(one.options?.[at]?.chosen ?? '')),
  ]);
  return [[...HEADINGS, ...letters], ...rows];
}
