// What the cells of one column are like, as figures from 0 to 1.
import { alike, numberOf, secondsOf } from '../shared/normalise';
import { isList } from '../shared/table/separators';
import { kindOfWord } from '../shared/vocabulary/kinds';
import { verdictOf } from '../shared/vocabulary/verdicts';
import { flag, mean } from './figures';

type Test = (text: string) => boolean;

const STAR = /^(?:\*|✓|✔|☑|\[x\]|\(x\)|->|→)\s*\S|\S\s*(?:\*|✓|✔|☑|\[x\]|\(x\)|←)$/i;
const LETTER = /^[([]?[A-Ja-j][)\].:]?$/;
const LETTERS =
  /^[([]?[A-Ja-j][)\].:]?(?:\s*[,;/&+| ]\s*[A-Ja-j][)\].:]?)+$|^[A-J]{2,5}$|^[A-Ja-j](?:\s(?:and|und|et|y|e|en|i|och|og|a|ja|és|ve)\s[A-Ja-j])+$/u;
const NUMBERS =
  /^\d{1,2}(?:\s*[,;/&+| ]\s*\d{1,2})+$|^\d{1,2}(?:\s(?:and|und|et|y|e|en|i|och|og|a|ja|és|ve)\s\d{1,2})+$/u;
const whole = (text: string): number | undefined =>
  /^\d{1,6}$/.test(text) ? Number(text) : undefined;

const MOST_SHORT = 24;
/** Shares of the filled cells that pass. The order is the model's: new ones go to the end, with a new version. */
const TESTS: readonly Test[] = [
  (text) => /[?？؟]\s*$/.test(text),
  (text) => /_{2,}|\.{4,}|…{2,}/.test(text),
  (text) => /[[{][^\]}]{0,40}[\]}]/.test(text),
  (text) => LETTER.test(text),
  (text) => LETTERS.test(text),
  (text) => NUMBERS.test(text),
  (text) => (whole(text) ?? 99) <= 6,
  (text) => (whole(text) ?? 0) > 6 && whole(text)! <= 12,
  (text) => (whole(text) ?? 0) > 12,
  (text) => whole(text) === 0,
  (text) => whole(text) === undefined && numberOf(text) !== undefined,
  (text) => (whole(text) ?? 1) % 5 === 0 && whole(text) !== 0,
  (text) => /\d\s*%$/.test(text),
  (text) => /^-\s?\d/.test(text),
  (text) => /±|\+\/-/.test(text),
  (text) => /^[+-]?\d[\d.,]*\s*[^\d\s.,;:/-]/u.test(text),
  (text) => whole(text) === undefined && secondsOf(text) !== undefined,
  (text) => text.length <= MOST_SHORT && verdictOf(text) !== undefined,
  (text) => /^[xX✓✔•*√☑✗✘☒+-]$|^\[x\]$/i.test(text),
  (text) => /^(?:true|false|wahr|falsch|1|0)$/i.test(text),
  (text) => /^(?:https?:\/\/|www\.)\S+$/i.test(text),
  (text) => /^[*.]?[\w./ -]*\.(?:png|jpe?g|gif|svg|webp|pdf|docx?|mp3|mp4)\b/i.test(text),
  (text) => /^\d{4}-\d\d?-\d\d?|^\d{1,2}[./]\d{1,2}[./]\d{2,4}/.test(text),
  (text) => /^[\p{L}]{1,5}\d?[-_./ ]?\d{1,5}$/u.test(text) && !/^[A-J]\d?$/i.test(text),
  (text) => isList(text),
  (text) => /[^,]{2,},\s?[^,]{2,}/.test(text) && text.length < 80 && !/[.?!]$/.test(text),
  (text) => /\S\s*(?:=>|->|→|=|–>)\s*\S/u.test(text),
  (text) => text.length <= 40 && kindOfWord(text) !== undefined,
  (text) => /\S\s?[>›»]\s?\S|\S\s?::\s?\S|\S\s\/\s\S/u.test(text),
  (text) => /^\p{Lu}\p{L}+(?:[- ]\p{Lu}\p{L}*\.?)+$/u.test(text) && text.length < 30,
  (text) => STAR.test(text),
  (text) => /^[^\p{L}\p{N}\s]{1,3}\s?\p{L}/u.test(text),
  (text) => /\((?:[^)]{1,14})\)$|[^\p{L}\p{N}\s.?!)”"']$/u.test(text),
  (text) => /[.!]\s*$/.test(text) && text.length > 12,
  (text) => /^\p{Lu}/u.test(text),
  (text) => /\S:\s?\S/.test(text) && !/^https?:/i.test(text),
  (text) => text.includes('\n'),
  (text) => text.length === 1,
  (text) => text.length > 1 && text.length <= 4,
  (text) => text.length > 40,
  (text) => text.length > 90,
  (text) => !/\s/.test(text) && /^\p{L}{2,}$/u.test(text),
];

/** Whether the numbers at the end of texts count one on, row by row. */
export function countsUp(texts: readonly string[]): boolean {
  const numbers = texts.map((text) => /(\d+)\D{0,2}$/.exec(text)?.[1]).map(Number);
  return (
    numbers.length > 2 &&
    numbers.every((n, index) => Number.isFinite(n) && n === numbers[0]! + index)
  );
}

/** Three rows must not shout: shares lean to a half as if two more cells had been seen that said so. */
const LEANING = 0.5;

/** The figures of a column's cells; all 0 where it has none. `list` stands for the cells where there are none yet. */
export function cellFigures(texts: readonly string[], list?: readonly string[]): number[] {
  const filled = texts.filter(Boolean);
  const looked = filled.length ? filled : (list ?? []);
  if (!looked.length) {
    return Array.from({ length: CELL_FIGURES }, () => 0);
  }
  const lengths = looked.map((text) => text.length);
  const average = mean(lengths);
  const spread = Math.sqrt(mean(lengths.map((length) => (length - average) ** 2)));
  const distinct = new Set(looked.map(alike)).size;
  const several = looked.length > 2;
  return [
    texts.length ? filled.length / texts.length : 0,
    flag(!filled.length),
    Math.log1p(average) / 6,
    Math.min(1, spread / (average + 1)),
    distinct / looked.length,
    flag(several && distinct === 1),
    flag(several && distinct === 2),
    flag(looked.length > 4 && distinct > 2 && distinct <= 5),
    flag(countsUp(looked)),
    Math.min(1, mean(looked.map((text) => text.split(/\s+/u).length)) / 12),
    ...TESTS.map((test) => looked.filter(test).length / (looked.length + LEANING)),
  ];
}
export const CELL_FIGURES = 10 + TESTS.length;
