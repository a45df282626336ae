// A question said in another kind, as near to its meaning as that kind allows.
import type { Item, Kind, Option, Text } from '../model';
import { seeded, shuffled } from '../shared/chance';
import { alike } from '../shared/normalise';
import { quoted } from '../shared/plain';
import { escapeMarkup } from '../shared/markup';
import type { Deck } from './deck';
import { defined } from '../shared/defined';
import { say } from '../shared/say';

/** The questions that it becomes, and what a reader should know of how. */
export type Recoded = { items: Item[]; why?: string };

/** The question with its answers taken off, to be given others. */
function bare(item: Item, kind: Kind): Item {
  const {
    options: _options,
    pairs: _pairs,
    steps: _steps,
    accepted: _accepted,
    number: _number,
    gaps: _gaps,
    ...rest
  } = item;
  return { ...rest, kind };
}

const option = (plain: string, right: boolean): Option => ({ text: { plain }, right });
const trueOrFalse = (isTrue: boolean): Option[] => [
  option('True', isTrue),
  option('False', !isTrue),
];
const extended = ({ plain, html }: Text, rest: string): Text =>
  defined({
    plain: `${plain.trim()} ${rest}`,
    html: html ? `${html} ${escapeMarkup(rest)}` : undefined,
  });

/** References of the parts of one question: R-7-1, R-7-2. */
const parts = (items: Item[]): Item[] =>
  items.length < 2
    ? items
    : items.map((item, index) =>
        defined({
          ...item,
          ref: `${item.ref}-${index + 1}`,
          points:
            item.points !== undefined
              ? Math.round((item.points / items.length) * 100) / 100
              : undefined,
        }),
      );

/** Each option as a statement that is true or false. */
const statements = (item: Item): Recoded => ({
  items: parts(
    item.options!.map(({ text, right }) => ({
      ...bare(item, 'true-false'),
      stem: extended(item.stem, `– ${text.plain}`),
      options: trueOrFalse(right),
    })),
  ),
  why: say('each of its {options} options becomes a statement', { options: item.options!.length }),
});

/** A seed from a text, so that the same question is always drawn alike. */
const seedOf = (text: string): number =>
  [...text].reduce((sum, sign) => (Math.imul(sum, 31) + sign.codePointAt(0)!) >>> 0, 7);

/** No more options than letters; with more, nobody could choose. */
const MOST_SIDES = 26;

/** Each pair as a question whose options are all the right-hand sides, its own among them in another order each time. */
function choicesOfPairs(item: Item): Recoded | undefined {
  const sides = [
    ...new Map(item.pairs!.map(({ right }) => [alike(right.plain), right.plain])).values(),
  ];
  // A question has as many options as there are sides, and there are as many questions.
  if (sides.length > MOST_SIDES) {
    return undefined;
  }
  return {
    items: parts(
      item.pairs!.map(({ left, right }) => ({
        ...bare(item, 'choice-one'),
        stem: extended(item.stem, `– ${left.plain}`),
        options: shuffled(sides, seeded(seedOf(item.id + left.plain))).map((side) =>
          option(side, alike(side) === alike(right.plain)),
        ),
      })),
    ),
    why: say('each of its {pairs} pairs becomes a question', { pairs: item.pairs!.length }),
  };
}

/** Other cards' definitions as wrong options; undefined where there is no other card. */
function choiceOfCard(item: Item, deck: Deck, most: number): Recoded | undefined {
  const own = item.accepted![0]!;
  const others = deck.near(item, Math.min(3, most - 1));
  if (!others.length) {
    return undefined;
  }
  const drawn = shuffled([own, ...others], seeded(seedOf(item.id)));
  return {
    items: [
      { ...bare(item, 'choice-one'), options: drawn.map((text) => option(text, text === own)) },
    ],
    why: say(
      '{others, plural, one {# other definition} other {# other definitions}} of the deck {others, plural, one {serves} other {serve}} as wrong options',
      { others: others.length },
    ),
  };
}

const GAP = /\{\{(\d+)\}\}/g;
/** The stem with one gap left open and the others filled in. */
const withOneGap = (item: Item, at: number): Text => ({
  plain: item.stem.plain.replace(GAP, (_, n: string) =>
    Number(n) - 1 === at ? '____' : (item.gaps![Number(n) - 1]?.accepted[0] ?? '____'),
  ),
});

/** A gap's list of words as options; those that it accepts are right. */
const gapOptions = ({ options = [], accepted }: NonNullable<Item['gaps']>[number]): Option[] =>
  options.map((text) =>
    option(
      text,
      accepted.some((answer) => alike(answer) === alike(text)),
    ),
  );

