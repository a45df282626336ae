// What a writer is given and gives back.
import type { Fitted, Layout, SetSection, Settings } from '../model';

/** A fitted question on its way into a file: its rows or its paragraph, and the questions that it becomes there. */
export type Placed = Pick<Fitted, 'cells' | 'text'> & {
  as: NonNullable<Fitted['as']>;
  /** Which of the job's sections it stands in, from 0; in none where absent. */
  section?: number;
};

export type Job = {
  layout: Layout;
  /** In the order of the file. */
  questions: readonly Placed[];
  setTitle?: string;
  setDescription?: string;
  /** What holds for all questions, where the form has cells for it. */
  settings?: Settings;
  /** The receiver's own empty file. */
  blank?: Uint8Array;
  /** The sections of a package; the questions' categories where absent. */
  sections?: readonly Pick<SetSection, 'title' | 'draw'>[];
};

export type Written = {
  bytes: Uint8Array;
  /** What the user should know, in sentences. */ notes: string[];
};

/** Zip entries carry no clock, so that the same questions give the same bytes. */
export const STILL = new Date(1980, 0, 1, 12);
