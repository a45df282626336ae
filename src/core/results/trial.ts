// A trial with simulated learners: the two-parameter logistic model with guessing (Birnbaum in Lord and Novick 1968).
import type { Item } from '../model';
import { seeded } from '../shared/chance';
import { optionLetter } from '../shared/plain';

const FEWEST_FOR_GUESSING = 2;
/** How far the questions spread in how well they tell, on a logarithmic scale; common practice, no source. */
const SPREAD_OF_SLOPES = 0.3;

/** Numbers of the standard normal distribution (Box and Muller 1958). */
function normals(random: () => number): () => number {
  return () => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
}

type Simulated = {
  item: Item;
  slope: number;
  hardness: number;
  guess: number;
  /** How strongly each wrong option draws, in the order of the options. */
  draws: number[];
};

function simulate(item: Item, random: () => number, normal: () => number): Simulated {
  const { options = [] } = item;
  const isOne = options.filter(({ right }) => right).length === 1;
  return {
    item,
    slope: Math.exp(normal() * SPREAD_OF_SLOPES),
    hardness: normal(),
    guess: isOne && options.length >= FEWEST_FOR_GUESSING ? 1 / options.length : 0,
    draws: options.map(({ right }) => (right ? 0 : 0.2 + random())),
  };
}

/** One of the places, the likelier the larger its weight. */
function weighted(weights: readonly number[], random: () => number): number {
  let left = random() * weights.reduce((sum, weight) => sum + weight, 0);
  const at = weights.findIndex((weight) => (left -= weight) < 0);
  return Math.max(0, at);
}

function rightAnswer({ options, number, accepted, gaps }: Item): string {
  if (options) {
    return options.flatMap(({ right }, at) => (right ? [optionLetter(at)] : [])).join(', ');
  }
  return number ? String(number.value) : (accepted?.[0] ?? gaps?.[0]?.accepted[0] ?? '1');
}

const isTyped = ({ options, number, accepted, gaps }: Item): boolean =>
  Boolean(options ?? number ?? accepted ?? gaps?.length);

function wrongAnswer({ item, draws }: Simulated, random: () => number): string {
  if (item.options && draws.some((weight) => weight > 0)) {
    return optionLetter(weighted(draws, random));
  }
  return isTyped(item) ? '?' : '0';
}

/**
 * The answers of simulated learners as rows of text: "Learner" and the references, then a learner a row; options by their letters,
 * typed answers as such, 1 and 0 where the answer of a kind can't be written in a cell.
 * @param learners how many; their abilities are drawn from the standard normal distribution
 * @param seed the same seed gives the same answers
 */
export function simulatedSitting(
  items: readonly Item[],
  learners: number,
  seed: number,
): string[][] {
  const random = seeded(seed);
  const normal = normals(random);
  const questions = items.map((item) => simulate(item, random, normal));
  const rows = Array.from({ length: learners }, (_, n) => {
    const ability = normal();
    return [
      `Learner ${n + 1}`,
      ...questions.map((question) => {
        const { slope, hardness, guess, item } = question;
        const knows = 1 / (1 + Math.exp(-slope * (ability - hardness)));
        const chance = guess + (1 - guess) * knows;
        return random() < chance ? rightAnswer(item) : wrongAnswer(question, random);
      }),
    ];
  });
  return [['Learner', ...items.map(({ ref }) => ref)], ...rows];
}
