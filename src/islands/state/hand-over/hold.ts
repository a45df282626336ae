// What is being handed over: which questions, the matrix of fits, the wishes for the files, the filled files.
import { useStore } from 'zustand';
import { createStore } from 'zustand/vanilla';
import type { Item, KeptLayout, QuestionSet, Receipt, Settings } from '../../../core/model';
import type { FitColumn } from '../../../workers/protocol';
import { theBank } from '../bank';
import { i18n } from '../../../languages';

/** Some questions and no others, as they were chosen elsewhere; `what` says which: 'from locks.csv'. */
export type Only = {
  what: string;
  ids: ReadonlySet<string>;
  /** The set that they are, in its order and with its sections. */
  set?: QuestionSet;
};
/** Which questions: all that these hold. */
export type Choice = { words: string; category: string; kind: string; only: Only | undefined };

export const NO_CHOICE: Choice = { words: '', category: '', kind: '', only: undefined };

/** A finished file, read back, with what it was made from. */
export type FilledFile = {
  layout: string;
  name: string;
  bytes: Uint8Array;
  receipt: Receipt;
  differences: Receipt['readBack']['differences'];
  notes: string[];
  /** The layout and the questions as they were when it was filled. */
  made: { kept: KeptLayout; items: readonly Item[] };
  /** Whether the questions or the layout have changed since. */
  isStale: boolean;
  /** Whether it was taken away, as a file or as a block. */
  isTaken: boolean;
};

export type HandOverState = {
  title: string;
  description: string;
  choice: Choice;
  out: ReadonlySet<string>;
  columns: readonly FitColumn[];
  ids: readonly string[];
  /** The seed by which right answers are spread evenly; absent where they stay in place. */
  spread: number | undefined;
  /** How many questions a package draws at each attempt; all where absent. */
  draw: number | undefined;
  /** What is set for the whole file, where a receiver has a cell for it; what is absent follows the questions. */
  settings: Settings;
  /** Whether questions that would have to change are left out. */
  asTheyAre: boolean;
  busy: string | undefined;
  /** How many of the receivers are done. */
  far: { done: number; of: number } | undefined;
  files: readonly FilledFile[];
  problem: string | undefined;
};

const EMPTY: HandOverState = {
  title: '',
  description: '',
  choice: NO_CHOICE,
  out: new Set(),
  columns: [],
  ids: [],
  spread: undefined,
  draw: undefined,
  settings: {},
  asTheyAre: false,
  busy: undefined,
  far: undefined,
  files: [],
  problem: undefined,
};

const hold = createStore<HandOverState>(() => EMPTY);

export const handOverState = (): HandOverState => hold.getState();
export const setHandOver = (change: Partial<HandOverState>): void => hold.setState(change);
export const useHandOver = (): HandOverState => useStore(hold);

/** The title of the set: the user's own, else the bank's name. */
export const titleOf = (): string => hold.getState().title || theBank().state.info.name;

// Another bank is another evening: nothing that was chosen or filled for the last one belongs to it.
theBank().hold.subscribe((now, before) => {
  if (now.info.id !== before.info.id) {
    hold.setState(EMPTY, true);
    return;
  }
  // The set that is handed over is the one that the bank has now.
  const { choice } = hold.getState();
  const set = now.sets === before.sets ? undefined : choice.only?.set;
  const fresh = set && now.sets.find(({ id }) => id === set.id);
  if (fresh && fresh !== set) {
    const ids = new Set(fresh.sections.flatMap(({ items }) => items));
    hold.setState({
      choice: {
        ...choice,
        only: { what: i18n._('of {name}', { name: fresh.name }), ids, set: fresh },
      },
    });
  }
});
