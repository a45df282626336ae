// A number alone on the line below what asks for one is its answer: 'How deep is the lock? (in m)' and below it '2.4 (+/- 0.1)'.
import { quantityOf } from '../../shared/normalise';
import { pieceText, type Draft } from './draft';

const ASKED = /[?？:：]["'”’»]*\s*(?:\([^()]{1,20}\)\s*)?$/u;
/** A longer word behind a number is no unit. */
const LONGEST_UNIT = 6;

const isNumber = (text: string): boolean => {
  const found = quantityOf(text);
  return found !== undefined && (found.unit ?? '').length <= LONGEST_UNIT;
};

/** Takes numbers that stand alone below questions without options as their answers. */
export function takeLoneNumbers(drafts: readonly Draft[]): void {
  for (const draft of drafts) {
    const [above, last] = draft.stem.slice(-2);
    const isBare = !draft.options.length && !draft.answers.length;
    if (!isBare || !above || !last || above.line === last.line) {
      continue;
    }
    if (ASKED.test(pieceText(above)) && isNumber(pieceText(last))) {
      draft.stem.pop();
      draft.answers.push(last);
    }
  }
}
