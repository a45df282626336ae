// Learns the model of core/understanding from grown files and lists of headings, and writes model.json:
// npm run understanding -- train [--sources N --blanks N --epochs N --seed N].
import { writeFileSync } from 'node:fs';
import { fromByteArray } from 'base64-js';
import { MEANINGS } from '../src/core/understanding/contract';
import { unpackModel, type KeptModel, type WordModel } from '../src/core/understanding/model';
import { meaningsOf } from '../src/core/understanding/roles';
import { lessened, openCases, type Case } from './cases';
import { examplesOf, trainColumns } from './column-training';
import { chanceFrom, shuffled } from './learning';
import { keep, keepLayer, keepNetwork } from './packing';
import { allPhrases, foldOf } from './phrases';
import { trainExplainingRow, trainHeadingRow } from './row-training';
import { accuracyOfWords, askedOnce, coldReaders, isHeading, trainWords } from './word-training';

const option = (name: string, otherwise: number): number => {
  const at = process.argv.indexOf(`--${name}`);
  return at < 0 ? otherwise : Number(process.argv[at + 1]);
};
const SEED = option('seed', 41);
const MODEL = 'src/core/understanding/model.json';
/** So many of the sources are cut down to a few rows, or to texts that say little. */
const LESSENED = 0.2;

const began = Date.now();
const say = (text: string): void => {
  console.log(`${((Date.now() - began) / 1000).toFixed(0).padStart(4)} s  ${text}`);
};

/** Sources and blanks to learn from, in no order. */
async function casesToLearn(chance: () => number): Promise<Case[]> {
  const sources = await openCases(SEED * 100 + 1, option('sources', 5500), 'gather');
  const blanks = await openCases(SEED * 100 + 2, option('blanks', 2800), 'learn');
  say(`${sources.length} sources and ${blanks.length} blanks opened`);
  const cut = sources.map((one) => (chance() < LESSENED ? lessened(one, chance) : one));
  return shuffled([...cut, ...blanks], chance);
}

const TEMPERATURES = [0.7, 0.85, 1, 1.2, 1.4, 1.7, 2];

/** By what the sums are to be divided so that the other files, read by who does not know all words, are likeliest. */
function coolest(kept: KeptModel, others: readonly Case[], readers: readonly WordModel[]): number {
  const lossOf = (temperature: number): number => {
    const model = unpackModel({ ...kept, temperature });
    return others.reduce((sum, one) => {
      const words = readers[foldOf(one.view.columns[0]?.heading ?? '')]!;
      const odds = meaningsOf({ ...model, words }, one.view);
      return odds.reduce(
        (own, p, column) =>
          own - Math.log(Math.max(1e-6, p[MEANINGS.indexOf(one.meanings[column]!)]!)),
        sum,
      );
    }, 0);
  };
  const losses = TEMPERATURES.map((temperature) => ({ temperature, loss: lossOf(temperature) }));
  return losses.sort((a, b) => a.loss - b.loss)[0]!.temperature;
}

async function main(): Promise<void> {
  const chance = chanceFrom(SEED);
  const phrases = allPhrases();
  const cold = coldReaders(phrases, SEED);
  cold.forEach((words, fold) => {
    const heldBack = phrases.filter((one) => one.fold === fold && isHeading(one));
    say(`of the headings held back from reader ${fold}: ${accuracyOfWords(words, heldBack)}`);
  });
  const words = trainWords(phrases, 14, SEED + 9);
  say(`of all phrases: ${accuracyOfWords(words, phrases)}`);
  const readers = cold.map(askedOnce);
  const cases = await casesToLearn(chance);
  const headingRow = trainHeadingRow(cases, readers, { seed: SEED + 3, say });
  const explainingRow = trainExplainingRow(cases, readers, { seed: SEED + 6, say });
  // Each table is looked at twice, by other readers.
  const examples = [...examplesOf(cases, readers, chance), ...examplesOf(cases, readers, chance)];
  const manner = { epochs: option('epochs', 8), seed: SEED + 4, say };
  const { first, second } = trainColumns(examples, manner, chance);
  const kept: KeptModel = {
    version: 1,
    words: {
      pieces: keep(words.pieces),
      layer: keepLayer(words.layer),
      met: fromByteArray(words.met),
    },
    first: keepNetwork(first),
    second: keepNetwork(second),
    headingRow: keepNetwork(headingRow),
    explainingRow: keepNetwork(explainingRow),
    temperature: 1,
  };
  const others = [
    ...(await openCases(SEED * 100 + 7, 260, 'gather')),
    ...(await openCases(SEED * 100 + 8, 130, 'learn')),
  ];
  kept.temperature = coolest(kept, others, cold);
  const text = JSON.stringify(kept);
  writeFileSync(MODEL, text);
  say(`${MODEL}: ${text.length} bytes, temperature ${kept.temperature}`);
}

await main();
