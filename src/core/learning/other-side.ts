// Words in front of a line that call it the other side of a card.
import { bareWords } from '../shared/normalise';
import { likelihoodOf } from '../understanding';

/** So clear the words are. */
const CLEAR = 0.5;

/** Whether what stands in front of a line calls it the other side of a card: 'Back:', 'Meaning = '. */
export const saysOtherSide = (front: string): boolean =>
  likelihoodOf(bareWords(front), ['definition']) > CLEAR;
