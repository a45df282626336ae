// What the words of headings and labels say, asked of the model that ships; what was asked lately is kept.
import { MEANINGS, type Likely, type Meaning } from './contract';
import { piecesOf } from './heading-words';
import { shippedModel } from './model';
import { sayingOf } from './words';

const known = new Map<string, readonly number[]>();
const MOST_KNOWN = 4000;
/** What a heading's words say; what was asked lately is kept. */
export function saying(text: string): readonly number[] {
  const found = known.get(text);
  if (found) {
    return found;
  }
  if (known.size > MOST_KNOWN) {
    known.clear();
  }
  const said = sayingOf(shippedModel().words, text);
  known.set(text, said);
  return said;
}

/** The likeliest meaning of a heading or label by its words alone; undefined where they say none with some certainty. */
export function meaningOfWords(text: string): Likely | undefined {
  if (!piecesOf(text).length) {
    return undefined;
  }
  const said = saying(text);
  const best = said.indexOf(Math.max(...said));
  return best < MEANINGS.length ? { meaning: MEANINGS[best]!, p: said[best]! } : undefined;
}

/** How likely a text's words name any of some meanings, 0 to 1. */
export function likelihoodOf(text: string, meanings: readonly Meaning[]): number {
  if (!piecesOf(text).length) {
    return 0;
  }
  const said = saying(text);
  return meanings.reduce((sum, meaning) => sum + said[MEANINGS.indexOf(meaning)]!, 0);
}
