// The manner in which a text is typed: what its questions and its options begin with. Each that the text allows is tried.
import { likelihoodOf } from '../../understanding';
import { defined } from '../../shared/defined';
import { fieldOfLine } from '../../shared/vocabulary/answer-lines';
import { answerBehind } from './answers-behind';
import { holdsWords } from './bracket-gaps';
import { labelsWithin } from './inline';
import { isJudged } from './lone';
import type { Names } from './names';
import type { SaidLines } from './said-lines';
import type { TypedLine } from './typed-line';
import type { Counting } from './labels';
import type { OptionSign, StemSign, TextManner } from './signs';

const MOST_FAMILIES = 6;
/** So much of a text are questions of one line each before it is read so. */
const MOSTLY_LINES = 0.6;

/** Whether a line is a question with its answer behind it, a statement with its verdict, or a sentence whose gaps hold their words. */
export const isWholeLine = ({ text }: TypedLine): boolean =>
  answerBehind(text) !== undefined || isJudged(text) || holdsWords(text);
type Family = {
  family: string;
  counts: Counting;
  times: number;
  /** How often it begins to count. */
  begins: number;
  word?: string;
};

/** The families of labels of a text, those that stand there most often first. */
function familiesOf(lines: readonly TypedLine[]): Family[] {
  const families = new Map<string, Family>();
  const within = lines.flatMap((line) => labelsWithin(line));
  for (const { family, counts, word, n } of [...lines.flatMap(({ labels }) => labels), ...within]) {
    const known = families.get(family) ?? defined({ family, counts, word, times: 0, begins: 0 });
    known.times++;
    known.begins += Number(n === 0);
    families.set(family, known);
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

/** Whether a label may begin questions; a letter that comes again and counts nothing is short for a word, 'F: …' for 'Frage'. */
function isSign({ counts, word = '', times }: Family, names: Names): boolean {
  const isShort = word.length === 1 && times > 1;
  return counts !== 'word' || (word !== '' && (isShort || asks(word) || names.isOwn(word)));
}

/** Letters and bullets count options, numbers and words questions; the other way round is rarer and not tried for words. */
const mayBeStem = (family: Family, names: Names): boolean =>
  isSign(family, names) && family.counts !== 'circled';
/** A word in front of a number offers options where it is known to, or where the numbers begin anew again and again. */
const mayBeOption = ({ counts, word, times, begins }: Family): boolean =>
  counts !== 'word' && (word === undefined || offers(word) || begins > 1) && times > 1;

/** The families of labels at lines of which a person said that questions or options begin there. */
const pointedFamilies = (lines: readonly TypedLine[], said: SaidLines): Set<string> =>
  new Set(
    lines
      .filter(({ line }) => ['question', 'option'].includes(said.get(line.line) ?? ''))
      .flatMap(({ labels }) => labels.map(({ family }) => family)),
  );

/** Whether questions and options begin alike: told apart by how they count, which numbers alone allow. */
export const isSameFamily = ({ stem, option }: TextManner): boolean =>
  stem.is === 'label' && option.is === 'label' && stem.family === option.family;
const countsNumbers = (option: OptionSign): boolean =>
  option.is === 'label' && option.counts === 'number';

const signName = (sign: StemSign | OptionSign): string =>
  sign.is === 'label' ? `label ${sign.family}` : sign.is;

/** A manner by a name that finds it again in the same text. */
export const nameOf = ({ stem, option }: TextManner): string =>
  `${signName(stem)} / ${signName(option)}`;

/** Every manner that a text allows; those whose labels are many come first. */
export function mannersOf(
  lines: readonly TypedLine[],
  names: Names,
  said: SaidLines = new Map(),
): TextManner[] {
  const families = familiesOf(lines);
  const pointed = pointedFamilies(lines, said);
  const stems: StemSign[] = families
    .filter((family) => mayBeStem(family, names))
    .filter(({ family }, index) => index < MOST_FAMILIES || pointed.has(family))
    .map(({ family }) => ({ is: 'label', family }));
  if (lines.some(({ isBold }) => isBold)) {
    stems.push({ is: 'bold' });
  }
  stems.push({ is: 'gap' });
  const filled = lines.filter(({ isBlank }) => !isBlank);
  if (filled.filter(isWholeLine).length >= filled.length * MOSTLY_LINES) {
    stems.push({ is: 'line' });
  }
  const options: OptionSign[] = families
    .filter((family) => mayBeOption(family) || pointed.has(family.family))
    .filter(({ family }, index) => index < MOST_FAMILIES || pointed.has(family))
    .map(({ family, counts }) => ({ is: 'label', family, counts }));
  options.push({ is: 'mark' }, { is: 'plain' });
  return stems.flatMap((stem) =>
    options
      .filter((option) => !isSameFamily({ stem, option }) || countsNumbers(option))
      .map((option) => ({ stem, option })),
  );
}
