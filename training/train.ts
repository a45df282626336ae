// Learns the model of core/understanding from grown files and lists of headings, and writes model.json.
import { writeFileSync } from 'node:fs';
import { fromByteArray } from 'base64-js';
import { MEANINGS, SAYINGS } from '../src/core/understanding/contract';
import { BUCKETS, piecesOf } from '../src/core/understanding/heading-words';
import {
  headingFigures,
  HEADING_FIGURES,
  candidateRows,
} from '../src/core/understanding/heading-rows';
import {
  RANK,
  unpackModel,
  type Kept,
  type KeptModel,
  type WordModel,
} from '../src/core/understanding/model';
import { networkSums, softmax, type Layer, type Network } from '../src/core/understanding/network';
import {
  FIRST_INPUT,
  firstInput,
  lookAt,
  meaningsOf,
  secondInputs,
  SECOND_INPUT,
  type Looked,
} from '../src/core/understanding/roles';
import { sayingOf } from '../src/core/understanding/words';
import { lessened, openCases, type Case } from './cases';
import { Adam, chanceFrom, newLayer, newNetwork, shuffled, Trainer } from './learning';
import { allPhrases, foldOf, FOLDS, type Phrase } from './phrases';

const option = (name: string, otherwise: number): number => {
  const at = process.argv.indexOf(`--${name}`);
  return at < 0 ? otherwise : Number(process.argv[at + 1]);
};
const SEED = option('seed', 41);
const SOURCES = option('sources', 2600);
const BLANKS = option('blanks', 1300);
const EPOCHS = option('epochs', 9);
const HIDDEN = 40;
const say = (text: string): void =>
  console.log(`${((Date.now() - began) / 1000).toFixed(0).padStart(4)} s  ${text}`);
const began = Date.now();

function trainWords(phrases: readonly Phrase[], epochs: number, seed: number): WordModel {
  const chance = chanceFrom(seed);
  const pieces = Float32Array.from({ length: BUCKETS * RANK }, () => (chance() - 0.5) * 0.2);
  const layer = newLayer(RANK, SAYINGS.length, chance);
  const adamW = new Adam(layer.weights, 0.01);
  const adamB = new Adam(layer.bias, 0.01);
  const weights = new Float32Array(layer.weights.length);
  const bias = new Float32Array(layer.out);
  // Pieces are touched seldom: plain Adagrad for them (Duchi et al., 2011).
  const square = new Float32Array(pieces.length);
  const parts = phrases.map(({ text }) => piecesOf(text));
  const content = SAYINGS.indexOf('content');
  const order = phrases.map((_, index) => index);
  for (let epoch = 0; epoch < epochs; epoch++) {
    for (const index of shuffled(order, chance)) {
      const all = parts[index]!;
      // Now and then a piece is left out, so that no single one decides.
      const own = all.filter(() => chance() > 0.15);
      if (!own.length || (phrases[index]!.says === content && chance() > 0.6)) continue;
      const mean = new Float32Array(RANK);
      for (const piece of own)
        for (let k = 0; k < RANK; k++) mean[k]! += pieces[piece * RANK + k]! / own.length;
      const sums = Array.from({ length: layer.out }, (_, row) => {
        let sum = layer.bias[row]!;
        for (let k = 0; k < RANK; k++) sum += layer.weights[row * RANK + k]! * mean[k]!;
        return sum;
      });
      const error = softmax(sums);
      error[phrases[index]!.says]! -= 1;
      const back = new Float32Array(RANK);
      for (let row = 0; row < layer.out; row++) {
        bias[row]! += error[row]!;
        for (let k = 0; k < RANK; k++) {
          weights[row * RANK + k]! += error[row]! * mean[k]!;
          back[k]! += error[row]! * layer.weights[row * RANK + k]!;
        }
      }
      for (const piece of own) {
        for (let k = 0; k < RANK; k++) {
          const g = back[k]! / own.length + 2e-5 * pieces[piece * RANK + k]!;
          const at = piece * RANK + k;
          square[at]! += g * g;
          pieces[at]! -= (0.35 * g) / (Math.sqrt(square[at]!) + 1e-3);
        }
      }
      adamW.step(weights);
      adamB.step(bias);
    }
  }
  return { pieces, layer };
}

