// What the user looks at in the bank: kept while places change.
import { useStore } from 'zustand';
import { createStore } from 'zustand/vanilla';

export type View = {
  search: string;
  kind: string;
  tag: string;
  level: string;
  sort: { column: string; down: boolean } | undefined;
  shown: string | undefined;
  /** A question that the grid is to lead to; it clears this once it has. */
  lead: string | undefined;
};

const hold = createStore<View>(() => ({
  search: '',
  kind: '',
  tag: '',
  level: '',
  sort: undefined,
  shown: undefined,
  lead: undefined,
}));

export const setView = (change: Partial<View>): void => hold.setState(change);
export const useView = (): View => useStore(hold);

/** Leads to one question, whatever was filtered before. */
export const showQuestion = (id: string): void =>
  setView({ search: '', kind: '', tag: '', level: '', shown: id, lead: id });
