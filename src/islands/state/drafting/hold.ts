// The state of Draft, kept over a reload for each bank.
import { useStore } from 'zustand';
import { createStore } from 'zustand/vanilla';
import { bankState, theStore } from '../bank';
import { quietly } from '../quietly';
import { EMPTY, type Bench, type DraftingState, type Review } from './types';

const hold = createStore<DraftingState>(() => EMPTY);
export const draftingState = (): DraftingState => hold.getState();
export const useDrafting = (): DraftingState => useStore(hold);

const keyOf = (bank: string): string => `drafting ${bank}`;
const PAUSE_MS = 300;
let pause: ReturnType<typeof setTimeout> | undefined;

/** The bank whose drafts are held here, once they were read. */
let opened = '';
let isRead = false;

/** What survives a reload: all but what runs just now. */
function save(): void {
  // Before they were read, what is held here is not what is kept.
  if (!isRead) {
    return;
  }
  const { busy: _busy, far: _far, problem: _problem, taken: _taken, ...kept } = hold.getState();
  quietly(theStore().saveSetting(keyOf(opened), kept));
}

/** Changes the state; it is written when the typing pauses. */
export function setDrafting(change: Partial<DraftingState>): void {
  hold.setState(change);
  clearTimeout(pause);
  pause = setTimeout(save, PAUSE_MS);
}

/** What was kept, with what has come to the benches since. */
const withEmpty = (kept: Partial<DraftingState> = {}): DraftingState => ({
  ...EMPTY,
  ...kept,
  terms: { ...EMPTY.terms, ...kept.terms },
  ask: { ...EMPTY.ask, ...kept.ask },
  template: { ...EMPTY.template, ...kept.template },
});

/** Brings back what was drafted for the open bank; begins anew where nothing was. */
export async function openDrafting(): Promise<void> {
  const bank = bankState().info.id;
  if (bank === opened) {
    return;
  }
  // What was typed last belongs to the bank before.
  clearTimeout(pause);
  save();
  [opened, isRead] = [bank, false];
  hold.setState(EMPTY, true);
  const kept = await theStore().setting(keyOf(bank));
  if (bankState().info.id === bank) {
    hold.setState(withEmpty(kept as Partial<DraftingState> | undefined), true);
    isRead = true;
  }
}

export const reviewOf = (bench: Bench): Review | undefined => draftingState().reviews[bench];

export function setReview(bench: Bench, review: Review | undefined): void {
  const reviews = { ...draftingState().reviews };
  if (review) {
    reviews[bench] = review;
  } else {
    delete reviews[bench];
  }
  setDrafting({ reviews });
}

// A page that is closed waits for no pause.
if (typeof window !== 'undefined') {
  window.addEventListener('pagehide', save);
}