/** Each gap as a question of its own, typed or chosen. */
function questionsOfGaps(item: Item, kind: Kind): Recoded | undefined {
  const items = item.gaps!.map((gap, index): Item => {
    const question = { ...bare(item, kind), stem: withOneGap(item, index) };
    return kind === 'short'
      ? { ...question, accepted: gap.accepted }
      : { ...question, options: gapOptions(gap) };
  });
  const isWithoutKey = ({ options }: Item): boolean => !options!.some(({ right }) => right);
  if (kind === 'choice-one' && items.some(isWithoutKey)) {
    return undefined;
  }
  return defined({
    items: parts(items),
    why:
      items.length > 1
        ? say('each of its {items} gaps becomes a question', { items: items.length })
        : undefined,
  });
}

/** The typed forms of a number: with its unit and without. */
function typed({ value, unit }: NonNullable<Item['number']>): string[] {
  return unit ? [`${value} ${unit}`, String(value)] : [String(value)];
}

/** The right options as accepted answers, or as the definition of a card. */
function answerOfOptions(item: Item, kind: Kind): Recoded {
  const right = item.options!.filter((candidate) => candidate.right);
  const wrong = item.options!.length - right.length;
  const answer = kind === 'card' ? 'definition' : say('accepted answer');
  return {
    items: [{ ...bare(item, kind), accepted: right.map(({ text }) => text.plain) }],
    why: say(
      'the right option becomes the {answer}, and {wrong, plural, one {# wrong one} other {# wrong ones}} {wrong, plural, one {stays} other {stay}} out',
      { answer, wrong },
    ),
  };
}

/** A number as typed text; a card has one side only. */
function answerOfNumber(item: Item, kind: Kind): Recoded {
  const { number } = item;
  const texts = typed(number!);
  return defined({
    items: [{ ...bare(item, kind), accepted: kind === 'card' ? texts.slice(0, 1) : texts }],
    why: number!.tolerance
      ? say("the tolerance of {tolerance} can't be said", { tolerance: number!.tolerance })
      : undefined,
  });
}

function cardsOfPairs(item: Item): Recoded {
  const cards = item.pairs!.map((pair) => ({
    ...bare(item, 'card'),
    stem: pair.left,
    accepted: [pair.right.plain],
  }));
  return {
    items: parts(cards),
    why: say('each of its {cards} pairs becomes a card; its own text {stem} stays out', {
      cards: cards.length,
      stem: quoted(item.stem.plain, 40),
    }),
  };
}

function pairsOfSteps(item: Item): Recoded {
  const pairs = item.steps!.map((step, index) => ({
    left: { plain: String(index + 1) },
    right: step,
  }));
  return {
    items: [{ ...bare(item, 'match'), pairs }],
    why: say('each step is paired with its number'),
  };
}

/** What a re-coding may draw on: cards that lend their definitions, and the receiver's number of options. */
type Means = { deck: Deck; most: number };

/** One way from what a question has to other kinds. */
type Way = {
  has(item: Item): boolean;
  to: readonly Kind[];
  make(item: Item, kind: Kind, means: Means): Recoded | undefined;
};

const CHOICES: readonly Kind[] = ['choice-one', 'choice-many'];
const TYPED: readonly Kind[] = ['short', 'card'];
const unchanged: Way['make'] = (item, kind) => ({ items: [{ ...item, kind }] });

/** The ways, the first that fits is taken. */
const WAYS: readonly Way[] = [
  { has: ({ options }) => options !== undefined, to: CHOICES, make: unchanged },
  { has: ({ options }) => options !== undefined, to: ['true-false'], make: statements },
  { has: ({ options }) => options !== undefined, to: TYPED, make: answerOfOptions },
  {
    has: ({ kind }) => kind === 'card',
    to: CHOICES,
    make: (item, _kind, { deck, most }) => choiceOfCard(item, deck, most),
  },
  { has: ({ accepted }) => accepted !== undefined, to: TYPED, make: unchanged },
  { has: ({ number }) => number !== undefined, to: TYPED, make: answerOfNumber },
  { has: ({ pairs }) => pairs !== undefined, to: CHOICES, make: choicesOfPairs },
  { has: ({ pairs }) => pairs !== undefined, to: ['card'], make: cardsOfPairs },
  { has: ({ steps }) => steps !== undefined, to: ['match'], make: pairsOfSteps },
  { has: ({ gaps }) => gaps !== undefined, to: ['short', 'choice-one'], make: questionsOfGaps },
];

/** The question in another kind; undefined where its parts don't make one. */
export const recode = (item: Item, kind: Kind, means: Means): Recoded | undefined =>
  WAYS.find((way) => way.has(item) && way.to.includes(kind))?.make(item, kind, means);
