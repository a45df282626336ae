// Arrow keys go from question to question of the seam; with Shift they choose on the way.
import type { KeyboardEvent } from 'react';
import { chooseTo, gatherState } from '../state/gather';

const STEPS: Readonly<Record<string, number>> = { ArrowDown: 1, ArrowUp: -1 };

/** Hears the keys of a seam; `scroller` holds its questions. */
export function useCardKeys(scroller: HTMLElement | null): (event: KeyboardEvent) => void {
  return (event) => {
    const step = STEPS[event.key];
    const isTaken = event.target instanceof HTMLElement && event.target.role !== 'article';
    const card = document.activeElement?.closest('.understood');
    if (!step || !scroller || (isTaken && !card) || event.target instanceof HTMLTextAreaElement) {
      return;
    }
    const cards = [...scroller.querySelectorAll<HTMLElement>('.understood[tabindex]')];
    const at = cards.findIndex((one) => one === card);
    const next = cards[Math.max(0, at + step)];
    if (next) {
      event.preventDefault();
      next.focus();
      next.scrollIntoView({ block: 'nearest' });
      const item = gatherState().items.find(({ id }) => id === next.dataset['item']);
      if (event.shiftKey && item) {
        chooseTo(item);
      }
    }
  };
}
