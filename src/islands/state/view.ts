// What the user looks at in the bank: kept while places change.
import { useSyncExternalStore } from 'react';

export type View = {
  search: string;
  kind: string;
  tag: string;
  level: string;
  sort: { column: string; down: boolean } | undefined;
  shown: string | undefined;
  /** A question that the grid is to lead to; it clears this once it has. */ lead:
    string | undefined;
};
let view: View = {
  search: '',
  kind: '',
  tag: '',
  level: '',
  sort: undefined,
  shown: undefined,
  lead: undefined,
};
const listeners = new Set<() => void>();

export function setView(change: Partial<View>): void {
  view = { ...view, ...change };
  listeners.forEach((listener) => listener());
}
const subscribe = (listener: () => void): (() => void) => {
  listeners.add(listener);
  return () => {
    listeners.delete(listener);
  };
};
export const useView = (): View =>
  useSyncExternalStore(
    subscribe,
    () => view,
    () => view,
  );

/** Leads to one question, whatever was filtered before. */
export const showQuestion = (id: string): void =>
  setView({ search: '', kind: '', tag: '', level: '', shown: id, lead: id });
