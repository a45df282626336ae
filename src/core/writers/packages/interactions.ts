// Each kind of question as its interaction, its declarations and its scoring, in the names of QTI 3.
import type { Item, Kind } from '../../model';
import { choice } from './choice';
import { open, upload } from './open';
import { match, order } from './pairs-and-steps';
import type { Made, Parts } from './scoring';
import { gaps, number, short } from './typed';

/** Cards have no interaction of their own; fitting has made them short answers. */
const INTERACTIONS: Record<Kind, (item: Item, made: Made) => Parts> = {
  'choice-one': choice,
  'choice-many': choice,
  'true-false': choice,
  match,
  order,
  number,
  gap: gaps,
  open,
  upload,
  short,
  card: short,
};

/** The parts of an item. */
export const partsOf = (item: Item, made: Made): Parts => INTERACTIONS[item.kind](item, made);
