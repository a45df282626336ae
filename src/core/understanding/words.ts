// What the words of a heading say that its column holds.
import { SAYINGS } from './contract';
import { piecesOf } from './heading-words';
import { RANK, type WordModel } from './model';
import { layerSums, softmax } from './network';

/** The mean of the figures of a heading's pieces; undefined where it has no word. */
export function meanPiece({ pieces }: WordModel, text: string): Float64Array | undefined {
  const found = piecesOf(text);
  if (!found.length) {
    return undefined;
  }
  const mean = new Float64Array(RANK);
  for (const piece of found) {
    for (let index = 0; index < RANK; index++) {
      mean[index]! += pieces[piece * RANK + index]! / found.length;
    }
  }
  return mean;
}

const SILENT: readonly number[] = SAYINGS.map(() => 0);

/** Less sure than this the words outside the brackets say little, and those within are asked as well. */
const SAYS_LITTLE = 0.6;

const saidBy = (words: WordModel, text: string): readonly number[] => {
  const mean = meanPiece(words, text);
  return mean ? softmax(layerSums(words.layer, mean)) : SILENT;
};

/** How likely a heading says each of `SAYINGS`, in their order; all 0 where it has no word. */
export function sayingOf(words: WordModel, text: string): readonly number[] {
  const said = saidBy(words, text);
  const open = text.search(/[([{<]/);
  if (open <= 0 || Math.max(...said) > SAYS_LITTLE) {
    return said;
  }
  const whole = saidBy(words, text.replace(/[([{<)\]}>]/g, ' '));
  const inside = saidBy(words, text.slice(open + 1).replace(/[([{<)\]}>]/g, ' '));
  return [said, whole, inside].reduce((best, one) =>
    Math.max(...one) > Math.max(...best) ? one : best,
  );
}