const accuracyOfWords = (words: WordModel, phrases: readonly Phrase[]): string => {
  const told = phrases.filter(({ text }) => piecesOf(text).length);
  const right = told.filter(({ text, says }) => {
    const p = sayingOf(words, text);
    return p.indexOf(Math.max(...p)) === says;
  });
  return `${((100 * right.length) / told.length).toFixed(1)} % of ${told.length}`;
};

/** The words as a file's reader meets them: some phrases were never seen. */
const saysCold = (
  cold: readonly WordModel[],
  fold: number,
): ((text: string) => readonly number[]) => {
  const known = new Map<string, readonly number[]>();
  return (text) => {
    const found = known.get(text);
    if (found) return found;
    const p = sayingOf(cold[fold]!, text);
    known.set(text, p);
    return p;
  };
};

type Example = { looked: Looked; meanings: number[] };
function examplesOf(
  cases: readonly Case[],
  cold: readonly WordModel[],
  chance: () => number,
): Example[] {
  const says = cold.map((_, fold) => saysCold(cold, fold));
  return cases.map((one) => {
    const fold = Math.floor(chance() * FOLDS);
    const mute = chance() < 0.06;
    const silent = SAYINGS.map(() => 0);
    return {
      looked: lookAt(one.view, mute ? () => silent : says[fold]!),
      meanings: one.meanings.map((meaning) => MEANINGS.indexOf(meaning)),
    };
  });
}

function trainNetwork(
  inputs: readonly (readonly (readonly number[])[])[],
  examples: readonly Example[],
  into: number,
  seed: number,
): Network {
  const chance = chanceFrom(seed);
  const network = newNetwork(into, HIDDEN, MEANINGS.length, chance);
  const trainer = new Trainer(network, 0.002, 0.01, chance);
  const order = examples.map((_, index) => index);
  const BATCH = 4;
  for (let epoch = 0; epoch < EPOCHS; epoch++) {
    let loss = 0;
    let count = 0;
    let held = 0;
    for (const index of shuffled(order, chance)) {
      const { meanings } = examples[index]!;
      meanings.forEach((meaning, column) => {
        const input = inputs[index]![column]!;
        const error = softmax(trainer.forward(input));
        loss -= Math.log(Math.max(1e-9, error[meaning]!));
        count++;
        error[meaning]! -= 1;
        trainer.backward(input, error);
      });
      if (++held % BATCH === 0) trainer.step(epoch > EPOCHS * 0.6 ? 0.35 : 1);
    }
    say(`  epoch ${epoch + 1}: loss ${(loss / count).toFixed(4)}`);
  }
  return network;
}

function trainHeadingRow(
  cases: readonly Case[],
  cold: readonly WordModel[],
  seed: number,
): Network {
  const chance = chanceFrom(seed);
  const says = cold.map((_, fold) => saysCold(cold, fold));
  const silent = SAYINGS.map(() => 0);
  const examples = cases.flatMap((one) => {
    const saying = chance() < 0.08 ? () => silent : says[Math.floor(chance() * FOLDS)]!;
    const rows = candidateRows(one.region);
    const right = one.headingRow === null ? rows.length : rows.indexOf(one.headingRow);
    return right < 0
      ? []
      : [
          {
            figures: rows.map((_, index) => headingFigures(one.region, rows, index, saying)),
            right,
          },
        ];
  });
  say(`  ${examples.length} regions`);
  const network = newNetwork(HEADING_FIGURES, 12, 1, chance);
  const trainer = new Trainer(network, 0.004, 0.01, chance, 0);
  for (let epoch = 0; epoch < 14; epoch++) {
    let wrong = 0;
    let held = 0;
    for (const { figures, right } of shuffled(examples, chance)) {
      const sums = figures.map((one) => trainer.forward(one)[0]!);
      const p = softmax([...sums, 0]);
      if (p.indexOf(Math.max(...p)) !== right) wrong++;
      figures.forEach((one, index) => {
        trainer.forward(one);
        trainer.backward(one, [p[index]! - (index === right ? 1 : 0)]);
      });
      if (++held % 4 === 0) trainer.step(epoch > 9 ? 0.3 : 1);
    }
    if (epoch % 4 === 1 || epoch === 13)
      say(`  heading rows, epoch ${epoch + 1}: ${wrong} of ${examples.length} wrong`);
  }
  return network;
}

