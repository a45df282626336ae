// How much of the seam the right half gets; moved by hand or by keys, and kept.
import { useEffect, useState } from 'react';
import { theStore } from '../state/bank';
import { quietly } from '../state/quietly';

const SETTING = 'seam-share';
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
  const [share, setShare] = useState(USUAL);
  useEffect(() => {
    void theStore()
      .setting<number>(SETTING)
      .then(
        (kept) => setShare(held(kept ?? USUAL)),
        () => undefined,
      );
  }, []);
  return {
    share,
    least: LEAST,
    most: MOST,
    set: (next) => setShare(held(next)),
    keep: () => quietly(theStore().saveSetting(SETTING, share)),
  };
}
