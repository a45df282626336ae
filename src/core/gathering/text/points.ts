// Points in brackets behind a question, '(2 points)', or in front of it where they stand beside its number.
import { WORDS_OF_POINTS } from '../../shared/vocabulary/words-of-points';

const BRACKET = String.raw`[([](\d+(?:[.,]\d+)?)\s*(?:${WORDS_OF_POINTS})\.?[)\]]`;

export const POINTS = new RegExp(String.raw`\s*${BRACKET}\s*$`, 'iu');
/** Points and nothing else. */
export const POINTS_ALONE = new RegExp(String.raw`^\s*${BRACKET}\s*[:.]?\s*$`, 'iu');
/** Points with the question behind them. */
const POINTS_FIRST = new RegExp(String.raw`^\s*${BRACKET}\s*[:.]?\s+(?=\S)`, 'iu');

/** Whether a text begins with its points in brackets, with the question behind them or nothing. */
export const beginsWithPoints = (text: string): boolean =>
  POINTS_ALONE.test(text) || POINTS_FIRST.test(text);

/** A text without the points in front of it or behind, and how many there are. */
export function withoutPoints(text: string): { text: string; points?: string } {
  const behind = POINTS.exec(text);
  if (behind) {
    return { text: text.slice(0, behind.index), points: behind[1]! };
  }
  const first = POINTS_FIRST.exec(text);
  return first ? { text: text.slice(first[0].length), points: first[1]! } : { text };
}
