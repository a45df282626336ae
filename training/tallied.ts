// Grown sources held against their truth, counted by factor.
import type { Item } from '../src/core/model';
import type { TextTruth } from './grow/texts.mjs';

export const option = (name: string, otherwise: number): number => {
  const at = process.argv.indexOf(`--${name}`);
  return at < 0 ? otherwise : Number(process.argv[at + 1]);
};
const plain = (text: string): string => text.replace(/\s+/gu, ' ').trim();

type Check = (truth: TextTruth, item: Item) => string | undefined;

const said = (what: string, got: unknown, meant: unknown): string =>
  `${what} ${JSON.stringify(got)} not ${JSON.stringify(meant)}`;

/** What is looked at in a question; each gives a sentence where it came out otherwise. */
const CHECKS: readonly Check[] = [
  ({ stem }, item) =>
    stem && plain(item.stem.plain) !== plain(stem)
      ? said('stem', item.stem.plain, stem)
      : undefined,
  ({ options }, item) => {
    const texts = item.options?.map(({ text }) => plain(text.plain));
    return options && JSON.stringify(texts) !== JSON.stringify(options.map(plain))
      ? said('options', texts, options)
      : undefined;
  },
  ({ options, key }, item) => {
    const right = item.options?.flatMap((one, index) => (one.right ? [index] : []));
    return options && String(right) !== String(key) ? said('key', right, key) : undefined;
  },
  ({ trueFalse }, item) => {
    const isRight = item.kind === 'true-false' && item.options?.[0]?.right === trueFalse;
    return trueFalse === undefined || isRight ? undefined : `true-false came as ${item.kind}`;
  },
  ({ options, trueFalse, kind }, item) =>
    options || trueFalse !== undefined || kind === 'number' || item.kind === kind
      ? undefined
      : `${kind} came as ${item.kind}`,
  ({ accepted }, item) =>
    accepted && String(item.accepted) !== String(accepted)
      ? said('accepted', item.accepted, accepted)
      : undefined,
  ({ explanation }, item) =>
    explanation && item.explanation?.plain !== explanation
      ? said('explanation', item.explanation?.plain, explanation)
      : undefined,
];

/** What of a question came out otherwise, a sentence for each part. */
const faults = (truth: TextTruth, item: Item | undefined): string[] =>
  item ? CHECKS.flatMap((check) => check(truth, item) ?? []) : ['missing'];

type Tally = { points: number; of: number; whole: number; n: number };

/** Counts what was understood, over all and by each value of each factor. */
export class Tallies {
  private readonly tallies = new Map<string, Tally>();
  private silent = 0;
  private n = 0;

  /** Counts one source: how many of its points are right, and whether a doubt was shown where some are not. */
  add(factors: Record<string, unknown>, points: number, of: number, isDoubted: boolean): void {
    this.n++;
    const isWhole = points === of;
    this.silent += !isWhole && !isDoubted ? 1 : 0;
    for (const [name, values] of Object.entries({ all: 'all', ...factors })) {
      for (const value of [values].flat()) {
        const key = `${name}: ${String(value)}`;
        const tally = this.tallies.get(key) ?? { points: 0, of: 0, whole: 0, n: 0 };
        this.tallies.set(key, tally);
        tally.points += points;
        tally.of += of;
        tally.whole += isWhole ? 1 : 0;
        tally.n++;
      }
    }
  }

  /** The counts, the whole first, then the factors from the worst on. */
  print(): void {
    const line = ([name, { points, of, whole, n }]: [string, Tally]): string =>
      `${name.padEnd(30)} ${String(n).padStart(4)}  points ${((100 * points) / of).toFixed(1).padStart(5)} %, whole ${((100 * whole) / n).toFixed(0).padStart(3)} %`;
    const [all, ...factors] = [...this.tallies];
    console.log(line(all!), `, wrong in silence ${this.silent}`);
    factors
      .filter(([, { n }]) => n >= this.n / 60)
      .sort((a, b) => a[1].points / a[1].of - b[1].points / b[1].of)
      .slice(0, option('factors', 30))
      .forEach((one) => console.log(line(one)));
  }
}

/** How much of a truth the questions hold, and what of each came out otherwise. */
export function held(
  truth: readonly TextTruth[],
  items: readonly Item[],
): { points: number; of: number; wrong: string[] } {
  const wrong = truth.map((one, index) => faults(one, items[index]));
  return {
    points: wrong.filter((one) => !one.length).length,
    of: truth.length + Math.max(0, items.length - truth.length),
    wrong: wrong.flatMap((one, index) => one.map((text) => `   ${index + 1}: ${text}`)),
  };
}
