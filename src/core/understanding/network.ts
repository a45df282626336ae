// A small network of two layers, evaluated; its weights are learned elsewhere and shipped as data.

/** Weights row by row: `out` rows of `into` weights each, then a bias for each row. */
export type Layer = { into: number; out: number; weights: Float32Array; bias: Float32Array };
export type Network = { hidden: Layer; output: Layer };

/** One layer's sums for an input. */
export function layerSums(
  { into, out, weights, bias }: Layer,
  input: ArrayLike<number>,
): Float64Array {
  const sums = new Float64Array(out);
  for (let row = 0; row < out; row++) {
    let sum = bias[row]!;
    const start = row * into;
    for (let index = 0; index < into; index++) {
      sum += weights[start + index]! * input[index]!;
    }
    sums[row] = sum;
  }
  return sums;
}

/** Sums made probabilities that add up to 1. */
export function softmax(sums: ArrayLike<number>): number[] {
  let most = -Infinity;
  for (let index = 0; index < sums.length; index++) {
    most = Math.max(most, sums[index]!);
  }
  const powers = Array.from(sums, (sum) => Math.exp(sum - most));
  const total = powers.reduce((sum, power) => sum + power, 0);
  return powers.map((power) => power / total);
}

/** The sums of a network's output; the hidden layer passes on what is above zero. */
export function networkSums({ hidden, output }: Network, input: ArrayLike<number>): Float64Array {
  const inner = layerSums(hidden, input);
  for (let index = 0; index < inner.length; index++) {
    inner[index] = Math.max(0, inner[index]!);
  }
  return layerSums(output, inner);
}
