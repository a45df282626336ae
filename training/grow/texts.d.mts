import type { DocumentLine } from '../../src/core/model';

export type TextTruth = {
  kind: string;
  stem?: string;
  options?: string[];
  /** Places of the right options, from 0. */
  key?: number[];
  trueFalse?: boolean;
  accepted?: string[];
  explanation?: string;
};
export type DrawnText = {
  lines: DocumentLine[];
  text: string;
  isDocument: boolean;
  truth: TextTruth[];
  factors: Record<string, unknown> & { key: string; stem: string; option: string; blank: string };
};
/** The text with number n of a seed. */
export function drawText(seed: number, n: number, material: unknown): DrawnText;
