export type DrawnRow = {
  item: { stem: string; category: string; feedback: string; points: number };
  options: string[];
  /** Places of the right options, from 0. */
  rights: number[];
};
export type DrawnMarked = {
  sample: string;
  /** What the receiver takes for the other questions, without comments. */
  expected: string;
  others: DrawnRow[];
  comment: string | undefined;
  factors: Record<string, unknown>;
};
/** The format with number n of a seed. */
export function drawMarked(seed: number, n: number, material: unknown): DrawnMarked;
