// What the understanding of a table takes and gives.
import type { Role } from '../model';

/**
 * What a column can be. Feedback for a right or a wrong answer belongs to the question and not to an option, and the two
 * sides of cards are more than a question with its answer: both are told apart here.
 */
export const MEANINGS = [
  'ignore',
  'number-in-file',
  'ref',
  'kind',
  'title',
  'stem',
  'option',
  'options',
  'key',
  'verdict',
  'weight',
  'feedback',
  'right',
  'wrong',
  'wrongs',
  'pair',
  'left',
  'right-side',
  'step',
  'accepted',
  'value',
  'tolerance',
  'unit',
  'points',
  'seconds',
  'attempts',
  'hint',
  'explanation',
  'tags',
  'tag',
  'category',
  'image',
  'image-alt',
  'shuffle',
  'across',
  'use',
  'lines',
  'endings',
  'by',
  'at',
  'pick',
  'constant',
  'feedback-right',
  'feedback-wrong',
  'term',
  'definition',
] as const;
export type Meaning = (typeof MEANINGS)[number];
/** What a heading's words can say: any meaning, that it is no heading at all, or nothing, since they are like no known word. */
export const SAYINGS = [...MEANINGS, 'content', 'unknown'] as const;

const ROLES: Partial<Record<Meaning, Role>> = {
  'feedback-right': 'explanation',
  'feedback-wrong': 'explanation',
  term: 'stem',
  definition: 'accepted',
};
/** The role that a meaning has in a layout or a reading. */
export const roleOfMeaning = (meaning: Meaning): Role => ROLES[meaning] ?? (meaning as Role);

/** One column as it is looked at: its heading and the texts of the rows that are sampled, '' where a cell is empty. */
export type ColumnView = {
  /** The column of the sheet, from 0. */
  at: number;
  heading: string;
  /** The heading that spans this column and others above it. */
  group: string;
  texts: readonly string[];
  /** The values of a drop-down list on the cells below the heading. */
  list?: readonly string[];
};
/** `blank` tells a receiver's form, which has no rows or a few samples, from a source. */
export type TableView = { columns: readonly ColumnView[]; rows: number; blank: boolean };

/** A meaning with its probability, 0 to 1. */
export type Likely = { meaning: Meaning; p: number };
