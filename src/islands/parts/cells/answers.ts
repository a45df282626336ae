// The answers of a question as cells, one below each letter: options, accepted answers, pairs, steps, gaps, a number.
import type { Item, Option } from '../../../core/model';
import { kindName } from '../../../core/shared/kind-names';
import { quantityOf } from '../../../core/shared/normalise';
import { numberWords } from '../../../core/shared/plain';
import { trueFalsePair } from '../../../core/shared/vocabulary/verdicts';
import { hasChoices, type CellResult } from './fields';
import { i18n } from '../../../languages';

type Answers = {
  text: (item: Item, index: number) => string;
  set: (item: Item, index: number, text: string) => CellResult;
};

/** An entry that says nothing, and how it is known. */
type Hole<Entry> = { hole: Entry; isHole: (entry: Entry) => boolean };

/** A list with one of its entries put; an emptied end is cut off, and holes in the middle stay to be filled. */
function withEntry<Entry>(
  list: readonly Entry[],
  index: number,
  entry: Entry,
  { hole, isHole }: Hole<Entry>,
): Entry[] {
  const length = Math.max(list.length, index + 1);
  const next = Array.from({ length }, (_, at) => (at === index ? entry : (list[at] ?? hole)));
  return next.slice(0, next.findLastIndex((one) => !isHole(one)) + 1);
}

const EMPTY = { plain: '' };
const OPTION: Hole<Option> = {
  hole: { text: EMPTY, right: false },
  isHole: ({ text }) => !text.plain,
};
const ANSWER: Hole<string> = { hole: '', isHole: (answer) => !answer };
const PAIR: Hole<NonNullable<Item['pairs']>[number]> = {
  hole: { left: EMPTY, right: EMPTY },
  isHole: ({ left, right }) => !left.plain && !right.plain,
};
const STEP: Hole<NonNullable<Item['steps']>[number]> = {
  hole: EMPTY,
  isHole: ({ plain }) => !plain,
};

const CHOICES: Answers = {
  text: ({ options }, index) => options?.[index]?.text.plain ?? '',
  set({ kind, options = [] }, index, plain) {
    const option: Option = { right: false, ...options[index], text: { plain } };
    const next = withEntry(options, index, option, OPTION);
    const pair =
      kind === 'true-false' && next.length === 2
        ? trueFalsePair(next[0]!.text.plain, next[1]!.text.plain)
        : undefined;
    // True stands before false, whichever was typed first.
    return { options: pair && !pair.trueFirst ? next.toReversed() : next };
  },
};

const TYPED: Answers = {
  text: ({ accepted }, index) => accepted?.[index] ?? '',
  set: ({ accepted = [] }, index, text) => ({
    accepted: withEntry(accepted, index, text, ANSWER),
  }),
};

const CARD: Answers = {
  text: TYPED.text,
  set(item, index, text) {
    if (index > 0) {
      return text ? { refused: i18n._('A card has one definition; it stands under A.') } : {};
    }
    return TYPED.set(item, index, text);
  },
};

const PAIRS: Answers = {
  text({ pairs }, index) {
    const pair = pairs?.[index];
    return pair && (pair.left.plain || pair.right.plain)
      ? `${pair.left.plain} | ${pair.right.plain}`
      : '';
  },
  set({ pairs = [] }, index, text) {
    const [left = '', right = '', ...more] = text.split('|').map((part) => part.trim());
    if (text.trim() && (!left || !right || more.length)) {
      return {
        refused: i18n._('“{text}” is no pair; write its halves with a bar between: gate | beam.', {
          text,
        }),
      };
    }
    const pair = { left: { plain: left }, right: { plain: right } };
    return { pairs: withEntry(pairs, index, pair, PAIR) };
  },
};

const STEPS: Answers = {
  text: ({ steps }, index) => steps?.[index]?.plain ?? '',
  set: ({ steps = [] }, index, plain) => ({
    steps: withEntry(steps, index, { plain }, STEP),
  }),
};

/** The gaps that a sentence has: {{1}}, {{2}}. */
const gapsIn = (stem: string): number => new Set(stem.match(/\{\{\d+\}\}/g)).size;

const GAPS: Answers = {
  text: ({ gaps }, index) => gaps?.[index]?.accepted.join(' / ') ?? '',
  set({ gaps = [], stem }, index, text): CellResult {
    const there = Math.max(gaps.length, gapsIn(stem.plain));
    if (index >= there) {
      return text
        ? {
            refused: i18n._('The sentence has {there, plural, one {# gap} other {# gaps}}.', {
              there,
            }),
          }
        : {};
    }
    const accepted = text.split(/\s+\/\s+/).filter(Boolean);
    return {
      gaps: Array.from({ length: there }, (_, at) =>
        at === index ? { ...gaps[at], accepted } : (gaps[at] ?? { accepted: [] }),
      ),
    };
  },
};

function numberIn(text: string): CellResult {
  const quantity = quantityOf(text);
  return quantity
    ? { number: { tolerance: 0, ...quantity } }
    : { refused: i18n._('“{text}” is no number; write 12.5, or 12.5 ± 0.2 m.', { text }) };
}

const NUMERIC: Answers = {
  text({ number }, index) {
    if (!number || index > 0) {
      return '';
    }
    return numberWords(number);
  },
  set(_item, index, text) {
    if (index > 0) {
      return text ? { refused: i18n._('A number stands under A, with ± and its unit.') } : {};
    }
    return text.trim() ? numberIn(text) : { number: undefined };
  },
};

const NONE: Answers = {
  text: TYPED.text,
  set({ kind }, _index, text): CellResult {
    const refused = i18n._(
      'Questions of the kind {kindName} have no answers to choose or to compare.',
      { kindName: kindName(kind) },
    );
    return text ? { refused } : {};
  },
};

function answersOf({ kind }: Item): Answers {
  switch (kind) {
    case 'card':
      return CARD;
    case 'short':
      return TYPED;
    case 'match':
      return PAIRS;
    case 'order':
      return STEPS;
    case 'gap':
      return GAPS;
    case 'number':
      return NUMERIC;
    default:
      return hasChoices(kind) ? CHOICES : NONE;
  }
}

/** The text of the answer at a place, from 0. */
export const answerText = (item: Item, index: number): string => answersOf(item).text(item, index);

/** Sets the answer at a place, from 0; an empty text takes the last one away. */
export const setAnswer = (item: Item, index: number, text: string): CellResult =>
  answersOf(item).set(item, index, text);
