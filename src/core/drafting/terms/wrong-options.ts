// Wrong options from one's own terms: never also right, of the same form, near in meaning, each used about equally often.
import type { Lent } from '../../model';
import { listed, quoted } from '../../shared/plain';
import { isNearlySame, wouldBeRight } from './also-right';
import type { Entry } from './entries';
import type { Pool } from './pool';
import { say } from '../../shared/say';

/** A lender with what speaks for it. */
type Candidate = { entry: Entry; score: number; shared: string[]; isNeighbour: boolean };
export type Chosen = { entry: Entry; form: number; why: string };

/** What each kind of nearness is worth, beside a form that counts from 0 to 1. */
const WEIGHT = { form: 3, category: 1.2, tag: 0.5, words: 2, used: 0.5, length: 0.6 };
/** Below this a form gives a wrong option away. */
const GOOD_FORM = 0.6;

const sharedTags = (a: Entry, b: Entry): number =>
  a.tags.length && b.tags.length
    ? b.tags.filter(({ name, value }) =>
        a.tags.some((tag) => tag.name === name && tag.value === value),
      ).length
    : 0;

/** All ways to take so many of a list, as keys. */
function subsets(list: readonly number[], size: number): string[] {
  if (size === 0) {
    return [''];
  }
  return list.flatMap((first, index) =>
    subsets(list.slice(index + 1), size - 1).map((rest) => `${first},${rest}`),
  );
}

/** Chooses lenders, and remembers how often each was used and in what company. */
export class WrongOptions {
  private readonly used: number[];
  private readonly told: number[] = [];
  private readonly groups = new Set<string>();
  private chosenInAll = 0;

  constructor(
    private readonly entries: readonly Entry[],
    private readonly pool: Pool,
    private readonly random: () => number,
  ) {
    this.used = entries.map(() => 0);
  }

  /** So many lenders for an entry, the best first; fewer where the list has no more that would be wrong. */
  for(asked: Entry, wanted: number): Chosen[] {
    const turn = Math.floor(this.random() * this.entries.length);
    const candidates = [...this.pool.for(asked, turn)]
      .map((entry) => this.weighed(asked, entry))
      .sort((a, b) => b.score - a.score);
    const chosen = this.choose(asked, candidates, wanted);
    this.remember(chosen, wanted);
    return chosen.map((candidate) => ({
      entry: candidate.entry,
      form: this.pool.form(asked, candidate.entry),
      why: this.why(asked, candidate),
    }));
  }

  private weighed(asked: Entry, entry: Entry): Candidate {
    const { side } = this.pool;
    const shared: string[] = [];
    let words = 0;
    for (const word of asked.words) {
      if (entry.words.has(word)) {
        shared.push(word);
        words += this.pool.weight(word);
      }
    }
    const isNeighbour = asked.categoryKey !== '' && asked.categoryKey === entry.categoryKey;
    const [own, other] = [asked[side].length, entry[side].length];
    const often = this.used[entry.at]! - this.chosenInAll / this.entries.length;
    const score =
      WEIGHT.form * this.pool.form(asked, entry) +
      WEIGHT.category * Number(isNeighbour) +
      WEIGHT.tag * Math.min(2, sharedTags(asked, entry)) +
      WEIGHT.words * (words / this.weightOf(asked)) +
      WEIGHT.length * (Math.min(own, other) / Math.max(own, other)) -
      WEIGHT.used * Math.max(0, often) +
      // Equals are taken in no order that shows.
      this.random() * 0.1;
    return { entry, shared, isNeighbour, score };
  }

  /** The best ones that differ from one another; those that would make a group of an earlier question only where nothing else is left. */
  private choose(asked: Entry, candidates: readonly Candidate[], wanted: number): Candidate[] {
    const chosen: Candidate[] = [];
    const isOf = (candidate: Candidate, repeats: boolean): boolean =>
      !chosen.includes(candidate) &&
      this.pool.form(asked, candidate.entry) > 0 &&
      // Asked of the few that would be taken, since it compares letter by letter.
      !wouldBeRight(asked, candidate.entry) &&
      !chosen.some(({ entry }) => this.isSame(entry, candidate.entry)) &&
      (repeats || !this.repeats([...chosen, candidate], wanted));
    for (const repeats of [false, true]) {
      for (const candidate of candidates) {
        if (chosen.length < wanted && isOf(candidate, repeats)) {
          chosen.push(candidate);
        }
      }
    }
    return chosen;
  }

  /** How much all words of an entry tell together. */
  private weightOf(entry: Entry): number {
    const known = this.told[entry.at];
    if (known !== undefined) {
      return known;
    }
    let told = 0;
    for (const word of entry.words) {
      told += this.pool.weight(word);
    }
    this.told[entry.at] = told || 1;
    return told || 1;
  }

  private isSame(a: Entry, b: Entry): boolean {
    return this.pool.side === 'term'
      ? isNearlySame(a.likeTerm, b.likeTerm)
      : isNearlySame(a.likeDefinition, b.likeDefinition);
  }

  /** More of these than half of a question's wrong options may not come together a second time. */
  private keysOf(chosen: readonly Candidate[], wanted: number): string[] {
    const places = chosen.map(({ entry }) => entry.at).sort((a, b) => a - b);
    return subsets(places, Math.floor(wanted / 2) + 1);
  }

  private repeats(chosen: readonly Candidate[], wanted: number): boolean {
    return wanted > 1 && this.keysOf(chosen, wanted).some((key) => this.groups.has(key));
  }

  private remember(chosen: readonly Candidate[], wanted: number): void {
    for (const { entry } of chosen) {
      this.used[entry.at]!++;
      this.chosenInAll++;
    }
    for (const key of wanted > 1 ? this.keysOf(chosen, wanted) : []) {
      this.groups.add(key);
    }
  }

  private why(asked: Entry, { entry, shared, isNeighbour }: Candidate): string {
    const telling = shared
      .sort((a, b) => this.pool.weight(b) - this.pool.weight(a))
      .slice(0, 2)
      .map((word) => quoted(word, 20));
    const reasons = [
      isNeighbour ? say('also of {category}', { category: asked.category.at(-1) }) : '',
      telling.length ? say('shares {telling}', { telling: listed(telling) }) : '',
      this.pool.isSameForm(asked, entry) ? say('of the same form') : say('of another form'),
    ];
    return reasons.filter(Boolean).join(', ');
  }
}

/** Whether the wrong options of a question are fewer, or of another form, than a good choice asks for. */
export const isPoor = (chosen: readonly Chosen[], wanted: number): boolean =>
  chosen.length < wanted || chosen.some(({ form }) => form < GOOD_FORM);

/** The places of the wrong options, with the terms that lent them. */
export const lentOf = (chosen: readonly Chosen[], places: readonly number[]): Lent[] =>
  chosen.map(({ entry, why }, index) => ({ option: places[index]!, from: entry.term, why }));
