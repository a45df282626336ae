// What can be done right now where one is, so that the commands find it by the words people use.
import { useEffect, useRef } from 'react';
import { useStore } from 'zustand';
import { createStore } from 'zustand/vanilla';

/** `words` are what the act is for, and other names that people have for it. */
export type Act = { label: string; words: string; run: () => void };

const hold = createStore<{ byOwner: ReadonlyMap<string, readonly Act[]> }>(() => ({
  byOwner: new Map(),
}));

function offer(owner: string, acts: readonly Act[]): void {
  const byOwner = new Map(hold.getState().byOwner);
  if (acts.length) {
    byOwner.set(owner, acts);
  } else {
    byOwner.delete(owner);
  }
  hold.setState({ byOwner });
}

/** Offers acts to the commands for as long as the caller is shown; `owner` names the caller. */
export function useActs(owner: string, acts: readonly Act[]): void {
  const latest = useRef(acts);
  useEffect(() => {
    latest.current = acts;
  });
  const names = acts.map(({ label, words }) => `${label}\n${words}`).join('\t');
  useEffect(() => {
    // What an act does may change at every drawing; its name seldom does, and only that is shown.
    const steady = latest.current.map(({ label, words }, index): Act => ({
      label,
      words,
      run: () => latest.current[index]?.run(),
    }));
    offer(owner, steady);
    return () => offer(owner, []);
  }, [owner, names]);
}

export const useOffered = (): ReadonlyMap<string, readonly Act[]> =>
  useStore(hold, (state) => state.byOwner);
