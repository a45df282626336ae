// Draws grown cases in memory: { name, bytes, test, truth }, the same ones for the same seed.
import { gatherCase } from './gather.mjs';
import { learnCase } from './learn.mjs';
import { readMaterial } from './material.mjs';
import { randomFrom } from './random.mjs';

export const material = readMaterial();

/** The case with number n of a seed; a draw that contradicts itself is drawn again. */
export function drawCase(seed, n, call, from = material) {
  for (let again = 0; ; again++) {
    const r = randomFrom((Math.imul(seed, 1_000_003) + n * 64 + again) | 0);
    const drawn = (call === 'gather' ? gatherCase : learnCase)(r, from);
    if (drawn) return { ...drawn, name: `${call}-${seed}-${n}.${drawn.extension}` };
  }
}
