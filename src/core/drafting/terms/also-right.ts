// Whether what one term lends would be right for another as well, so that it can't stand there as wrong.
import { editsBetween } from '../../shared/normalise';
import type { Entry } from './entries';

/** Texts of this length and more that differ by so few letters are the same, mistyped or bent. */
const LONG = 6;
const FEW_EDITS = 2;
/** So large a share of words in common makes two longer texts say the same. */
const SAME_WORDS = 0.8;
const WORDY = 4;

const isWithin = (part: string, whole: string): boolean =>
  part.length < whole.length && ` ${whole} `.includes(` ${part} `);

/** Whether two texts (made comparable) are nearly the same, or one holds the other. */
export function isNearlySame(a: string, b: string): boolean {
  if (a === b || isWithin(a, b) || isWithin(b, a)) {
    return true;
  }
  const [wordsA, wordsB] = [new Set(a.split(' ')), new Set(b.split(' '))];
  if (Math.min(wordsA.size, wordsB.size) >= WORDY) {
    const both = [...wordsA].filter((word) => wordsB.has(word)).length;
    return both / (wordsA.size + wordsB.size - both) >= SAME_WORDS;
  }
  return (
    Math.min(a.length, b.length) >= LONG &&
    !/\d/.test(a + b) &&
    editsBetween(a, b, FEW_EDITS) < FEW_EDITS
  );
}

/** Whether an entry's term or definition would also be right where another one is asked for. */
export const wouldBeRight = (asked: Entry, lender: Entry): boolean =>
  asked.at === lender.at ||
  asked.synonyms.has(lender.likeTerm) ||
  lender.synonyms.has(asked.likeTerm) ||
  isNearlySame(asked.likeTerm, lender.likeTerm) ||
  isNearlySame(asked.likeDefinition, lender.likeDefinition);
