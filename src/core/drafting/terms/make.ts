// Each kind of question from terms: what it asks, and what makes it right.
import type { Item, Lent, Make } from '../../model';
import { defined } from '../../shared/defined';
import { shuffled } from '../../shared/chance';
import { wouldBeRight } from './also-right';
import type { Entry } from './entries';
import { Frequencies, gapOf } from './gap';
import { Places } from '../places';
import { Pool, type Side } from './pool';
import { isPoor, lentOf, WrongOptions } from './wrong-options';

/** A question that was made, where its wrong options come from, and whether they are good ones. */
export type Made = { item: Item; lent: Lent[]; isPoor?: boolean; entry?: Entry };
/** What a kind is made with. `tell` hears how many entries are done. */
export type Bench = {
  entries: readonly Entry[];
  make: Make;
  random: () => number;
  tell: (done: number) => void;
};
/** Makes one question of an entry, the nth of its variants; undefined where none can be made of it. */
type Maker = (entry: Entry, n: number) => Made | undefined;

const DEFAULT_OPTIONS = 4;
const DEFAULT_PAIRS = 5;

/** What the questions ask with; what they offer is the other side. */
const askedSide = ({ direction }: Make): Side => (direction === 'to-term' ? 'definition' : 'term');
const otherSide = (side: Side): Side => (side === 'term' ? 'definition' : 'term');
/** What the options of a choice are: the side that is not asked with. */
export const offeredSide = (make: Make): Side => otherSide(askedSide(make));

/** The words of a question: the pattern filled, or the term or definition alone. */
const stemOf = ({ ask }: Make, entry: Entry, side: Side): string =>
  ask
    ? ask.replaceAll('{term}', entry.term).replaceAll('{definition}', entry.definition)
    : entry[side];

/** What every question of an entry has. */
const base = (entry: Entry, kind: Item['kind'], n: number, stem: string): Item =>
  defined({
    id: `draft-${kind}-${entry.at + 1}-${n + 1}`,
    ref: '',
    kind,
    stem: { plain: stem },
    category: entry.category.length ? entry.category : undefined,
    tags: entry.tags.length ? entry.tags.map((tag) => defined({ ...tag })) : undefined,
  });

function choiceMaker({ entries, make, random }: Bench): Maker {
  const side = askedSide(make);
  const offered = offeredSide(make);
  const wanted = (make.options ?? DEFAULT_OPTIONS) - 1;
  const wrongOptions = new WrongOptions(entries, new Pool(entries, offered), random);
  const places = new Places(wanted + 1, random);
  return (entry, n) => {
    const chosen = wrongOptions.for(entry, wanted);
    if (!chosen.length) {
      return undefined;
    }
    const right = Math.min(places.next(), chosen.length);
    const options = chosen.map((one) => ({ text: { plain: one.entry[offered] }, right: false }));
    options.splice(right, 0, { text: { plain: entry[offered] }, right: true });
    const wrongPlaces = options.flatMap((option, place) => (option.right ? [] : [place]));
    const item = { ...base(entry, 'choice-one', n, stemOf(make, entry, side)), options };
    return { item, lent: lentOf(chosen, wrongPlaces), isPoor: isPoor(chosen, wanted) };
  };
}

function trueFalseMaker({ entries, make, random }: Bench): Maker {
  const wrongOptions = new WrongOptions(entries, new Pool(entries, 'definition'), random);
  const truth = new Places(2, random);
  const pattern = make.ask ?? '{term}: {definition}';
  return (entry, n) => {
    const [lender] = truth.next() === 0 ? [] : wrongOptions.for(entry, 1);
    const shown = lender ? { ...entry, definition: lender.entry.definition } : entry;
    const options = [true, false].map((isTrue) => ({
      text: { plain: isTrue ? 'True' : 'False' },
      right: isTrue !== Boolean(lender),
    }));
    const stem = stemOf({ ...make, ask: pattern }, shown, 'term');
    return {
      item: { ...base(entry, 'true-false', n, stem), options },
      lent: lender ? [{ option: 0, from: lender.entry.term, why: lender.why }] : [],
    };
  };
}

/** Other terms that are asked for by the very same words are right as well. */
function answersOf(entry: Entry, entries: readonly Entry[], side: Side): string[] {
  const asks = side === 'term' ? 'likeTerm' : 'likeDefinition';
  const same = entries.filter((other) => other[asks] === entry[asks]);
  return [...new Set([entry, ...same].map((one) => one[otherSide(side)]))];
}

