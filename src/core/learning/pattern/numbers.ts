// Lines whose numbers count the questions or say their points.
import { saysPoints } from '../../shared/vocabulary/words-of-points';
import { letterSign, lettersIn, type Front, type Way } from './front';
import { letterPlace } from '../../shared/plain';

const NUMBERED =
  /^(\s*(?:#|№|\p{L}{1,10}\.?)\s?)(\d{1,4})(\s+)((?:[\p{L}"“„«¿¡]|[([]\d[^)\]]{0,20}[)\]]\s*\S).*)$/u;

/** A number behind its sign or word, with nothing behind it: '#1 ', 'Q.2 '. */
export const numbered: Way = (line) => {
  const [, sign, number, blanks, text] = NUMBERED.exec(line) ?? [];
  return sign === undefined
    ? undefined
    : {
        before: `${sign}{#}${blanks}`,
        text: text!.trimEnd(),
        after: '',
        words: lettersIn(sign),
        counter: Number(number),
      };
};

const POINTED =
  /^(\s*[^\p{L}\p{N}\s]{0,4}\s?\p{L}{1,15}\s)(\d{1,3})([^\p{L}\p{N}]{1,4}(?:\p{L}[\p{L} -]{0,25},\s)?)(\d{1,3}(?:[.,]\d)?)(\s?(\p{L}{1,12})\.?[^\p{L}\p{N}]{0,4})$/u;

/** A title that counts the questions and says the points of each: 'Task 1 (choice, 2 points)'. */
export const pointed: Way = (line) => {
  const [, title, number, between, text = '', after = '', word = ''] = POINTED.exec(line) ?? [];
  return title !== undefined && saysPoints(word)
    ? {
        before: `${title}{#}${between}`,
        text,
        after,
        words: 'points',
        kind: lettersIn(between!),
        counter: Number(number),
      }
    : undefined;
};

const NAMED =
  /^(\s*\p{L}[\p{L}_-]{0,20}?[_.-]?)(\d{1,3})([_.-])(\p{L}[\p{L}_-]{0,20})(\s?[:=]\s?)(\S.*)$/u;

/** A name that counts the questions in its middle, and ends on the letter of an option or a word: 'q1_a: ', 'q1_answer = '. */
export const named: Way = (line) => {
  const [, name = '', number, sign = '', end = '', close = '', text = ''] = NAMED.exec(line) ?? [];
  if (number === undefined) {
    return undefined;
  }
  const isLetter = /^[A-Ja-j]$/u.test(end);
  return {
    before: `${name}{#}${sign}${isLetter ? letterSign(end) : end}${close}`,
    text: text.trimEnd(),
    after: '',
    words: isLetter ? '' : lettersIn(end),
    counter: isLetter ? letterPlace(end) + 1 : Number(number),
  };
};

const isNumber = ({ text }: Front): boolean => /^\d{1,3}(?:[.,]\d)?$/u.test(text);

/** Numbers with a word behind them that is another one behind 1: ' points)' and ' point)' are one kind of line. */
export function withSingular(fronts: readonly Front[]): Front[] {
  const numbers = fronts.filter((front) => front.after && isNumber(front));
  // Titles that say another kind in front of the number have the same words behind it.
  const isAlike = (one: Front, other: Front): boolean =>
    one.before === other.before || (one.kind !== undefined && other.kind !== undefined);
  return fronts.map((front) => {
    if (!numbers.includes(front)) {
      return front;
    }
    const own = numbers.filter((other) => isAlike(front, other));
    const after = own.find(({ text }) => text !== '1')?.after ?? front.after;
    const one = own.find(({ text }) => text === '1')?.after ?? after;
    return one === after ? front : { ...front, after, one };
  });
}
