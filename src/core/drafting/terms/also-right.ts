// Whether what one term lends would be right for another as well, so that it can't stand there as wrong.
import { editsBetween } from '../../shared/normalise';
import type { Entry } from './entries';

/** Words of this length and more that differ by one letter are the same, mistyped or bent. */
const LONG = 5;
/** Articles and the like, with or without which a text says the same. */
const SLIGHT = new Set(
  'a an the some any der die das ein eine le la les un une des el los las una il lo gli de het een'.split(
    ' ',
  ),
);

const isWithin = (part: string, whole: string): boolean =>
  part.length < whole.length && ` ${whole} `.includes(` ${part} `);

/** A word that is the same but for one letter; figures and short words are not. */
const isSameWord = (a: string, b: string): boolean =>
  a === b ||
  (Math.min(a.length, b.length) >= LONG && !/\d/.test(a + b) && editsBetween(a, b, 1) <= 1);

/** Whether two texts (made comparable) are nearly the same, or one holds the other. */
export function isNearlySame(a: string, b: string): boolean {
  if (a === b || isWithin(a, b) || isWithin(b, a)) {
    return true;
  }
  const [first, second] = [a, b].map((text) => text.split(' ').filter((word) => !SLIGHT.has(word)));
  return (
    first!.length === second!.length &&
    first!.length > 0 &&
    first!.every((word, at) => isSameWord(word, second![at]!))
  );
}

/** Whether an entry's term or definition would also be right where another one is asked for. */
export const wouldBeRight = (asked: Entry, lender: Entry): boolean =>
  asked.at === lender.at ||
  asked.synonyms.has(lender.likeTerm) ||
  lender.synonyms.has(asked.likeTerm) ||
  isNearlySame(asked.likeTerm, lender.likeTerm) ||
  isNearlySame(asked.likeDefinition, lender.likeDefinition);
