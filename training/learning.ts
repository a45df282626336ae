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

/** Adam's two decays (Kingma and Ba, 2015, section 2). */
const FIRST_DECAY = 0.9;
const SECOND_DECAY = 0.999;

/** Steps of Adam along gradients, which are emptied. */
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
    const grown = Math.sqrt(1 - SECOND_DECAY ** this.steps) / (1 - FIRST_DECAY ** this.steps);
    const rate = this.rate * scale * grown;
    for (let index = 0; index < gradient.length; index++) {
      const g = gradient[index]!;
      const first = FIRST_DECAY * this.first[index]! + (1 - FIRST_DECAY) * g;
      const second = SECOND_DECAY * this.second[index]! + (1 - SECOND_DECAY) * g * g;
      this.first[index] = first;
      this.second[index] = second;
      this.values[index]! -=
        (rate * first) / (Math.sqrt(second) + 1e-8) + rate * this.decay * this.values[index]!;
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

type Held = { layer: Layer; weights: Float32Array; bias: Float32Array; steps: [Adam, Adam] };

const heldOf = (layer: Layer, rate: number, decay: number): Held => ({
  layer,
  weights: new Float32Array(layer.weights.length),
  bias: new Float32Array(layer.out),
  steps: [new Adam(layer.weights, rate, decay), new Adam(layer.bias, rate)],
});

/** Figures as small as this add nothing. */
const NOTHING = 0.002;

/** The gradients of a network and the steps along them. */
export class Trainer {
  private readonly hidden: Held;
  private readonly output: Held;
  private inner = new Float32Array(0);
  private kept: boolean[] = [];
  private filled: number[] = [];
  private readonly dropout: number;

  constructor(
    readonly network: Network,
    { rate, decay, dropout }: { rate: number; decay: number; dropout: number },
    private readonly chance: () => number,
  ) {
    this.hidden = heldOf(network.hidden, rate, decay);
    this.output = heldOf(network.output, rate, decay);
    this.dropout = dropout;
  }

  /** The output's sums; some of the inner ones are left out by chance. */
  forward(input: ArrayLike<number>): Float32Array {
    const { hidden, output } = this.network;
    this.filled = [];
    for (let index = 0; index < hidden.into; index++) {
      if (Math.abs(input[index]!) > NOTHING) {
        this.filled.push(index);
      }
    }
    this.kept = Array.from({ length: hidden.out }, () => this.chance() >= this.dropout);
    this.inner = Float32Array.from(this.kept, (keep, row) => {
      let sum = hidden.bias[row]!;
      for (const index of this.filled) {
        sum += hidden.weights[row * hidden.into + index]! * input[index]!;
      }
      return keep ? Math.max(0, sum) / (1 - this.dropout) : 0;
    });
    return Float32Array.from(output.bias, (bias, row) => {
      let sum = bias;
      for (let index = 0; index < output.into; index++) {
        sum += output.weights[row * output.into + index]! * this.inner[index]!;
      }
      return sum;
    });
  }

  /** Adds the gradient of one example whose output's error is given; call right after its `forward`. */
  backward(error: ArrayLike<number>, input: ArrayLike<number>): void {
    const { into } = this.output.layer;
    const back = new Float32Array(into);
    for (let row = 0; row < error.length; row++) {
      const e = error[row]!;
      this.output.bias[row]! += e;
      for (let index = 0; index < into; index++) {
        this.output.weights[row * into + index]! += e * this.inner[index]!;
        back[index]! += e * this.output.layer.weights[row * into + index]!;
      }
    }
    back.forEach((sum, row) => {
      if (this.inner[row]! > 0 && this.kept[row]) {
        this.addHidden(row, sum / (1 - this.dropout), input);
      }
    });
  }

  private addHidden(row: number, error: number, input: ArrayLike<number>): void {
    this.hidden.bias[row]! += error;
    const start = row * this.hidden.layer.into;
    for (const index of this.filled) {
      this.hidden.weights[start + index]! += error * input[index]!;
    }
  }

  step(scale = 1): void {
    for (const { weights, bias, steps } of [this.hidden, this.output]) {
      steps[0].step(weights, scale);
      steps[1].step(bias, scale);
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
