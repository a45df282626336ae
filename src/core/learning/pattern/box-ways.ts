// Boxes in front of lines: ticked or empty, or with a word for the question's kind.
import { fieldOfLine } from '../../shared/vocabulary/answer-lines';
import { kindOfWord } from '../../shared/vocabulary/kinds';
import { verdictOf } from '../../shared/vocabulary/verdicts';
import { signed, type Front, type Way } from './front';

/** Whether a word names a kind of question, and nothing else that a line may be. */
export const namesKind = (word: string): boolean =>
  kindOfWord(word) !== undefined &&
  fieldOfLine(`${word}: x`) === undefined &&
  verdictOf(word) === undefined;

const BOX = /^(\s*(?:[-*+•–]\s+)?[[({<][^\][(){}<>]{0,8}[\])}>]\s*)(\S.*)$/u;
/** A word in doubled brackets: '[[right]] '. */
const DOUBLED =
  /^(\s*(?:\[\[|\(\(|\{\{|<<)\s?[^\][(){}<>]{1,14}\s?(?:\]\]|\)\)|\}\}|>>)\s*)(\S.*)$/u;
const TICKED = /([[({<])\s?[xXvV✓✔✗✘*+o-]?\s?[\])}>]\s*$/u;
/** A code in capitals between brackets: '[NUM] '. */
const CODE_IN_BRACKETS = /^\s*([[({<])\p{Lu}{2,8}[\])}>]\s*$/u;

/** What a box says by what it holds: a tick or nothing have the same sign, a code opens a question. */
function told({ before, words }: Front): Pick<Front, 'sigil' | 'kind'> {
  const code = CODE_IN_BRACKETS.exec(before)?.[1];
  if (code && verdictOf(words) === undefined) {
    return { sigil: `${code}A`, ...(namesKind(words) ? { kind: words } : {}) };
  }
  const sigil = TICKED.exec(before)?.[1];
  return sigil ? { sigil } : {};
}

/** A box in front of a text. */
export const boxed: Way = (line) => {
  const front = signed(BOX)(line) ?? signed(DOUBLED)(line);
  return front && { ...front, ...told(front) };
};
