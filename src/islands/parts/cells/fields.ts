// The grid's columns, and what setting a cell gives.
import type { Item, Kind } from '../../../core/model';

/** The grid's columns; 'options.0' is the first option, pair, step or gap, and a card's or short question's first answer. */
export type CellField =
  | 'ref'
  | 'kind'
  | 'stem'
  | `options.${number}`
  | 'key'
  | 'points'
  | 'seconds'
  | 'category'
  | 'tags'
  | 'hint'
  | 'explanation'
  | 'title'
  | 'attempts'
  | 'use'
  | 'shuffle'
  | 'across'
  | 'by'
  | 'source'
  | 'pictures'
  /** How often learners answered it, and the share that was right. */
  | 'answered'
  | 'difficulty'
  /** What is said of the option at a place, from 0, once it was chosen. */
  | `feedback.${number}`;

/** A text that a cell does not take, with the reason in a sentence. */
export type CellRefusal = { refused: string };
/** The fields that a typed text sets, or why it sets none. */
export type CellResult = Partial<Item> | CellRefusal;

export const hasChoices = (kind: Kind): boolean =>
  kind === 'choice-one' || kind === 'choice-many' || kind === 'true-false';
