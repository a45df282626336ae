// The cards of a deck and what is remembered of them, kept on this device between two evenings.
import { useState } from 'react';
import type { Card } from '../../stand-ins/card-trainer/take';
import { useSetting } from '../state/setting';
import {
  answered,
  countsOf,
  daysLater,
  daysUntil,
  dueCard,
  forgotten,
  type CardBox,
} from './card-box';

/** The clock of a rehearsal: this machine's, moved on by whole days where somebody did not wait. */
function useClock(): { now: Date; goTo: (day: Date) => void; tick: () => void } {
  const [days, setDays] = useState(0);
  const [at, setAt] = useState(() => new Date());
  return {
    now: daysLater(at, days),
    goTo: (day) => setDays(daysUntil(day, at)),
    tick: () => setAt(new Date()),
  };
}

const EMPTY: CardBox = {};

export function useCardBox(cards: readonly Card[]) {
  const [box, keep] = useSetting<CardBox>('card box', EMPTY);
  const [said, setSaid] = useState<{ front: string; due: Date }>();
  const { now, goTo, tick } = useClock();
  const card = dueCard(cards, box, now);
  return {
    card,
    counts: countsOf(cards, box, now),
    said,
    now,
    goTo,
    say(isKnown: boolean): void {
      if (card) {
        const next = answered(box, card, isKnown, now);
        keep(next.box);
        setSaid({ front: card.front, due: next.due });
        tick();
      }
    },
    forget(): void {
      keep(forgotten(cards, box));
      setSaid(undefined);
    },
  };
}
