// What the generator says of a case that it drew.
import type { Layout } from '../src/core/model';

export type GatherTruth = {
  sheet: string;
  /** Rows as a person counts them, from 1. */
  headingRow: number | null;
  second: boolean;
  columns: { at: number; role: string }[];
};
export type LearnCase = {
  factors: Record<string, unknown>;
  expect: { layout: Pick<Layout, 'file' | 'columns'> };
};
