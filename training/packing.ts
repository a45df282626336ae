// Weights as they are shipped: whole numbers from -127 to 127 with a scale for each list.
import { fromByteArray } from 'base64-js';
import type { Kept } from '../src/core/understanding/model';
import type { Layer, Network } from '../src/core/understanding/network';

/** A list of weights packed. */
export function keep(values: Float32Array): Kept {
  const most = values.reduce((top, value) => Math.max(top, Math.abs(value)), 0);
  const scale = most / 127 || 1;
  const whole = Int8Array.from(values, (value) => Math.round(value / scale));
  return { scale, bytes: fromByteArray(new Uint8Array(whole.buffer)) };
}

/** A layer packed; its few biases keep four digits. */
export const keepLayer = ({ into, out, weights, bias }: Layer) => ({
  into,
  out,
  weights: keep(weights),
  bias: Array.from(bias, (value) => Number(value.toFixed(4))),
});

/** A network packed. */
export const keepNetwork = ({ hidden, output }: Network) => ({
  hidden: keepLayer(hidden),
  output: keepLayer(output),
});
