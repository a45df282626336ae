// Words in a sign at right options: what they say to everybody.
import { likelihoodOf, type Meaning } from '../understanding';

/** What stands around a question, and answers none. */
const AROUND: readonly Meaning[] = [
  'stem',
  'explanation',
  'feedback',
  'hint',
  'category',
  'title',
  'points',
  'seconds',
  'tags',
];
const SURELY = 0.8;
const SHORTEST = 3;

/** Whether a sign for right options has words that say something else to everybody: "EXPL:". */
export function saysOther(sign = ''): boolean {
  const words = sign.replace(/[^\p{L}\s]+/gu, ' ').trim();
  return words.length >= SHORTEST && likelihoodOf(words, AROUND) > SURELY;
}
