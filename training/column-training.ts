// Learning what columns mean: by themselves and their neighbours first, then by what the others probably are.
import { MEANINGS } from '../src/core/understanding/contract';
import { networkSums, softmax, type Network } from '../src/core/understanding/network';
import {
  FIRST_INPUT,
  firstInput,
  lookAt,
  SECOND_INPUT,
  secondInputs,
  type Looked,
} from '../src/core/understanding/roles';
import type { Case } from './cases';
import { chanceFrom, newNetwork, shuffled, Trainer } from './learning';
import { MUTE, type Saying } from './word-training';

const HIDDEN = 40;
const BATCH = 4;
const MUTED = 0.06;
/** How often one column is known for certain, as where a person has said what it is. */
const SAID = 0.25;

export type Example = { looked: Looked; meanings: number[] };
type Inputs = readonly (readonly (readonly number[])[])[];
export type Manner = { epochs: number; seed: number; say: (text: string) => void };

/** The columns of each case as one of the readers sees them. */
export const examplesOf = (
  cases: readonly Case[],
  readers: readonly Saying[],
  chance: () => number,
): Example[] =>
  cases.map((one) => {
    const reader = readers[Math.floor(chance() * readers.length)]!;
    return {
      looked: lookAt(one.view, chance() < MUTED ? MUTE : reader),
      meanings: one.meanings.map((meaning) => MEANINGS.indexOf(meaning)),
    };
  });

function trainNetwork(
  inputs: Inputs,
  examples: readonly Example[],
  into: number,
  { epochs, seed, say }: Manner,
): Network {
  const chance = chanceFrom(seed);
  const network = newNetwork(into, HIDDEN, MEANINGS.length, chance);
  const trainer = new Trainer(network, { rate: 0.002, decay: 0.01, dropout: 0.1 }, chance);
  const order = examples.map((_, index) => index);
  for (let epoch = 0; epoch < epochs; epoch++) {
    let loss = 0;
    let columns = 0;
    let held = 0;
    for (const index of shuffled(order, chance)) {
      examples[index]!.meanings.forEach((meaning, column) => {
        const input = inputs[index]![column]!;
        const error = softmax(trainer.forward(input));
        loss -= Math.log(Math.max(1e-9, error[meaning]!));
        columns++;
        error[meaning]! -= 1;
        trainer.backward(error, input);
      });
      if (++held % BATCH === 0) {
        trainer.step(epoch > epochs * 0.6 ? 0.35 : 1);
      }
    }
    say(`  epoch ${epoch + 1}: loss ${(loss / columns).toFixed(4)}`);
  }
  return network;
}

/** The two networks, the second learned from what the first says. */
export function trainColumns(
  examples: readonly Example[],
  manner: Manner,
  chance: () => number,
): { first: Network; second: Network } {
  const firsts = examples.map(({ looked, meanings }) =>
    meanings.map((_, column) => firstInput(looked, column)),
  );
  const first = trainNetwork(firsts, examples, FIRST_INPUT, manner);
  const seconds = examples.map(({ looked, meanings }, index) => {
    const p = meanings.map((_, column) => softmax(networkSums(first, firsts[index]![column]!)));
    if (chance() < SAID) {
      const at = Math.floor(chance() * meanings.length);
      p[at] = MEANINGS.map((_, meaning) => (meaning === meanings[at] ? 1 : 0));
    }
    return secondInputs(looked, p);
  });
  const second = trainNetwork(seconds, examples, SECOND_INPUT, {
    ...manner,
    seed: manner.seed + 1,
  });
  return { first, second };
}
