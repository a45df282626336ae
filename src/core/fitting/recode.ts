// A question said in another kind, as near to its meaning as that kind allows.
import type { Item, Kind, Option, Text } from '../model';
import { seeded, shuffled } from '../shared/chance';
import { alike } from '../shared/normalise';
import { count, quoted } from '../shared/plain';
import { escapeMarkup } from '../shared/markup';
import type { Deck } from './deck';
import { defined } from '../shared/defined';

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
  why: `each of its ${item.options!.length} options becomes a statement`,
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
    why: `each of its ${item.pairs!.length} pairs becomes a question`,
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
    why: `${count(others.length, 'other definition')} of the deck ${others.length === 1 ? 'serves' : 'serve'} as wrong options`,
  };
}

const GAP = /\{\{(\d+)\}\}/g;
/** The stem with one gap left open and the others filled in. */
const withOneGap = (item: Item, at: number): Text => ({
  plain: item.stem.plain.replace(GAP, (_, n: string) =>
    Number(n) - 1 === at ? '____' : (item.gaps![Number(n) - 1]?.accepted[0] ?? '____'),
  ),
});

function ofGaps(item: Item, kind: 'short' | 'choice-one'): Recoded | undefined {
  const items = item.gaps!.map((gap, index): Item => ({
    ...bare(item, kind),
    stem: withOneGap(item, index),
    ...(kind === 'short'
      ? { accepted: gap.accepted }
      : {
          options: (gap.options ?? []).map((text) =>
            option(
              text,
              gap.accepted.some((one) => alike(one) === alike(text)),
            ),
          ),
        }),
  }));
  if (kind === 'choice-one' && !items.every((one) => one.options!.some(({ right }) => right))) {
    return undefined;
  }
  return defined({
    items: parts(items),
    why: items.length > 1 ? `each of its ${items.length} gaps becomes a question` : undefined,
  });
}

/** The typed forms of a number: with its unit and without. */
function typed({ value, unit }: NonNullable<Item['number']>): string[] {
  return unit ? [`${value} ${unit}`, String(value)] : [String(value)];
}

/** The question in another kind; undefined where its parts don't make one. `deck` lends cards their distractors, `most` is the receiver's number of options. */
export function recode(
  item: Item,
  kind: Kind,
  { deck, most }: { deck: Deck; most: number },
): Recoded | undefined {
  const right = item.options?.filter((one) => one.right) ?? [];
  const isChoice = kind === 'choice-one' || kind === 'choice-many';
  if (item.options && isChoice) {
    return { items: [{ ...item, kind }] };
  }
  if (item.options && kind === 'true-false') {
    return statements(item);
  }
  if (item.options && (kind === 'short' || kind === 'card')) {
    const wrong = item.options.length - right.length;
    return {
      items: [{ ...bare(item, kind), accepted: right.map(({ text }) => text.plain) }],
      why: `the right option becomes the ${kind === 'card' ? 'definition' : 'accepted answer'}, and ${count(wrong, 'wrong one')} ${wrong === 1 ? 'stays' : 'stay'} out`,
    };
  }
  if (item.kind === 'card' && isChoice) {
    return choiceOfCard(item, deck, most);
  }
  if (item.accepted && (kind === 'short' || kind === 'card')) {
    return { items: [{ ...item, kind }] };
  }
  if (item.number && (kind === 'short' || kind === 'card')) {
    return defined({
      items: [
        {
          ...bare(item, kind),
          accepted: kind === 'card' ? typed(item.number).slice(0, 1) : typed(item.number),
        },
      ],
      why: item.number.tolerance
        ? `the tolerance of ${item.number.tolerance} can't be said`
        : undefined,
    });
  }
  if (item.pairs && isChoice) {
    return choicesOfPairs(item);
  }
  if (item.pairs && kind === 'card') {
    return {
      items: parts(
        item.pairs.map((pair) => ({
          ...bare(item, 'card'),
          stem: pair.left,
          accepted: [pair.right.plain],
        })),
      ),
      why: `each of its ${item.pairs.length} pairs becomes a card; its own text ${quoted(item.stem.plain, 40)} stays out`,
    };
  }
  if (item.steps && kind === 'match') {
    return {
      items: [
        {
          ...bare(item, 'match'),
          pairs: item.steps.map((step, index) => ({
            left: { plain: String(index + 1) },
            right: step,
          })),
        },
      ],
      why: 'each step is paired with its number',
    };
  }
  if (item.gaps && (kind === 'short' || kind === 'choice-one')) {
    return ofGaps(item, kind);
  }
  return undefined;
}
