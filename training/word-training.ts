// Learning what the words of headings say, from lists of phrases.
import { MEANINGS, SAYINGS } from '../src/core/understanding/contract';
import { BUCKETS, piecesOf } from '../src/core/understanding/heading-words';
import { meet } from '../src/core/understanding/met';
import { RANK, type WordModel } from '../src/core/understanding/model';
import { layerSums, softmax } from '../src/core/understanding/network';
import { sayingOf } from '../src/core/understanding/words';
import { Adam, chanceFrom, newLayer, shuffled } from './learning';
import { FOLDS, type Phrase } from './phrases';

const CONTENT = SAYINGS.indexOf('content');
/** Now and then a piece is left out, so that no single one decides; most of the many contents are skipped each time. */
const LEFT_OUT = 0.15;
const CONTENT_TAKEN = 0.6;
const RATE = 0.35;
const SHRINKING = 2e-5;

/** The gradient of a mean of pieces spread over them by Adagrad (Duchi et al., 2011), since pieces are touched seldom. */
function stepPieces(
  pieces: Float32Array,
  squares: Float32Array,
  own: readonly number[],
  back: Float32Array,
): void {
  for (const piece of own) {
    for (let k = 0; k < RANK; k++) {
      const at = piece * RANK + k;
      const gradient = back[k]! / own.length + SHRINKING * pieces[at]!;
      squares[at]! += gradient * gradient;
      pieces[at]! -= (RATE * gradient) / (Math.sqrt(squares[at]!) + 1e-3);
    }
  }
}

function meanOf(pieces: Float32Array, own: readonly number[]): Float32Array {
  const mean = new Float32Array(RANK);
  for (const piece of own) {
    for (let k = 0; k < RANK; k++) {
      mean[k]! += pieces[piece * RANK + k]! / own.length;
    }
  }
  return mean;
}

/** Learns a model of words from phrases, seeded. */
export function trainWords(phrases: readonly Phrase[], epochs: number, seed: number): WordModel {
  const chance = chanceFrom(seed);
  const pieces = Float32Array.from({ length: BUCKETS * RANK }, () => (chance() - 0.5) * 0.2);
  const squares = new Float32Array(pieces.length);
  const layer = newLayer(RANK, SAYINGS.length, chance);
  const weights = new Float32Array(layer.weights.length);
  const bias = new Float32Array(layer.out);
  const steps = [new Adam(layer.weights, 0.01), new Adam(layer.bias, 0.01)] as const;
  const parts = phrases.map(({ text }) => piecesOf(text));
  const learn = (index: number): void => {
    const own = parts[index]!.filter(() => chance() > LEFT_OUT);
    const { says } = phrases[index]!;
    if (!own.length || (says === CONTENT && chance() > CONTENT_TAKEN)) {
      return;
    }
    const mean = meanOf(pieces, own);
    const error = softmax(layerSums(layer, mean));
    error[says]! -= 1;
    const back = new Float32Array(RANK);
    for (let row = 0; row < layer.out; row++) {
      bias[row]! += error[row]!;
      for (let k = 0; k < RANK; k++) {
        weights[row * RANK + k]! += error[row]! * mean[k]!;
        back[k]! += error[row]! * layer.weights[row * RANK + k]!;
      }
    }
    stepPieces(pieces, squares, own, back);
    steps[0].step(weights);
    steps[1].step(bias);
  };
  const order = phrases.map((_, index) => index);
  for (let epoch = 0; epoch < epochs; epoch++) {
    shuffled(order, chance).forEach(learn);
  }
  const headings = phrases.filter(({ says }) => says < MEANINGS.length);
  return { pieces, layer, met: meet(headings.map(({ text }) => text)) };
}

/** How many phrases are understood at the first guess, in words. */
export function accuracyOfWords(words: WordModel, phrases: readonly Phrase[]): string {
  const told = phrases.filter(({ text }) => piecesOf(text).length);
  const right = told.filter(({ text, says }) => {
    const p = sayingOf(words, text);
    return p.indexOf(Math.max(...p)) === says;
  });
  return `${((100 * right.length) / told.length).toFixed(1)} % of ${told.length}`;
}

export const isHeading = ({ says }: Phrase): boolean => says < MEANINGS.length;

export type Saying = (text: string) => readonly number[];

/** The words as a reader of files meets them: of each of these readers a part of the phrases was held back. */
export const coldReaders = (phrases: readonly Phrase[], seed: number): WordModel[] =>
  Array.from({ length: FOLDS }, (_, fold) =>
    trainWords(
      phrases.filter((one) => one.fold !== fold),
      10,
      seed + fold,
    ),
  );

/** What a reader says of a text, each text asked once. */
export function askedOnce(words: WordModel): Saying {
  const known = new Map<string, readonly number[]>();
  return (text) => {
    const found = known.get(text) ?? sayingOf(words, text);
    known.set(text, found);
    return found;
  };
}

/** What somebody says who knows no word at all. */
export const MUTE: Saying = () => SILENT;
const SILENT: readonly number[] = SAYINGS.map(() => 0);
