// How lines are typed anew: one by one, where so many of a text are typed alike.
import type { DocumentLine } from '../../model';
import { letterPlace } from '../../shared/plain';
import { fieldOfLine, headsAnswers } from '../../shared/vocabulary/answer-lines';

export type Lines = readonly DocumentLine[];
/** So many lines must be typed alike before any of them is typed anew. */
export const OFTEN = 2;

/** A number in front of a line that counts its questions. */
export const COUNTED = /^\s*[([]?\d{1,3}[.):\]]/u;

/** Longer lines are paragraphs, and nothing of this is looked for in them. */
const LONGEST = 300;
/** Whether a line is short enough to be looked at. */
export const isLine = ({ text }: DocumentLine): boolean => text.length < LONGEST;

/** Whether a line of a text names an answer, or stands above the answers to all questions. */
export const namesAnswers = (lines: Lines): boolean =>
  lines.some(({ text }) => fieldOfLine(text)?.role === 'answer' || headsAnswers(text));

/** The line with another text, in which nothing is set off. */
export const anew = (line: DocumentLine, text: string): DocumentLine => {
  const { runs: _runs, ...plain } = line;
  return { ...plain, text };
};

/** The line with another text, set off as the title of a part. */
export const setOff = (line: DocumentLine, text: string): DocumentLine => ({
  ...anew(line, text),
  runs: [{ text, bold: true }],
});

/** Where the last line stands that heads the answers to all questions; -1 where none does. */
export const keyHeading = (lines: Lines): number =>
  lines.findLastIndex((line) => isLine(line) && headsAnswers(line.text));

/** The line with another text in place of what was typed, signs that mark text up included. */
export function rewritten(line: DocumentLine, text: string): DocumentLine {
  const { source: _source, ...rest } = anew(line, text);
  return rest;
}

/** The lines, those with a text of their own at their place typed anew. */
export const retyped = (lines: Lines, textAt: (at: number) => string | undefined): Lines =>
  lines.map((line, at) => {
    const text = textAt(at);
    return text === undefined ? line : anew(line, text);
  });

/** The lines with what a look at each short one makes of it; as it is where that is nothing. */
export const eachLine = (lines: Lines, look: (text: string) => string | undefined): Lines =>
  retyped(lines, (at) => (isLine(lines[at]!) ? look(lines[at]!.text) : undefined));

/** The line with the words that a pattern finds in its gaps as what goes in; what was typed stays at hand. */
export const gapsFilled = (line: DocumentLine, words: RegExp): DocumentLine => ({
  ...anew(line, line.text.replace(words, '[[$1]]')),
  source: line.source ?? line.text,
});

/** A word with its first letter large. */
export const capitalised = (word: string): string => word.charAt(0).toUpperCase() + word.slice(1);

/** A statement that asks by itself, as lines: its text with what is in front, the two words to choose from, and which of them is right. */
export const judgedLines = (
  statement: string,
  [one, other]: readonly [string, string],
  isFirst: boolean,
): string[] => [statement, `a) ${one}`, `b) ${other}`, `Answer: ${isFirst ? 'a' : 'b'}`];

/** Whether numbers count up from 1, one by one. */
export const countUp = (numbers: readonly (number | undefined)[]): boolean =>
  numbers.every((n, at) => n === at + 1);

/** The texts behind labels that count up from the first letter, where that begins the text; none of another text. */
export function textsByLetter(text: string, label: RegExp): string[] {
  const found = [...text.matchAll(label)].reduce<RegExpExecArray[]>(
    (own, match) => (letterPlace(match[1]!) === own.length ? [...own, match] : own),
    [],
  );
  return found[0]?.index === 0
    ? found.map((match, at) =>
        text.slice(match.index + match[0].length, found[at + 1]?.index ?? text.length),
      )
    : [];
}

/** What a look at each line finds, in stretches of lines that stand right below one another and all have it. */
export function stretchesOf<Found>(found: readonly (Found | undefined)[]): Found[][] {
  const stretches: Found[][] = [];
  found.forEach((one, at) => {
    if (one === undefined) {
      return;
    }
    if (found[at - 1] === undefined) {
      stretches.push([]);
    }
    stretches.at(-1)!.push(one);
  });
  return stretches;
}

/** So many lines carry plus or minus before these say right and wrong. */
const FEWEST_SIGNED = 4;

/** Lines with plus or minus, row after row and one among the others, as ticks and crosses behind their texts. */
export function withTicks(
  lines: Lines,
  signOf: (line: DocumentLine) => { isPlus: boolean; text: string } | undefined,
): Lines {
  const found = lines.map((line) => (isLine(line) ? signOf(line) : undefined));
  const signed = found.filter((one) => one !== undefined);
  const plus = signed.filter(({ isPlus }) => isPlus).length;
  return signed.length < FEWEST_SIGNED || plus === 0 || plus === signed.length
    ? lines
    : retyped(lines, (at) => found[at] && `${found[at].text} ${found[at].isPlus ? '✓' : '✗'}`);
}

/** The lines with what a look at each makes of it, where it makes anything of so many; long lines are not looked at. */
export const whereOften =
  (look: (text: string) => string[] | undefined, least = OFTEN) =>
  (lines: Lines): Lines => {
    const found = lines.map((line) => (isLine(line) ? look(line.text) : undefined));
    return found.filter(Boolean).length < least
      ? lines
      : lines.flatMap((line, at) => found[at]?.map((text) => anew(line, text)) ?? [line]);
  };
