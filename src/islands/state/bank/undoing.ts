// The list of steps that can be taken back and done again; it outlives a reload of the page.
import type { Step } from '../../../core/model';
import { inverseStep } from '../../../core/shared/steps';
import type { JournalChange, JournalEntry } from '../../../store/port';

/** How many steps can be taken back, and how many questions they may hold together. */
const KEPT_STEPS = 200;
const KEPT_QUESTIONS = 20_000;

/** A step to be run, and what it changes in the list. */
export type Move = { step: Step; entry: JournalEntry; drop: number[] };

export class Undoing {
  private entries: JournalEntry[] = [];

  get undo(): readonly JournalEntry[] {
    return this.entries.filter(({ undone }) => !undone);
  }

  /** The last one taken back is the first to be done again. */
  get redo(): readonly JournalEntry[] {
    return this.entries.filter(({ undone }) => undone).reverse();
  }

  /** The list of an opened bank, as the tab left it. */
  take(entries: readonly JournalEntry[]): void {
    this.entries = [...entries];
  }

  /** A new step: what was taken back before can't be done again after it. */
  done(step: Step): Move {
    const next = Math.max(0, ...this.entries.map(({ n }) => n)) + 1;
    const entry = { n: next, step, undone: false, at: new Date().toISOString() };
    const undone = this.entries.filter((one) => one.undone);
    const kept = [...this.entries.filter((one) => !one.undone), entry];
    const over = this.tooMany(kept);
    this.entries = kept.slice(over);
    return { step, entry, drop: [...undone, ...kept.slice(0, over)].map(({ n }) => n) };
  }

  /** How many of the oldest steps must go. */
  private tooMany(entries: readonly JournalEntry[]): number {
    let questions = 0;
    for (let index = entries.length - 1; index >= 0; index--) {
      questions += entries[index]!.step.items.length;
      const isOver = entries.length - index > KEPT_STEPS || questions > KEPT_QUESTIONS;
      // The last step stays, however large it is.
      if (isOver && index < entries.length - 1) {
        return index + 1;
      }
    }
    return 0;
  }

  /** The last step taken back; undefined where there is none. */
  back(): Move | undefined {
    const last = this.undo.at(-1);
    return last && this.turned(last, true);
  }

  /** The last step that was taken back, done again; undefined where there is none. */
  again(): Move | undefined {
    const last = this.redo.at(-1);
    return last && this.turned(last, false);
  }

  private turned(known: JournalEntry, undone: boolean): Move {
    const entry = { ...known, undone };
    this.entries = this.entries.map((one) => (one.n === entry.n ? entry : one));
    return { step: undone ? inverseStep(entry.step) : entry.step, entry, drop: [] };
  }

  /** A step as the store settled it: with the references and places that new questions got there. */
  amend(n: number, step: Step): JournalEntry | undefined {
    const known = this.entries.find((one) => one.n === n);
    if (!known) {
      return undefined;
    }
    const entry = { ...known, step };
    this.entries = this.entries.map((one) => (one.n === n ? entry : one));
    return entry;
  }
}

/** What a move changes in the stored list of a tab. */
export const journalOf = (tab: string, { entry, drop }: Move): JournalChange => ({
  tab,
  put: [entry],
  drop,
});
