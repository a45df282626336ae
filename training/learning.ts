// Learning of weights: plain gradients with Adam (Kingma and Ba, 2015), seeded.
import type { Layer, Network } from '../src/core/understanding/network';

/** A seeded source of chance (mulberry32, public domain). */
export function chanceFrom(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = Math.imul(state ^ (state >>> 15), state | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

export class Adam {
  private readonly first: Float32Array;
  private readonly second: Float32Array;
  private steps = 0;
  constructor(
    private readonly values: Float32Array,
    private readonly rate: number,
    private readonly decay = 0,
  ) {
    this.first = new Float32Array(values.length);
    this.second = new Float32Array(values.length);
  }
  step(gradient: Float32Array, scale = 1): void {
    this.steps++;
    const [a, b] = [0.9, 0.999];
    const rate = (this.rate * scale * Math.sqrt(1 - b ** this.steps)) / (1 - a ** this.steps);
    for (let index = 0; index < gradient.length; index++) {
      const g = gradient[index]!;
      this.first[index] = a * this.first[index]! + (1 - a) * g;
      this.second[index] = b * this.second[index]! + (1 - b) * g * g;
      this.values[index]! -=
        (rate * this.first[index]!) / (Math.sqrt(this.second[index]!) + 1e-8) +
        rate * this.decay * this.values[index]!;
      gradient[index] = 0;
    }
  }
}

export function newLayer(into: number, out: number, chance: () => number): Layer {
  const spread = Math.sqrt(2 / (into + out));
  const weights = Float32Array.from({ length: into * out }, () => (chance() * 2 - 1) * spread);
  return { into, out, weights, bias: new Float32Array(out) };
}
export const newNetwork = (
  into: number,
  hidden: number,
  out: number,
  chance: () => number,
): Network => ({
  hidden: newLayer(into, hidden, chance),
  output: newLayer(hidden, out, chance),
});

/** The gradients of a network and the steps along them. */
export class Trainer {
  private readonly layers: {
    layer: Layer;
    weights: Float32Array;
    bias: Float32Array;
    adamW: Adam;
    adamB: Adam;
  }[];
  inner = new Float32Array(0);
  private kept: boolean[] = [];
  private filled: number[] = [];
  constructor(
    readonly network: Network,
    rate: number,
    decay: number,
    private readonly chance: () => number,
    private readonly dropout = 0.1,
  ) {
    this.layers = [network.hidden, network.output].map((layer) => ({
      layer,
      weights: new Float32Array(layer.weights.length),
      bias: new Float32Array(layer.out),
      adamW: new Adam(layer.weights, rate, decay),
      adamB: new Adam(layer.bias, rate),
    }));
  }
  forward(input: ArrayLike<number>): Float32Array {
    const { hidden, output } = this.network;
    const inner = new Float32Array(hidden.out);
    // Most figures are nothing; only the others are summed.
    const filled: number[] = [];
    for (let index = 0; index < hidden.into; index++)
      if (Math.abs(input[index]!) > 0.002) filled.push(index);
    this.filled = filled;
    this.kept = [];
    for (let row = 0; row < hidden.out; row++) {
      let sum = hidden.bias[row]!;
      const start = row * hidden.into;
      for (const index of filled) sum += hidden.weights[start + index]! * input[index]!;
      const keep = this.chance() >= this.dropout;
      this.kept.push(keep);
      inner[row] = keep ? Math.max(0, sum) / (1 - this.dropout) : 0;
    }
    this.inner = inner;
    const sums = new Float32Array(output.out);
    for (let row = 0; row < output.out; row++) {
      let sum = output.bias[row]!;
      const start = row * output.into;
      for (let index = 0; index < output.into; index++)
        sum += output.weights[start + index]! * inner[index]!;
      sums[row] = sum;
    }
    return sums;
  }
  /** Adds the gradient of one example whose output's error is given; call right after its `forward`. */
  backward(input: ArrayLike<number>, error: ArrayLike<number>): void {
    const [hidden, output] = this.layers;
    const back = new Float32Array(this.network.hidden.out);
    for (let row = 0; row < error.length; row++) {
      const e = error[row]!;
      if (Math.abs(e) < 1e-6) continue;
      output!.bias[row]! += e;
      const start = row * output!.layer.into;
      for (let index = 0; index < output!.layer.into; index++) {
        output!.weights[start + index]! += e * this.inner[index]!;
        back[index]! += e * output!.layer.weights[start + index]!;
      }
    }
    for (let row = 0; row < back.length; row++) {
      if (this.inner[row]! <= 0 || !this.kept[row]) continue;
      const e = back[row]! / (1 - this.dropout);
      hidden!.bias[row]! += e;
      const start = row * hidden!.layer.into;
      for (const index of this.filled) hidden!.weights[start + index]! += e * input[index]!;
    }
  }
  step(scale = 1): void {
    for (const { weights, bias, adamW, adamB } of this.layers) {
      adamW.step(weights, scale);
      adamB.step(bias, scale);
    }
  }
}

export function shuffled<T>(list: readonly T[], chance: () => number): T[] {
  const out = [...list];
  for (let index = out.length - 1; index > 0; index--) {
    const other = Math.floor(chance() * (index + 1));
    [out[index], out[other]] = [out[other]!, out[index]!];
  }
  return out;
}
