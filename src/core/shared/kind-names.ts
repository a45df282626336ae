// The kinds of questions in words, the same on screen, in cells and in sentences.
import type { Kind } from '../model';

/** The kinds in words, as the interface writes them. */
export const KIND_NAMES: Record<Kind, string> = {
  'choice-one': 'one right',
  'choice-many': 'several right',
  'true-false': 'true / false',
  match: 'pairs',
  order: 'steps',
  short: 'short answer',
  number: 'number',
  gap: 'gaps',
  open: 'open',
  upload: 'upload',
  card: 'card',
};
