// A line above cards in a text that names their two sides, as headings do above columns.
import { likelihoodOf } from '../understanding';

const TWO_NAMES = /^\s*([^:=|;\t>]{2,24}?)\s*(?:::?|=>?|->|→|\||;|\t)\s*([^:=|;\t>]{2,24}?)\s*$/u;
const NAMED = 0.5;
/** Whether a line names the two sides of cards, as headings do: 'term :: definition'. */
export function namesSides(line: string): boolean {
  const [, one = '', other = ''] = TWO_NAMES.exec(line) ?? [];
  return likelihoodOf(one, ['term']) > NAMED && likelihoodOf(other, ['definition']) > NAMED;
}
