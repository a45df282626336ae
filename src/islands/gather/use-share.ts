// How much of the seam the right half gets; moved by hand or by keys, and kept.
import { useState } from 'react';
import { useSetting } from '../state/setting';

/** Per cent of the width; neither half becomes too narrow to read. */
const LEAST = 25;
const MOST = 70;
const USUAL = 43;
const held = (share: number): number => Math.min(MOST, Math.max(LEAST, Math.round(share)));

export type Share = {
  /** Per cent of the width that the right half has. */
  share: number;
  least: number;
  most: number;
  set: (share: number) => void;
  /** Keeps what was set, for the next time. */
  keep: () => void;
};

/** The share of the right half. */
export function useShare(): Share {
  const [kept, save] = useSetting('seam-share', USUAL);
  const [moving, setMoving] = useState<number>();
  return {
    share: moving ?? held(kept),
    least: LEAST,
    most: MOST,
    set: (next) => setMoving(held(next)),
    keep: () => {
      if (moving !== undefined) {
        save(moving);
      }
    },
  };
}