function trainExplainingRow(
  cases: readonly Case[],
  cold: readonly WordModel[],
  seed: number,
): Network {
  const chance = chanceFrom(seed);
  const says = cold.map((_, fold) => saysCold(cold, fold));
  const examples = cases.flatMap((one) => {
    if (one.headingRow === null) return [];
    const rows = candidateRows(one.region);
    const index = rows.indexOf(one.headingRow) + 1;
    if (index === 0 || index >= rows.length || rows[index] !== one.headingRow + 1) return [];
    return [
      {
        figures: headingFigures(one.region, rows, index, says[Math.floor(chance() * FOLDS)]!),
        right: one.isExplained ? 1 : 0,
      },
    ];
  });
  const network = newNetwork(HEADING_FIGURES, 8, 1, chance);
  const trainer = new Trainer(network, 0.004, 0.01, chance, 0);
  for (let epoch = 0; epoch < 16; epoch++) {
    let missed = 0;
    let wrong = 0;
    let held = 0;
    for (const { figures, right } of shuffled(examples, chance)) {
      const p = softmax([trainer.forward(figures)[0]!, 0])[0]!;
      if (p > 0.5 && !right) wrong++;
      if (p <= 0.5 && right) missed++;
      trainer.backward(figures, [(p - right) * (right ? 3 : 1)]);
      if (++held % 4 === 0) trainer.step(epoch > 11 ? 0.3 : 1);
    }
    if (epoch === 15)
      say(
        `  explaining rows: ${missed} missed, ${wrong} wrong of ${examples.length} (${examples.filter((one) => one.right).length} are)`,
      );
  }
  return network;
}

function keep(values: Float32Array): Kept {
  const most = values.reduce((top, value) => Math.max(top, Math.abs(value)), 0);
  const scale = most / 127 || 1;
  return {
    scale,
    bytes: fromByteArray(
      new Uint8Array(Int8Array.from(values, (value) => Math.round(value / scale)).buffer),
    ),
  };
}
const keepLayer = ({ into, out, weights, bias }: Layer) => ({
  into,
  out,
  weights: keep(weights),
  bias: Array.from(bias, (value) => Number(value.toFixed(4))),
});
const keepNetwork = ({ hidden, output }: Network) => ({
  hidden: keepLayer(hidden),
  output: keepLayer(output),
});

