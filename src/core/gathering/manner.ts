// What holds for a whole source while its rows are read.
import type { Key, Kind } from '../model';

/** What a source's words for kinds mean, by the word made comparable. */
export type KindWords = ReadonlyMap<string, Kind>;

/** What is said of each option. */
export type BesideOptions = 'verdict' | 'weight' | 'feedback';

/** What holds for the whole source while its rows are read. */
export type Manner = {
  key: Key;
  optionSeparator: string | undefined;
  wrongSeparator: string | undefined;
  cards: boolean;
  /** Whether the options in columns carry letters or numbers of their own. */
  labelled: boolean;
  /** The letters or numbers by which the options' headings tell them apart, where they are no plain sequence. */
  labels: readonly string[];
  kindWords: KindWords;
  /** Whether options carry their shares in per cent themselves, 'Lemon (50 %)'. */
  hasShares: boolean;
  /** What parts the weights, verdicts or feedbacks of all options where one cell lists them. */
  besideSeparators: { readonly [role in BesideOptions]?: string };
  /** Whether plain numbers of the time are minutes. */
  minutes: boolean;
  /** What weights of options are multiplied by to be per cent. */
  weightScale: number;
};
