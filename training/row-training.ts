// Learning which row holds the headings, and whether the one below explains them.
import {
  candidateRows,
  headingFigures,
  HEADING_FIGURES,
} from '../src/core/understanding/heading-rows';
import { softmax, type Network } from '../src/core/understanding/network';
import type { Case } from './cases';
import { chanceFrom, newNetwork, shuffled, Trainer } from './learning';
import { MUTE, type Saying } from './word-training';

const BATCH = 4;
const MUTED = 0.08;
type Say = (text: string) => void;

/** Someone who reads a file, at random: one of the readers, or one who knows no word. */
const readerOf = (readers: readonly Saying[], chance: () => number): Saying =>
  chance() < MUTED ? MUTE : readers[Math.floor(chance() * readers.length)]!;

/** Learns to choose among the first rows of a region, or none of them. */
export function trainHeadingRow(
  cases: readonly Case[],
  readers: readonly Saying[],
  { seed, say }: { seed: number; say: Say },
): Network {
  const chance = chanceFrom(seed);
  const examples = cases.flatMap((one) => {
    const saying = readerOf(readers, chance);
    const rows = candidateRows(one.region);
    const right = one.headingRow === null ? rows.length : rows.indexOf(one.headingRow);
    const figures = rows.map((_, index) => headingFigures(one.region, rows, index, saying));
    return right < 0 ? [] : [{ figures, right }];
  });
  const network = newNetwork(HEADING_FIGURES, 12, 1, chance);
  const trainer = new Trainer(network, { rate: 0.004, decay: 0.01, dropout: 0 }, chance);
  const EPOCHS = 14;
  for (let epoch = 0; epoch < EPOCHS; epoch++) {
    let wrong = 0;
    let held = 0;
    for (const { figures, right } of shuffled(examples, chance)) {
      const p = softmax([...figures.map((one) => trainer.forward(one)[0]!), 0]);
      wrong += p.indexOf(Math.max(...p)) === right ? 0 : 1;
      figures.forEach((one, index) => {
        trainer.forward(one);
        trainer.backward([p[index]! - (index === right ? 1 : 0)], one);
      });
      if (++held % BATCH === 0) {
        trainer.step(epoch > 9 ? 0.3 : 1);
      }
    }
    if (epoch === EPOCHS - 1) {
      say(`heading rows: ${wrong} of ${examples.length} wrong`);
    }
  }
  return network;
}

/** Rows that explain are seldom: each counts for so many others. */
const SELDOM = 3;

/** Learns to tell a row that explains the headings from the first question. */
export function trainExplainingRow(
  cases: readonly Case[],
  readers: readonly Saying[],
  { seed, say }: { seed: number; say: Say },
): Network {
  const chance = chanceFrom(seed);
  const examples = cases.flatMap((one) => {
    const rows = candidateRows(one.region);
    const index = one.headingRow === null ? 0 : rows.indexOf(one.headingRow) + 1;
    if (index === 0 || rows[index] !== one.headingRow! + 1) {
      return [];
    }
    const saying = readers[Math.floor(chance() * readers.length)]!;
    return [
      {
        figures: headingFigures(one.region, rows, index, saying),
        right: one.isExplained ? 1 : 0,
      },
    ];
  });
  const network = newNetwork(HEADING_FIGURES, 8, 1, chance);
  const trainer = new Trainer(network, { rate: 0.004, decay: 0.01, dropout: 0 }, chance);
  for (let epoch = 0; epoch < 16; epoch++) {
    let wrong = 0;
    let held = 0;
    for (const { figures, right } of shuffled(examples, chance)) {
      const p = softmax([trainer.forward(figures)[0]!, 0])[0]!;
      wrong += p > 0.5 === (right === 1) ? 0 : 1;
      trainer.backward([(p - right) * (right ? SELDOM : 1)], figures);
      if (++held % BATCH === 0) {
        trainer.step(epoch > 11 ? 0.3 : 1);
      }
    }
    if (epoch === 15) {
      say(`explaining rows: ${wrong} of ${examples.length} wrong`);
    }
  }
  return network;
}
