// Cards that come again when they are nearly forgotten: when each is due is told by FSRS (Ye et al. 2022; the library ts-fsrs).
import { createEmptyCard, fsrs, Rating, type Card as Memory, type CardInput } from 'ts-fsrs';
import { defined } from '../../core/shared/defined';
import type { Card } from '../../stand-ins/card-trainer/take';

/** What is remembered of each card, by its deck and its sides; times are ISO 8601. */
export type CardBox = Readonly<Record<string, CardInput>>;
/** How many cards are due on a day and not yet known, how many come later, and when the first of those comes. */
export type Counts = { due: number; later: number; next?: Date };

const scheduler = fsrs({ enable_fuzz: false });

const keyOf = ({ deck, front, back }: Card): string => [deck, front, back].join('\t');

const DAY = 86_400_000;
/** The end of a day, by the clock of this machine: what is due until then belongs to this sitting. */
const endOf = (now: Date): Date => new Date(now.getFullYear(), now.getMonth(), now.getDate() + 1);

/** A moment some days later, for a rehearsal in which nobody waits. */
export const daysLater = (now: Date, days: number): Date => new Date(now.getTime() + days * DAY);

/** How many whole days after a moment a day is reached. */
export const daysUntil = (day: Date, now: Date): number =>
  Math.ceil((day.getTime() - now.getTime()) / DAY);

const dueAt = (box: CardBox, card: Card): Date | undefined => {
  const memory = box[keyOf(card)];
  return memory && new Date(memory.due);
};

/** The card to be shown now: those that came before by their time, then the new ones in their order; undefined where none is due today. */
export function dueCard(cards: readonly Card[], box: CardBox, now: Date): Card | undefined {
  const met = cards
    .flatMap((card) => {
      const due = dueAt(box, card);
      return due && due < endOf(now) ? [{ card, due }] : [];
    })
    .sort((a, b) => a.due.getTime() - b.due.getTime());
  const fresh = cards.find((card) => dueAt(box, card) === undefined);
  const [first] = met;
  // What is due by the minute goes first; what comes later today waits behind the new cards.
  return first && (first.due <= now || !fresh) ? first.card : fresh;
}

/** The box after a card was known or not, and when that card comes again. */
export function answered(
  box: CardBox,
  card: Card,
  isKnown: boolean,
  now: Date,
): { box: CardBox; due: Date } {
  const memory: CardInput | Memory = box[keyOf(card)] ?? createEmptyCard(now);
  const next = scheduler.next(memory, now, isKnown ? Rating.Good : Rating.Again).card;
  const kept = defined({
    ...next,
    due: next.due.toISOString(),
    last_review: next.last_review?.toISOString(),
  }) as CardInput;
  return { box: { ...box, [keyOf(card)]: kept }, due: next.due };
}

/** How the cards stand on a day. */
export function countsOf(cards: readonly Card[], box: CardBox, now: Date): Counts {
  const later = cards.flatMap((card) => {
    const due = dueAt(box, card);
    return due && due >= endOf(now) ? [due] : [];
  });
  const next = later.sort((a, b) => a.getTime() - b.getTime())[0];
  return { due: cards.length - later.length, later: later.length, ...(next ? { next } : {}) };
}

/** The box without what is remembered of these cards. */
export function forgotten(cards: readonly Card[], box: CardBox): CardBox {
  const own = new Set(cards.map(keyOf));
  return Object.fromEntries(Object.entries(box).filter(([key]) => !own.has(key)));
}
