// Small makers of figures from 0 to 1.

/** 1 where something is, else 0. */
export const flag = (is: boolean): number => (is ? 1 : 0);
/** A part of a whole; 0 of nothing. */
export const share = (part: number, of: number): number => (of ? part / of : 0);
/** The mean; 0 of nothing. */
export const mean = (values: readonly number[]): number =>
  values.reduce((sum, value) => sum + value, 0) / Math.max(1, values.length);
