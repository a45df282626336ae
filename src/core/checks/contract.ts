// What a check is: one file, one thing it looks for, with its reason, its words and its examples.
import type { Item, Layout, Level, Mend } from '../model';

/** What a check says; the runner adds rule, level and item. */
export type Noticed = {
  field?: string;
  message: string;
  mend?: Mend;
  level?: Level;
  layout?: string;
};

type About = {
  /** Also the file's name; for ever. */
  id: string;
  level: Level;
  looksFor: string;
  /** Why it matters, and where that is published; "common practice, no source" where it is not. */
  why: string;
  source: string;
};

export type ItemCheck = About & {
  run(item: Item, layouts: readonly Layout[]): Noticed[];
  /** Items that pass and items that fail; the contract test runs them all. */
  examples: { passes: readonly Item[]; fails: readonly Item[]; layouts?: readonly Layout[] };
};

/** A check that only several questions together can fail. */
export type BankCheck = About & {
  run(items: readonly Item[]): (Noticed & { item: string })[];
  examples: { passes: readonly (readonly Item[])[]; fails: readonly (readonly Item[])[] };
};
