// What the words of a heading say that its column holds.
import { MEANINGS, SAYINGS } from './contract';
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

/** Where the words outside the brackets say so much of nothing, those within are asked as well. */
const SAYS_NOTHING = 0.5;
const NOTHING = [SAYINGS.indexOf('content'), SAYINGS.indexOf('unknown')];

const saidBy = (words: WordModel, text: string): readonly number[] => {
  const mean = meanPiece(words, text);
  return mean ? softmax(layerSums(words.layer, mean)) : SILENT;
};

/** How likely a heading says each of `SAYINGS`, in their order; all 0 where it has no word. */
export function sayingOf(words: WordModel, text: string): readonly number[] {
  const said = saidBy(words, text);
  const open = text.search(/[([{<]/);
  const nothing = NOTHING.reduce((sum, index) => sum + said[index]!, 0);
  if (open <= 0 || nothing < SAYS_NOTHING) {
    return said;
  }
  const whole = saidBy(words, text.replace(/[([{<)\]}>]/g, ' '));
  const inside = saidBy(words, text.slice(open + 1).replace(/[([{<)\]}>]/g, ' '));
  const most = (one: readonly number[]): number => Math.max(...one.slice(0, MEANINGS.length));
  return [said, whole, inside].reduce((best, one) => (most(one) > most(best) ? one : best));
}
