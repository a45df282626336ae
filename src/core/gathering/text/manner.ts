// The manner in which a text is typed: what its questions and its options begin with. Each that the text allows is tried.
import { likelihoodOf } from '../../understanding';
import { fieldOfLine } from '../../shared/vocabulary/answer-lines';
import type { Names } from './names';
import type { TypedLine } from './typed-line';
import type { Counting } from './labels';

/** What questions begin with: labels of a family, bold lines, or nothing but a blank line before them. */
export type StemSign =
  { is: 'label'; family: string; counts: Counting } | { is: 'bold' } | { is: 'gap' };
/** What options begin with: labels of a family, signs that say right or wrong, or nothing. */
export type OptionSign =
  { is: 'label'; family: string; counts: Counting } | { is: 'mark' } | { is: 'plain' };
export type TextManner = { stem: StemSign; option: OptionSign };

const MOST_FAMILIES = 6;
type Family = { family: string; counts: Counting; times: number; runs: number; word?: string };

/** The families of labels of a text, with how often each stands there and how often it goes on counting. */
function familiesOf(lines: readonly TypedLine[]): Family[] {
  const families = new Map<string, Family & { last: number }>();
  for (const { labels } of lines) {
    for (const { family, counts, n, word } of labels) {
      const known = families.get(family) ?? {
        family,
        counts,
        times: 0,
        runs: 0,
        last: NaN,
        ...(word === undefined ? {} : { word }),
      };
      families.set(family, {
        ...known,
        times: known.times + 1,
        runs: known.runs + Number(n === known.last + 1),
        last: n ?? NaN,
      });
    }
  }
  return [...families.values()].sort((a, b) => b.times - a.times);
}

const QUESTION = 0.3;
/** Whether a word stands in front of questions: 'Frage', 'Q'. */
const asks = (word: string): boolean =>
  fieldOfLine(`${word}: x`)?.role === 'question' ||
  likelihoodOf(word.replace(/\W+$/u, ''), ['stem']) > QUESTION;

/** Whether a word stands in front of options: 'Option', 'Antwort'. */
const offers = (word: string): boolean => likelihoodOf(word, ['option']) > QUESTION;

const isSign = ({ counts, word }: Family, names: Names): boolean =>
  counts !== 'word' || (word !== undefined && (asks(word) || names.isOwn(word)));

/** Letters and bullets count options, numbers and words questions; the other way round is rarer and not tried for words. */
const mayBeStem = (family: Family, names: Names): boolean =>
  isSign(family, names) && family.counts !== 'circled' && family.times > 0;
const mayBeOption = ({ counts, word, times }: Family): boolean =>
  counts !== 'word' && (word === undefined || offers(word)) && times > 1;

/** Every manner that a text allows; those whose labels are many come first. */
export function mannersOf(lines: readonly TypedLine[], names: Names): TextManner[] {
  const families = familiesOf(lines);
  const stems: StemSign[] = families
    .filter((family) => mayBeStem(family, names))
    .slice(0, MOST_FAMILIES)
    .map(({ family, counts }) => ({ is: 'label', family, counts }));
  if (lines.some(({ isBold }) => isBold)) {
    stems.push({ is: 'bold' });
  }
  stems.push({ is: 'gap' });
  const options: OptionSign[] = families
    .filter(mayBeOption)
    .slice(0, MOST_FAMILIES)
    .map(({ family, counts }) => ({ is: 'label', family, counts }));
  options.push({ is: 'mark' }, { is: 'plain' });
  return stems.flatMap((stem) =>
    options
      .filter(
        (option) =>
          !(stem.is === 'label' && option.is === 'label' && stem.family === option.family),
      )
      .map((option) => ({ stem, option })),
  );
}
