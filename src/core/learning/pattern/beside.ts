// What stands beside the text of a question on its own line: its points, or what answers it.
import type { Part } from '../../model';
import { kindOfWord } from '../../shared/vocabulary/kinds';
import { saysLevel } from '../../shared/vocabulary/levels';
import { saysPoints } from '../../shared/vocabulary/words-of-points';
import { truthWords } from './truth-words';
import type { Line } from './blocks';
import { lettersIn } from './ways';

const POINTS_IN_FRONT =
  /^([[(<{]\s?(?:\p{L}{1,12}:?\s)?)(\d{1,3}(?:[.,]\d)?)(\s?\p{L}{0,12}\.?\s?[\])>}]\s+)/u;
const POINTS_BEHIND =
  /(\s?[[(<{]\s?(?:\p{L}{1,12}:?\s)?)(\d{1,3}(?:[.,]\d)?)(\s?\p{L}{0,12}\.?\s?[\])>}])$/u;

/** Behind a sign that no sum has: 'Which is a mammal? @1'. */
const POINTS_SIGNED = /(\s[@#~^|§&]\s?)(\d{1,3}(?:[.,]\d)?)()$/u;

/** The points of each question in brackets or behind a sign beside its text, by the signs around the number; undefined where they are none. */
function pointsBy(lines: readonly Line[], pattern: RegExp): Part['points'] {
  const found = lines.map(({ text }) => {
    const [, open = '', number = '', close = ''] = pattern.exec(text) ?? [];
    return { open, number, close };
  });
  const open = found[0]?.open;
  const single = found.find(({ number }) => number === '1')?.close;
  const close = found.find(({ number }) => number !== '1')?.close ?? single ?? '';
  const areAlike = found.every(
    (one) => one.number && one.open === open && one.close === (one.number === '1' ? single : close),
  );
  // Numbers that count the questions are no points, unless a word says so.
  const counts = found.every(({ number }, at) => Number(number) === at + 1);
  const isSaid = saysPoints(lettersIn(open + close));
  return open && areAlike && (isSaid || !counts)
    ? { open, close, ...(single === undefined || single === close ? {} : { one: single }) }
    : undefined;
}

/** Points beside the questions' texts: '(2 points)' or ' @2' behind, '<1> ' in front. */
export function pointsBeside(lines: readonly Line[]): Partial<Part> {
  const front = pointsBy(lines, POINTS_IN_FRONT);
  const points = front ?? pointsBy(lines, POINTS_BEHIND) ?? pointsBy(lines, POINTS_SIGNED);
  return points ? { points: { ...points, ...(front ? { isInFront: true } : {}) } } : {};
}

const BEHIND = /(\s?[[(<{=]\s?)([\p{L}\p{N}][^[\](){}<>]{0,39})(\s?[\])>}=])$/u;
/** True or false behind a sign or a blank, with nothing behind it. */
const TOLD = /(\s(?:=|->|=>|→|\||:|-)?\s?)(\p{L}{1,12})()$/u;
const IN_BRACKETS = String.raw`([[({<#]\s?)(\p{L}[^[\](){}<>#?!]{1,39})(\s?[\])}>#])`;
const CATEGORY_BEHIND = new RegExp(`(\\s)${IN_BRACKETS}$`, 'u');
const CATEGORY_IN_FRONT = new RegExp(`^()${IN_BRACKETS}(\\s+)`, 'u');

/** Words in brackets that come again beside several questions: what these have in common. */
function categoryBy(lines: readonly Line[], pattern: RegExp): Part['category'] {
  const found = lines.map(({ text }) => {
    const [, blank = '', open = '', word = '', close = '', after = ''] = pattern.exec(text) ?? [];
    return { open: blank + open, word, close: close + after };
  });
  const [{ open, close } = { open: '', close: '' }] = found;
  const words = new Set(found.map(({ word }) => word));
  const areAlike = found.every((one) => one.word && one.open === open && one.close === close);
  const isOther = [...words].some((word) => kindOfWord(word) !== undefined || saysLevel(word));
  const comesAgain = words.size > 1 && words.size < lines.length;
  return areAlike && comesAgain && !isOther && !truthWords([...words])
    ? { open, close }
    : undefined;
}

/** The category of each question in brackets beside its text, by the signs around it. */
export function categoryBeside(lines: readonly Line[]): Pick<Part, 'category'> {
  const behind = categoryBy(lines, CATEGORY_BEHIND);
  const inFront = behind ? undefined : categoryBy(lines, CATEGORY_IN_FRONT);
  const category = behind ?? (inFront && { ...inFront, isInFront: true });
  return category ? { category } : {};
}

const BLANK = /_{2,}|\.{3,}|…/u;
const MOST_WORDS = 4;

/** Whether a text ends with what may answer it, in brackets. */
export function endsWithAnswer(text: string): boolean {
  const [whole = '', , answer = ''] = BEHIND.exec(text) ?? [];
  const told = TOLD.exec(text)?.[2] ?? '';
  if (/^\p{Lu}$|^\p{Ll}{2}|^\p{Lu}{2}/u.test(told) && truthWords([told])) {
    return true;
  }
  const rest = text.slice(0, text.length - whole.length);
  return (
    answer !== '' && (truthWords([answer]) !== undefined || BLANK.test(rest) || rest.endsWith('?'))
  );
}

/** What answers each question in brackets behind its text: true or false, the word for its gap, or a short answer. */
export function answerBehind(lines: readonly Line[]): Partial<Part> | undefined {
  return answerBy(lines, BEHIND) ?? truthBy(lines);
}

/** Whether each of several lines ends by saying true or false, and not all the same. */
export const tellTruth = (lines: readonly Line[]): boolean =>
  answerBehind(lines)?.words !== undefined &&
  new Set(lines.map(({ text }) => text.slice(-2))).size > 1;

/** True or false at the end of each statement, each of them at least once. */
function truthBy(lines: readonly Line[]): Partial<Part> | undefined {
  const found = answerBy(lines, TOLD);
  const said = new Set(lines.map(({ text }) => TOLD.exec(text)?.[2]));
  return found?.words && said.size > 1 ? found : undefined;
}

function answerBy(lines: readonly Line[], pattern: RegExp): Partial<Part> | undefined {
  const found = lines.map(({ text }) => pattern.exec(text));
  const [, open = '', , close = ''] = found[0] ?? [];
  if (!open || !found.every((match) => match?.[1] === open && match[3] === close)) {
    return undefined;
  }
  const answer = { open, close };
  const said = found.map((match) => match![2]!);
  const words = truthWords(said);
  if (words) {
    return { answer, words };
  }
  const rests = lines.map(({ text }, at) => text.slice(0, found[at]!.index));
  const blank = BLANK.exec(rests[0]!)?.[0];
  if (blank && rests.every((rest) => rest.split(blank).length === 2)) {
    return { answer, blank };
  }
  const areShort = said.every((text) => text.split(' ').length <= MOST_WORDS);
  return areShort && rests.every((rest) => rest.endsWith('?')) ? { answer } : undefined;
}
