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

/** How likely a heading says each of `SAYINGS`, in their order; all 0 where it has no word. */
export function sayingOf(words: WordModel, text: string): readonly number[] {
  const mean = meanPiece(words, text);
  return mean ? softmax(layerSums(words.layer, mean)) : SILENT;
}
