// What happened, said aloud: a region of the page that screen readers listen to, and what it says.
import { useEffect } from 'react';
import { useStore } from 'zustand';
import { createStore } from 'zustand/vanilla';

const hold = createStore<{ words: string }>(() => ({ words: '' }));

/** Says what happened since; nothing where the words are empty. */
export function useAnnounce(words: string): void {
  useEffect(() => {
    if (words) {
      hold.setState({ words });
    }
  }, [words]);
}

export const useAnnounced = (): string => useStore(hold, (state) => state.words);
