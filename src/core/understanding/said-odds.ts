// The odds of columns weighed with what words say of them: those of their headings, and those by which they are explained elsewhere.
import { numberOf } from '../shared/normalise';
import { MEANINGS, SAYINGS, type ColumnView, type Meaning } from './contract';
import { piecesOf } from './heading-words';
import { statesRuleAlone } from './rules-row';
import { saying } from './saying';
import { scaled } from './scaled';

/** What cells alone never show for sure: three small numbers may be points, attempts or anything. */
export const TOLD_BY_WORDS: ReadonlySet<Meaning> = new Set<Meaning>([
  'points',
  'attempts',
  'hint',
  'explanation',
  'by',
  'title',
  'tag',
  'lines',
  'use',
  'shuffle',
  'across',
  'pick',
  'constant',
  'image-alt',
]);
/** How much of its words must name one field for an explanation to say anything. */
const TELLS = 0.5;

/** An explanation speaks in its first words. */
const FIRST_WORDS = /^[^,.;:(\n]{2,40}/u;
/** How much of a doubt stays where an explanation says something else. */
const DOUBT = 0.02;
/** Less of it stays where nothing but words would tell that thing. */
const DOUBT_OF_WORDS = 0.006;
const doubtOf = (index: number): number =>
  TOLD_BY_WORDS.has(MEANINGS[index]!) ? DOUBT_OF_WORDS : DOUBT;

/** What hardly a sheet has, and none without a word for it. */
const RARE: ReadonlySet<Meaning> = new Set<Meaning>([
  'attempts',
  'lines',
  'use',
  'shuffle',
  'across',
  'pick',
  'constant',
  'image-alt',
]);
const UNKNOWN = SAYINGS.indexOf('unknown');
const NEVER_MET = 0.9;
const TAG = MEANINGS.indexOf('tag');

/** The odds under a heading whose words were never met: what hardly a sheet has is rather a property that the maker named. */
function underStrangeWords(own: readonly number[]): readonly number[] {
  const rare = own.reduce((sum, p, index) => sum + (RARE.has(MEANINGS[index]!) ? p : 0), 0);
  return own.map((p, index) => {
    if (index === TAG) {
      return p + rare;
    }
    return RARE.has(MEANINGS[index]!) ? 0 : p;
  });
}

/** The odds without what hardly a sheet has, where the words beyond doubt say something else: cells alone never show it. */
function unlessSaid(
  own: readonly number[],
  spoken: readonly number[],
  best: number,
): readonly number[] {
  const isOther = spoken[best]! > CERTAIN && best < MEANINGS.length && !RARE.has(MEANINGS[best]!);
  return isOther ? own.map((p, index) => (RARE.has(MEANINGS[index]!) ? 0 : p)) : own;
}

/** Whether cells hold numbers below a word for a number of an answer: a nought or two may be anything by themselves. */
function areNumbersOf(meaning: Meaning, texts: readonly string[]): boolean {
  const filled = texts.filter(Boolean);
  const isNumber = (text: string): boolean =>
    numberOf(text.replace(/^[±~≈]|[%]$/gu, '').trim()) !== undefined;
  return (
    (meaning === 'tolerance' || meaning === 'value') && filled.length > 0 && filled.every(isNumber)
  );
}

/** The odds of a column weighed once more with its heading's words: the lists behind them are longer than what was trained on. */
export function worded(own: readonly number[], { heading, texts }: ColumnView): readonly number[] {
  if (!piecesOf(heading).length) {
    return own;
  }
  const spoken = saying(heading);
  const best = spoken.indexOf(Math.max(...spoken));
  const odds =
    spoken[UNKNOWN]! > NEVER_MET ? underStrangeWords(own) : unlessSaid(own, spoken, best);
  const weighed = scaled(odds.map((p, index) => p * (spoken[index]! + doubtOf(index))));
  const isOther = weighed.some((p) => p > weighed[best]!);
  // What explains a question may be called what explains an answer, and hardly anything else.
  const told = ofFeedback(spoken) + (MEANINGS[best] === 'explanation' ? spoken[best]! : 0);
  const isFeedback = isOther && EXPLAINS.has(MEANINGS[best]!) && told > SURE_OF_FEEDBACK;
  const isTold = TOLD_BY_WORDS.has(MEANINGS[best]!) || areNumbersOf(MEANINGS[best]!, texts);
  const isCertain = isFeedback || (spoken[best]! > CERTAIN && isTold);
  const certain = (index: number): number =>
    isFeedback ? Number(index === best) * told : spoken[index]!;
  return isCertain ? weighed.map((p, index) => (p + certain(index)) / 2) : weighed;
}
/** A word beyond doubt for what nothing but words tells outweighs what cells look like. */
const CERTAIN = 0.95;
/** Hardly any other word goes with feedback, whichever it is. */
const SURE_OF_FEEDBACK = 0.85;
const ofFeedback = (spoken: readonly number[]): number =>
  MEANINGS.reduce((sum, meaning, index) => sum + (FEEDBACK.has(meaning) ? spoken[index]! : 0), 0);
const FEEDBACK: ReadonlySet<Meaning> = new Set(['feedback', 'feedback-right', 'feedback-wrong']);
const EXPLAINS: ReadonlySet<Meaning> = new Set([...FEEDBACK, 'explanation']);

/** What is said of several columns at once says of each that it is one of them. */
const ONE_OF: readonly (readonly [several: Meaning, one: Meaning])[] = [
  ['options', 'option'],
  ['wrongs', 'wrong'],
];

/** What the words of an explanation say; `isShared` where several columns have it. */
function sayingOfExplanation(words: string, isShared: boolean): readonly number[] {
  const spoken = [...saying(words)];
  for (const [several, one] of isShared ? ONE_OF : []) {
    spoken[SAYINGS.indexOf(one)]! += spoken[SAYINGS.indexOf(several)]!;
    spoken[SAYINGS.indexOf(several)] = 0;
  }
  return spoken;
}

/** The odds of a column weighed with the words by which it is explained elsewhere, where those name a field. */
export function explained(
  own: readonly number[],
  explanation: string | undefined,
  isShared: boolean,
): readonly number[] {
  const words = explanation && FIRST_WORDS.exec(explanation)?.[0];
  if (!words || !piecesOf(words).length || statesRuleAlone(words)) {
    return own;
  }
  const spoken = sayingOfExplanation(words, isShared);
  if (Math.max(...MEANINGS.map((_, index) => spoken[index]!)) < TELLS) {
    return own;
  }
  const weighed = scaled(own.map((p, index) => p * (spoken[index]! + doubtOf(index))));
  // What names a field outright, or two that are near each other, says it whatever a word of the form's own was taken for.
  const [best = 0, next = 0] = [...spoken].sort((a, b) => b - a);
  return best + next < OUTRIGHT
    ? weighed
    : weighed.map((p, index) => (1 - TOLD) * p + TOLD * spoken[index]!);
}
const OUTRIGHT = 0.9;
const TOLD = 0.7;
