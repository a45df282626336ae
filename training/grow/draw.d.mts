import type { Layout } from '../../src/core/model';

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

export type Drawn = { name: string; bytes: Uint8Array; test: LearnCase; truth: GatherTruth };
export type Bank = {
  themes: { name: string; items: BankItem[]; categories: string[]; tags: string[] }[];
  hints: string[];
  explanations: string[];
};
export type BankItem = {
  stem: string;
  rights?: string[];
  wrongs?: string[];
  accepted?: string[];
  steps?: string[];
};
export type Language = {
  levels: string[];
  states: string[];
  kinds?: Record<string, string[]>;
  notes?: Record<string, string[]>;
};
export const material: {
  banks: Record<string, Bank>;
  words: { names: string[]; languages: Record<string, Language> };
};
/** The case with number n of a seed. */
export function drawCase(seed: number, n: number, call: 'gather' | 'learn'): Drawn;
