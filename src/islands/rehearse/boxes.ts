// Cards in boxes: known ones go a box on and come again later, others go back to the first (Leitner 1972).

export const BOXES = 3;
export type Boxed = { n: number; box: number; due: number };
export type Deck = { cards: readonly Boxed[]; turn: number };

/** All cards in the first box, in their order. */
export const freshDeck = (many: number): Deck => ({
  cards: Array.from({ length: many }, (_, n) => ({ n, box: 1, due: n })),
  turn: 0,
});

/** How many turns later a card of a box comes again. */
const WAIT: Readonly<Record<number, number>> = { 1: 3, 2: 8 };

/** The card that is due; undefined where all are known. */
export function dueCard({ cards }: Deck): Boxed | undefined {
  return cards
    .filter(({ box }) => box <= BOXES)
    .reduce<Boxed | undefined>(
      (best, card) => (!best || card.due < best.due ? card : best),
      undefined,
    );
}

/** The deck after a card was known or not. */
export function answered({ cards, turn }: Deck, card: Boxed, isKnown: boolean): Deck {
  const box = isKnown ? card.box + 1 : 1;
  const due = turn + (WAIT[box] ?? WAIT[2]!) + 0.5;
  return {
    turn: turn + 1,
    cards: cards.map((one) => (one.n === card.n ? { ...one, box, due } : one)),
  };
}

/** How many cards lie in each box; the last number is those that are known. */
export const countsOf = ({ cards }: Deck): number[] =>
  Array.from({ length: BOXES + 1 }, (_, at) => cards.filter(({ box }) => box === at + 1).length);
