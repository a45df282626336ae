// The figures of results, as files and endpoints name them.
import type { Finding } from '../model';

/** One option of a question: who chose it, of all, of the upper and of the lower group. */
export type OptionFigures = {
  n: number;
  chosen: number;
  share: number;
  upper: number;
  lower: number;
  correlation: number | null;
};
/** The figures of one question; null where they are not defined, as where everybody was right. */
export type ItemFigures = {
  item?: string;
  ref: string;
  answered: number;
  right: number;
  difficulty: number | null;
  /** The 95 % interval of the difficulty (Wilson 1927). */
  interval: [number, number];
  discrimination: number | null;
  upperLower: number | null;
  alphaWithout: number | null;
  options?: OptionFigures[];
};
export type TestFigures = {
  items: number;
  learners: number;
  mean: number | null;
  sd: number | null;
  alpha: number | null;
  kr20: number | null;
  sem: number | null;
};
export type Results = {
  learners: number;
  items: ItemFigures[];
  test: TestFigures;
  findings: Finding[];
};
