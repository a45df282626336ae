// What the place Draft holds: what is asked for on each bench, and what was made there and waits to be looked over.
import type { Asked, Finding, Item, Lent, Make, Term } from '../../../core/model';

export type Bench = 'terms' | 'assistant' | 'calculated';

export type TermsWish = {
  text: string;
  kinds: Make['kind'][];
  direction: 'to-definition' | 'to-term';
  options: number;
  perQuestion: number;
  ask: string;
  seed: number;
};

export type AskWish = {
  topic: string;
  terms: string;
  text: string;
  categories: string;
  /** So many categories are asked for before any question is; none where it is 0. */
  categoriesFirst: number;
  count: number | '';
  kinds: ('choice-one' | 'true-false' | 'short' | 'card')[];
  options: number;
  level: string;
  language: string;
  avoid: string;
};

/** A request with its reply, and how far it is. */
export type Sent = {
  id: string;
  text: string;
  asked: Asked;
  /** Done: what it brought is in the bank, or its categories are asked for. */
  state: 'to send' | 'waiting' | 'compared' | 'done';
  reply: string;
  /** What is to be said of a reply that brings no questions. */
  findings?: Finding[];
};

/** A quantity as it is typed. */
export type TypedQuantity = { name: string; from: string; to: string; step: string; unit: string };
export type TemplateWish = {
  stem: string;
  quantities: TypedQuantity[];
  formula: string;
  unit: string;
  figures: 'significant' | 'decimals' | 'exact';
  digits: number;
  tolerance: string;
  conditions: string;
  kind: 'number' | 'choice-one';
  options: number;
  /** One's own slips, a line each: words: formula. The usual ones where empty. */
  slips: string;
  ref: string;
  category: string;
  /** With ; or , between: plain words or name: value. */
  tags: string;
  count: number;
  seed: number;
};

export type Verdict = 'kept' | 'out';
/** What was made on a bench, question by question, with what was decided of each. */
export type Review = {
  items: Item[];
  findings: Finding[];
  because: Record<string, Lent[]>;
  /** The term of each question, where it has one. */
  of?: Record<string, Term>;
  /** How each kind was made and from which terms, so that an option can be swapped whatever was typed since. */
  makes: Make[];
  terms?: Term[];
  verdicts: Record<string, Verdict>;
  /** The places of wrong options that stay when others are chosen, by the question's id. */
  locked?: Record<string, number[]>;
  /** Texts that stood at a question's wrong options before, so that a swap brings another one. */
  past?: Record<string, string[]>;
};

/** What went into the bank last from here. */
export type Taken = { source: string; ids: string[]; as: TakenAs };
/** As questions alone, also as a set, or as a set that draws one of them at each attempt. */
export type TakenAs = 'questions' | 'set' | 'pool';

export type DraftingState = {
  bench: Bench;
  terms: TermsWish;
  ask: AskWish;
  template: TemplateWish;
  sent: Sent[];
  reviews: Partial<Record<Bench, Review>>;
  /** Whether variants are looked over as a table. */
  asTable?: boolean;
  /** The question that is looked at, by its id. */
  open?: string | undefined;
  busy?: string | undefined;
  far?: { done: number; of: number } | undefined;
  problem?: string | undefined;
  taken?: Taken | undefined;
};

const quantity = (name: string, from: string, to: string, step: string): TypedQuantity => ({
  name,
  from,
  to,
  step,
  unit: 'm',
});

export const EMPTY: DraftingState = {
  bench: 'terms',
  terms: {
    text: '',
    kinds: ['choice-one'],
    direction: 'to-definition',
    options: 4,
    perQuestion: 1,
    ask: '',
    seed: 1,
  },
  ask: {
    topic: '',
    terms: '',
    text: '',
    categories: '',
    categoriesFirst: 0,
    count: '',
    kinds: ['choice-one'],
    options: 4,
    level: '',
    language: '',
    avoid: '',
  },
  template: {
    stem: 'A lock {length} long and {width} wide fills by {rise}. How much water does that take?',
    quantities: [
      quantity('length', '18', '24', '0.5'),
      quantity('width', '3', '5', '0.5'),
      quantity('rise', '1', '3', '0.1'),
    ],
    formula: 'length * width * rise',
    unit: 'm³',
    figures: 'significant',
    digits: 3,
    tolerance: '',
    conditions: '',
    kind: 'choice-one',
    options: 4,
    slips: '',
    ref: '',
    category: '',
    tags: '',
    count: 20,
    seed: 1,
  },
  sent: [],
  reviews: {},
};

/** How the questions of a review stand. */
export function tally({ items, verdicts }: Review): { kept: number; out: number; left: number } {
  const kept = items.filter(({ id }) => verdicts[id] === 'kept').length;
  const out = items.filter(({ id }) => verdicts[id] === 'out').length;
  return { kept, out, left: items.length - kept - out };
}
