// What was learned about words and columns, as it is shipped: whole numbers from -127 to 127 with a scale for each list.
import { toByteArray } from 'base64-js';
import type { Met } from './met';
import type { Layer, Network } from './network';
import shipped from './model.json' with { type: 'json' };

/** How many figures stand for a piece of a word. */
export const RANK = 16;

export type WordModel = {
  pieces: Float32Array;
  layer: Layer;
  /** Which words it has met. */
  met: Met;
};
export type Model = {
  words: WordModel;
  /** What each column is by itself and beside its neighbours. */
  first: Network;
  /** The same once it is known what the others probably are. */
  second: Network;
  /** How much a row looks like the headings. */
  headingRow: Network;
  /** How much the row below the headings looks like one that explains them. */
  explainingRow: Network;
  /** What the sums of the second network are divided by, so that what is said with 90 % is right in nine of ten cases. */
  temperature: number;
};

/** A list of weights as it is kept. */
export type Kept = { scale: number; bytes: string };
type KeptLayer = { into: number; out: number; weights: Kept; bias: number[] };
type KeptNetwork = { hidden: KeptLayer; output: KeptLayer };
export type KeptModel = {
  version: number;
  words: { pieces: Kept; layer: KeptLayer; met: string };
  first: KeptNetwork;
  second: KeptNetwork;
  headingRow: KeptNetwork;
  explainingRow: KeptNetwork;
  temperature: number;
};

function weightsOf({ scale, bytes }: Kept): Float32Array {
  const signed = new Int8Array(toByteArray(bytes).buffer);
  return Float32Array.from(signed, (value) => value * scale);
}

const layerOf = ({ into, out, weights, bias }: KeptLayer): Layer => ({
  into,
  out,
  weights: weightsOf(weights),
  bias: Float32Array.from(bias),
});
const networkOf = ({ hidden, output }: KeptNetwork): Network => ({
  hidden: layerOf(hidden),
  output: layerOf(output),
});

/** The model made ready for use. */
export const unpackModel = (kept: KeptModel): Model => ({
  words: {
    pieces: weightsOf(kept.words.pieces),
    layer: layerOf(kept.words.layer),
    met: toByteArray(kept.words.met),
  },
  first: networkOf(kept.first),
  second: networkOf(kept.second),
  headingRow: networkOf(kept.headingRow),
  explainingRow: networkOf(kept.explainingRow),
  temperature: kept.temperature,
});

let unpacked: Model | undefined;
/** The model that ships with the program; unpacked once. */
export const shippedModel = (): Model => (unpacked ??= unpackModel(shipped));
