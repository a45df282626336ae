// What a writer is given and gives back.
import type { CellValue, Layout } from '../model';

export type Job = {
  layout: Layout;
  /** A question's cells by column letters, in the order of the file. */
  rows: readonly Record<string, CellValue>[];
  setTitle?: string;
  setDescription?: string;
  /** The receiver's own empty file. */
  blank?: Uint8Array;
};

export type Written = { bytes: Uint8Array; /** What the user should know, in sentences. */ notes: string[] };
