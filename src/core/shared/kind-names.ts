// The kinds of questions in words, the same on screen, in cells and in sentences.
import type { Kind } from '../model';
import { say, toSay } from './say';

/** The kinds in English words, as sheets that are handed out write them. */
export const KIND_NAMES: Record<Kind, string> = {
  'choice-one': toSay('one right'),
  'choice-many': toSay('several right'),
  'true-false': toSay('true / false'),
  match: toSay('pairs'),
  order: toSay('steps'),
  short: toSay('short answer'),
  number: toSay('number'),
  gap: toSay('gaps'),
  open: toSay('open'),
  upload: toSay('upload'),
  card: toSay('card'),
};

/** A kind in words, as the interface writes it. */
export const kindName = (kind: Kind): string => say(KIND_NAMES[kind]);
