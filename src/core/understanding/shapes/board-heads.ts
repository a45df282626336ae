// Headings of a board that name the category and say whether the questions or the answers stand below: 'Locks question'.
import { alike } from '../../shared/normalise';
import { fieldOfLine } from '../../shared/vocabulary/answer-lines';

/** The category that a heading names, what is below it, and the heading with {category} in the category's place. */
export type BoardHead = { name: string; side: 'question' | 'answer'; form: string };

const LAST = /^(.*[\p{L}\d])((?:\s*[-–—:|,/]\s*|\s+)[([]?)(\p{L}+)([)\]]?)$/u;
const FIRST = /^(\p{L}+)(\s*[-–—:|,]?\s+)(.*\p{L}.*)$/u;

const isSide = (role: string | undefined): role is BoardHead['side'] =>
  role === 'question' || role === 'answer';

/** What a word says stands where it stands: 'question', 'Antwort'. */
export function sideOfWord(word: string): BoardHead['side'] | undefined {
  const role = fieldOfLine(`${word}: x`)?.role;
  return isSide(role) ? role : undefined;
}

/** The same of one or several: 'question' and 'questions', 'Frage' and 'Fragen'. */
const sideOf = (word: string): BoardHead['side'] | undefined =>
  sideOfWord(word) ?? sideOfWord(word.slice(0, -1));

/** The word for questions or answers behind the category. */
function wordBehind(text: string): BoardHead | undefined {
  const [, name = '', before = '', word = '', after = ''] = LAST.exec(text) ?? [];
  const side = /\p{L}/u.test(name) ? sideOf(word) : undefined;
  return side && { name, side, form: `{category}${before}${word}${after}` };
}

/** The same word in front of it. */
function wordInFront(text: string): BoardHead | undefined {
  const [, word = '', between = '', name = ''] = FIRST.exec(text) ?? [];
  const side = sideOf(word);
  return side && { name, side, form: `${word}${between}{category}` };
}

/** What a heading says of both; undefined where it names no category beside a word for its questions or answers. */
const boardHead = (text: string): BoardHead | undefined => wordBehind(text) ?? wordInFront(text);

/** A heading that is nothing but the category which the next one names: 'Locks' before 'Locks answer'. */
const plainHead = (text: string): BoardHead => ({
  name: text,
  side: 'question',
  form: '{category}',
});

/** Headings by turns of a question's column and of its answer's, each with the same category; undefined where they are none. */
export function headsByTurns(texts: readonly string[]): BoardHead[] | undefined {
  const heads: BoardHead[] = [];
  for (let at = 0; at + 1 < texts.length; at += 2) {
    const answer = boardHead(texts[at + 1]!);
    const question = [boardHead(texts[at]!), plainHead(texts[at]!)].find(
      (head) => head?.side === 'question' && answer && alike(head.name) === alike(answer.name),
    );
    if (!question || answer?.side !== 'answer') {
      return undefined;
    }
    heads.push(question, answer);
  }
  return heads.length > 2 && heads.length === texts.length ? heads : undefined;
}
