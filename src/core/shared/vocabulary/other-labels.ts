// Letters, numbers and names in front of lines, typed in scripts other than Latin, as they are typed in Latin ones: 'б)' counts
// as 'b)' does, '答案：B' names an answer. From memory, by what schools write in these languages; common practice, no source.
import { bareWords } from '../normalise';
import { letterInLatin } from './alphabets';
import { inKnownWords } from './other-scripts';

const SIGNS = new Map([
  ['（', '('],
  ['）', ')'],
  ['．', '.'],
  ['、', '.'],
  ['：', ':'],
  ['【', '['],
  ['】', ']'],
]);
const isDigit = /[０-９]/u;

/** A sign of a label as it is in Latin script; itself where it is. */
function signInLatin(sign: string): string {
  if (isDigit.test(sign)) {
    return sign.normalize('NFKC');
  }
  return letterInLatin(sign) ?? SIGNS.get(sign) ?? sign;
}

const LABEL =
  /^\s*[-•*✓✔+]?\s*[([（]?(?:\p{L}|(?:\p{L}{1,8}\s?)?[\d０-９]{1,3})\s?[)\]）.．、:：]/u;

/** A line with the letter or number in front of it in Latin script, sign by sign; the line itself where it has none of another. */
export function labelInLatin(text: string): string {
  const label = LABEL.exec(text)?.[0] ?? '';
  const [word = ''] = /^\s*\p{L}{2,}\s?/u.exec(label) ?? [];
  const signs = [...label.slice(word.length)].map(signInLatin).join('');
  return label ? word + signs + text.slice(label.length) : text;
}

const NAMED =
  /^\s*[【[]?\s*((?=\p{L})[^\p{Script=Latin}:：\]】\d０-９]{1,30}?)(?:\s*[:：]|[】\]][:：]?)\s*(\S.*)$/su;
const ANSWERS = /^[\s\p{L}]{1,3}(?:[\s,;，、和и]+\p{L})*\.?$/u;
/** Chinese and Japanese leave a place in brackets for the letter of the right option: '（ B ）'. */
const BRACKETED = /（\s*([A-Ha-h]{1,5}|)\s*）/gu;

/** The letters of an answer in Latin script, where it is nothing but letters; with its wording behind them, the first. */
const answerInLatin = (text: string): string =>
  ANSWERS.test(text) ? [...text].map(signInLatin).join('') : labelInLatin(text);

/** A line that names what it holds in another script, 'Ответ: б', with its name in English; undefined where it names nothing. */
export function nameInEnglish(text: string): string | undefined {
  const [, name = '', rest = ''] = NAMED.exec(text) ?? [];
  const bare = bareWords(name);
  const english = bare ? inKnownWords(bare) : '';
  return english && english !== bare ? `${english}: ${answerInLatin(rest)}` : undefined;
}

/** A place for a letter in full-width brackets, in plain ones. */
export const placeInLatin = (text: string): string =>
  text.replace(BRACKETED, (_, letters: string) => `(${letters || '   '})`);

/** Whether a text has a letter that is not Latin: of others nothing has to be looked at. */
export const hasOtherScript = (text: string): boolean =>
  /(?=\p{L})[^\p{Script=Latin}]|[０-９Ａ-Ｚａ-ｚ]/u.test(text);
