// What the user looks at in the bank: kept while places change.
import { useStore } from 'zustand';
import { useShallow } from 'zustand/react/shallow';
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

/** Which questions the bank shows, and in which order. */
export type Criteria = Pick<View, 'search' | 'kind' | 'tag' | 'level' | 'sort'>;

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

/** A part of the view; who asks for it is drawn anew only when that part changes. */
export const useView = <Part>(part: (view: View) => Part): Part => useStore(hold, useShallow(part));

/** What filters and sorts the bank. */
export const criteriaOf = ({ search, kind, tag, level, sort }: View): Criteria => ({
  search,
  kind,
  tag,
  level,
  sort,
});

/** Leads to one question, whatever was filtered before. */
export const showQuestion = (id: string): void =>
  setView({ search: '', kind: '', tag: '', level: '', shown: id, lead: id });
