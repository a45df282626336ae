// What the words of a heading say that its column holds.
import { MEANINGS, SAYINGS } from './contract';
import { piecesOf } from './heading-words';
import { shareMet } from './met';
import { RANK, type WordModel } from './model';
import { layerSums, softmax } from './network';
import { scaled } from './scaled';

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

/** What the pieces of a text say; words that were never met name nothing. */
function saidBy(words: WordModel, text: string): readonly number[] {
  const mean = meanPiece(words, text);
  if (!mean) {
    return SILENT;
  }
  const said = softmax(layerSums(words.layer, mean));
  const share = shareMet(words.met, text);
  const named = said.slice(0, MEANINGS.length).reduce((sum, p) => sum + p, 0);
  const unknown = SAYINGS.indexOf('unknown');
  return said.map((p, index) => {
    if (index < MEANINGS.length) {
      return p * share;
    }
    return index === unknown ? p + named * (1 - share) : p;
  });
}

const bracketed = (text: string, open: number): string =>
  text.slice(open + 1).replace(/[([{<)\]}>]/g, ' ');

/** So clearly must the words in brackets say something that those outside may mean as well, to tell which it is. */
const CLEARLY = 0.8;
const THINKABLE = 0.005;
const DOUBT = 0.02;

/** What the words outside the brackets say, told apart by those inside: a picture's link is no description of it. */
function told(said: readonly number[], inside: readonly number[]): readonly number[] {
  const most = Math.max(...inside.slice(0, MEANINGS.length));
  if (most < CLEARLY || said[inside.indexOf(most)]! < THINKABLE) {
    return said;
  }
  return scaled(said.map((p, index) => p * (inside[index]! + DOUBT)));
}

/** How likely a heading says each of `SAYINGS`, in their order; all 0 where it has no word. */
export function sayingOf(words: WordModel, text: string): readonly number[] {
  const said = saidBy(words, text);
  const open = text.search(/[([{<]/);
  if (open <= 0) {
    return said;
  }
  const nothing = NOTHING.reduce((sum, index) => sum + said[index]!, 0);
  if (nothing < SAYS_NOTHING) {
    return told(said, saidBy(words, bracketed(text, open)));
  }
  const whole = saidBy(words, text.replace(/[([{<)\]}>]/g, ' '));
  const inside = saidBy(words, bracketed(text, open));
  const most = (one: readonly number[]): number => Math.max(...one.slice(0, MEANINGS.length));
  return [said, whole, inside].reduce((best, one) => (most(one) > most(best) ? one : best));
}