async function main(): Promise<void> {
  const chance = chanceFrom(SEED);
  const phrases = allPhrases();
  say(`${phrases.length} phrases`);
  const cold = Array.from({ length: FOLDS }, (_, fold) =>
    trainWords(
      phrases.filter((one) => one.fold !== fold),
      10,
      SEED + fold,
    ),
  );
  cold.forEach((words, fold) =>
    say(
      `fold ${fold}: seen ${accuracyOfWords(
        words,
        phrases.filter((one) => one.fold !== fold),
      )}, held out ${accuracyOfWords(
        words,
        phrases.filter((one) => one.fold === fold),
      )}, of these headings ${accuracyOfWords(
        words,
        phrases.filter((one) => one.fold === fold && one.says < MEANINGS.length),
      )}`,
    ),
  );
  const words = trainWords(phrases, 14, SEED + 9);
  say(`all words: ${accuracyOfWords(words, phrases)}`);
  const sources = await openCases(SEED * 100 + 1, SOURCES, 'gather');
  const blanks = await openCases(SEED * 100 + 2, BLANKS, 'learn');
  say(`${sources.length} sources, ${blanks.length} blanks opened`);
  const cases = shuffled(
    [...sources, ...blanks].map((one) =>
      !one.view.blank && chance() < 0.2 ? lessened(one, chance) : one,
    ),
    chance,
  );
  const headingRow = trainHeadingRow(cases, cold, SEED + 3);
  const explainingRow = trainExplainingRow(cases, cold, SEED + 6);
  // Each table is looked at twice, with other words held out.
  const examples = [...examplesOf(cases, cold, chance), ...examplesOf(cases, cold, chance)];
  say(`inputs ${FIRST_INPUT} and ${SECOND_INPUT}`);
  const firstInputs = examples.map(({ looked, meanings }) =>
    meanings.map((_, column) => firstInput(looked, column)),
  );
  if (firstInputs[0]![0]!.length !== FIRST_INPUT)
    throw new Error(`first input is ${firstInputs[0]![0]!.length}`);
  const first = trainNetwork(firstInputs, examples, FIRST_INPUT, SEED + 4);
  const secondOf = examples.map(({ looked, meanings }, index) => {
    const p = meanings.map((_, column) =>
      softmax(networkSums(first, firstInputs[index]![column]!)),
    );
    // Now and then one column is known, as where a person has said what it is.
    if (chance() < 0.25) {
      const at = Math.floor(chance() * meanings.length);
      p[at] = MEANINGS.map((_, index2) => (index2 === meanings[at] ? 1 : 0));
    }
    return secondInputs(looked, p);
  });
  if (secondOf[0]![0]!.length !== SECOND_INPUT)
    throw new Error(`second input is ${secondOf[0]![0]!.length}`);
  const second = trainNetwork(secondOf, examples, SECOND_INPUT, SEED + 5);
  const kept: KeptModel = {
    version: 1,
    words: { pieces: keep(words.pieces), layer: keepLayer(words.layer) },
    first: keepNetwork(first),
    second: keepNetwork(second),
    headingRow: keepNetwork(headingRow),
    explainingRow: keepNetwork(explainingRow),
    temperature: 1,
  };
  // The sums are cooled on files that were not learned from, with words that were held out of them.
  const others = [
    ...(await openCases(SEED * 100 + 7, 260, 'gather')),
    ...(await openCases(SEED * 100 + 8, 130, 'learn')),
  ];
  const losses = [0.7, 0.85, 1, 1.2, 1.4, 1.7, 2].map((temperature) => {
    let loss = 0;
    for (const one of others) {
      const model = unpackModel({ ...kept, temperature });
      const fold = foldOf(one.view.columns[0]?.heading ?? '');
      meaningsOf({ ...model, words: cold[fold]! }, one.view).forEach((p, column) => {
        loss -= Math.log(Math.max(1e-6, p[MEANINGS.indexOf(one.meanings[column]!)]!));
      });
    }
    return { temperature, loss };
  });
  kept.temperature = losses.sort((a, b) => a.loss - b.loss)[0]!.temperature;
  say(`temperature ${kept.temperature}`);
  const text = JSON.stringify(kept);
  writeFileSync('src/core/understanding/model.json', text);
  say(`model.json: ${text.length} bytes`);
  const model = unpackModel(kept);
  for (const [name, list] of [['other files', others]] as const) {
    let right = 0;
    let all = 0;
    let sure = 0;
    let sureRight = 0;
    const confused = new Map<string, number>();
    for (const one of list) {
      meaningsOf(model, one.view).forEach((p, column) => {
        all++;
        const best = MEANINGS[p.indexOf(Math.max(...p))]!;
        const isRight = best === one.meanings[column];
        right += isRight ? 1 : 0;
        if (Math.max(...p) >= 0.85) {
          sure++;
          sureRight += isRight ? 1 : 0;
        }
        if (!isRight) {
          const key = `${one.meanings[column]} as ${best}`;
          confused.set(key, (confused.get(key) ?? 0) + 1);
        }
      });
    }
    say(
      `${name}: ${((100 * right) / all).toFixed(2)} % of ${all} columns; sure of ${((100 * sure) / all).toFixed(1)} %, of these right ${((100 * sureRight) / sure).toFixed(2)} %`,
    );
    console.log(
      [...confused]
        .sort((a, b) => b[1] - a[1])
        .slice(0, 25)
        .map(([key, count]) => `${key} ${count}`)
        .join(', '),
    );
  }
}

await main();