function shortMaker({ entries, make }: Bench): Maker {
  // A term is what one can be expected to type.
  const side = make.direction === 'to-definition' ? 'term' : 'definition';
  const bySide = new Map<string, Entry[]>();
  const key = (entry: Entry): string => (side === 'term' ? entry.likeTerm : entry.likeDefinition);
  for (const entry of entries) {
    bySide.set(key(entry), [...(bySide.get(key(entry)) ?? []), entry]);
  }
  return (entry, n) => {
    const accepted = answersOf(entry, bySide.get(key(entry))!, side);
    return { item: { ...base(entry, 'short', n, stemOf(make, entry, side)), accepted }, lent: [] };
  };
}

function cardMaker({ make }: Bench): Maker {
  const side = askedSide(make);
  return (entry, n) => ({
    item: { ...base(entry, 'card', n, entry[side]), accepted: [entry[otherSide(side)]] },
    lent: [],
  });
}

function gapMaker({ entries }: Bench): Maker {
  const frequencies = new Frequencies(entries);
  return (entry, n) => {
    const gapped = gapOf(entry, frequencies);
    return (
      gapped && {
        item: {
          ...base(entry, 'gap', n, gapped.stem),
          gaps: [{ accepted: gapped.accepted }],
        },
        lent: [],
      }
    );
  };
}

/** Entries in groups whose terms and definitions can't be taken for one another, near ones together. */
function groupsOf(entries: readonly Entry[], size: number, random: () => number): Entry[][] {
  const pool = new Pool(entries, 'definition');
  const open = new Set(shuffled(entries, random));
  const groups: Entry[][] = [];
  for (const first of open) {
    const group = [first];
    open.delete(first);
    const near = [...pool.for(first, first.at)].sort(
      (a, b) =>
        Number(b.category.join() === first.category.join()) -
          Number(a.category.join() === first.category.join()) ||
        pool.form(first, b) - pool.form(first, a),
    );
    for (const entry of [...near, ...open]) {
      if (group.length >= size) {
        break;
      }
      if (open.has(entry) && !group.some((other) => wouldBeRight(other, entry))) {
        group.push(entry);
        open.delete(entry);
      }
    }
    groups.push(group);
  }
  return groups.filter((group) => group.length > 1);
}

function matchSets({ entries, make, random }: Bench): Made[] {
  const isTurned = make.direction === 'to-term';
  return groupsOf(entries, make.options ?? DEFAULT_PAIRS, random).map((group, n) => {
    const stem = make.ask ?? 'Match each term with its definition.';
    const shared = group.every(({ category }) => category.join() === group[0]!.category.join());
    const pairs = group.map(({ term, definition }) => {
      const [left, right] = isTurned ? [definition, term] : [term, definition];
      return { left: { plain: left }, right: { plain: right } };
    });
    const { tags: _tags, category, ...rest } = base(group[0]!, 'match', n, stem);
    const item = { ...rest, ...(shared && category ? { category } : {}), pairs };
    return { item, lent: [] };
  });
}

const MAKERS: Readonly<Record<Exclude<Make['kind'], 'match'>, (bench: Bench) => Maker>> = {
  'choice-one': choiceMaker,
  'true-false': trueFalseMaker,
  short: shortMaker,
  gap: gapMaker,
  card: cardMaker,
};

/** How often `tell` hears, in entries. */
const TOLD = 100;

/** The questions of one kind, and the entries of which none could be made. */
export function madeOf(bench: Bench): { made: Made[]; without: Entry[] } {
  const { entries, make, tell } = bench;
  if (make.kind === 'match') {
    const made = matchSets(bench);
    return { made, without: [] };
  }
  const maker = MAKERS[make.kind](bench);
  const made: Made[] = [];
  const without: Entry[] = [];
  for (const entry of entries) {
    for (let n = 0; n < (make.perQuestion ?? 1); n++) {
      const one = maker(entry, n);
      if (one) {
        made.push({ ...one, entry });
      } else {
        without.push(entry);
      }
    }
    if (entry.at % TOLD === 0) {
      tell(entry.at);
    }
  }
  return { made, without };
}
