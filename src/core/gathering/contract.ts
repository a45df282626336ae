// What gathering takes and gives, whatever the source was.
import type { Finding, Item, KeptReading, Overrule, Reading } from '../model';

/** `blocks` says for each item of a running text which lines it spans. */
export type Gathered = {
  items: Item[];
  findings: Finding[];
  reading: Reading;
  blocks?: { from: number; to: number }[];
};
/** `progress` is told how many rows of how many are done, every thousand rows. */
export type GatherOptions = {
  overrule?: Overrule;
  /** What was said of earlier sources. */
  kept?: readonly KeptReading[];
  newId: () => string;
  progress?: (done: number, of: number) => void;
};
