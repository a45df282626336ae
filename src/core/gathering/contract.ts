// What gathering takes and gives, whatever the source was.
import type { Finding, Item, KeptReading, Overrule, Reading, Table } from '../model';

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

/** The table that is read, and what reading it needs. */
export type From = { table: Table } & Pick<GatherOptions, 'newId' | 'progress'>;
/** What a person said of it, and why its sheet was chosen. */
export type Told = { overrule: Overrule; chosen: { because: string; sure: boolean } };
