// Lines typed in a way that says several things at once, typed anew with one thing a line: fields beside one another, lists of
// options behind their name, pairs joined by dots, steps with their places in brackets, quoted remarks.
import type { DocumentLine } from '../../model';
import { fieldOfLine } from '../../shared/vocabulary/answer-lines';
import { likelihoodOf } from '../../understanding';
import { asksToMatch } from '../../shared/vocabulary/match-words';
import { partsOf } from './option-line';
import { asksForOrder } from './order-words';
import { inLatinScript } from './other-scripts';
import { anew, isLine, namesAnswers, OFTEN, whereOften, withTicks, type Lines } from './retyping';
import { TYPED_AROUND } from './typed-around';
import { TYPED_BELOW } from './typed-below';
import { boxesApart, columnsDownwards, lettersSigned } from './typed-columns';
import { inFullWords } from './typed-counts';
import { reasonsAtQuestions } from './typed-explained';
import { initialsForOptions } from './typed-initials';
import { answersCounted, keyAlone, keyInLetters } from './typed-keys';
import { kindsInFront } from './typed-kinds';
import {
  answerNamedBehind,
  initialsForParts,
  lettersForWords,
  pairsInFront,
  verdictsApart,
  verdictsInFront,
} from './typed-letters';
import { listsJoined } from './typed-lists';
import { ownNames } from './typed-named';
import { answersInSentences } from './answer-sentences';
import { labelsAgain } from './labels-again';
import { TYPED_OTHERWISE } from './typed-otherwise';

const RUN = 3;

const FIELD = /(?:^\s*|\s{2,}|\t|\s\|\s)(?=\p{L}[\p{L} ]{0,14}:\s*\S)/gu;

const LETTERED = /(?:^|\s)[Aa]:\s.*\s[Bb]:\s/u;

/** The fields that stand beside one another in a line, 'ANS: B   PTS: 1'; undefined where it holds one. */
function fieldsIn(text: string): string[] | undefined {
  const starts = [...text.matchAll(FIELD)].map(({ index }) => index);
  // 'A: … B: …' are options.
  const areOptions = LETTERED.test(text);
  return !areOptions && starts.length > 1 && text.slice(0, starts[0]).trim() === ''
    ? starts.map((from, at) => text.slice(from, starts[at + 1]).replace(/^[\s|]+|\s+$/gu, ''))
    : undefined;
}

const NAMED_LIST = /^\s*(\p{L}[\p{L} ]{2,24}?)\s*[:=]\s*(\S.*)$/su;
const SIGNS = ['|', ';', ' / ', ','] as const;
const NAMED = 0.5;
const LEAST_OPTIONS = 2;

/** The options that a line lists behind a word for them, 'Options: gold | iron | tin', as lines; undefined where it lists none. */
function optionsIn(text: string): string[] | undefined {
  const [, name, list] = NAMED_LIST.exec(text) ?? [];
  if (!name || !list || likelihoodOf(name, ['options']) < NAMED) {
    return undefined;
  }
  return SIGNS.map((sign) => partsOf(list, sign))
    .find((parts) => parts.length >= LEAST_OPTIONS)
    ?.map((part) => `- ${part}`);
}

const DOTTED = /^\s*(\S[^.…]{0,40}?)\s*(?:\.{4,}|…{2,}|_{4,})\s*(\S[^.…]{0,60})$/u;
/** Two halves with an equals sign or a dash between them, without a label. */
const HALVED =
  /^\s*(?![([]?(?:\d{1,2}|[A-Ja-j])(?:[.)\]:]|\s))(\S[^=–—]{0,60}?)\s+[=–—-]\s+(\S[^=–—]{0,60})$/u;
/** Instructions stand so many filled lines above. */
const ABOVE = 2;
const FEW_WORDS = 5;
const isShort = (text: string): boolean => text.trim().split(/\s+/u).length <= FEW_WORDS;

/** The lines of runs of filled lines that a pattern takes, each run with where it begins. */
function runsOf(lines: Lines, takes: (line: DocumentLine) => boolean): number[][] {
  const runs: number[][] = [];
  let run: number[] = [];
  lines.forEach((line, at) => {
    if (line.text.trim() && isLine(line) && takes(line)) {
      run.push(at);
    } else if (line.text.trim()) {
      runs.push(run);
      run = [];
    }
  });
  return [...runs, run].filter(({ length }) => length >= RUN);
}

const saysAbove = (lines: Lines, at: number, says: (text: string) => boolean): boolean =>
  lines
    .slice(0, at)
    .filter(({ text }) => text.trim())
    .slice(-ABOVE)
    .some(({ text }) => says(text));

/** Pairs that a row of dots, an equals sign or a dash joins below a task to match, joined by an arrow. */
function pairsByArrow(lines: Lines): Lines {
  const halves = (text: string): readonly [string, string] | undefined => {
    const [, left = '', right = ''] = DOTTED.exec(text) ?? HALVED.exec(text) ?? [];
    const areWords = /[\p{L}\p{N}]/u.test(left) && /[\p{L}\p{N}]/u.test(right);
    return areWords && isShort(left) && isShort(right) ? [left, right] : undefined;
  };
  const paired = new Set(
    runsOf(lines, ({ text }) => halves(text) !== undefined)
      .filter(([first]) => saysAbove(lines, first!, asksToMatch))
      .flat(),
  );
  return lines.map((line, at) => {
    const pair = paired.has(at) ? halves(line.text) : undefined;
    return pair ? anew(line, `- ${pair[0]} → ${pair[1]}`) : line;
  });
}

const PLACED: readonly RegExp[] = [
  /^\s*(?:[-–•*]\s*)?_{2,}\s*(?<step>\S.*?)\s*[([]\s*(?<place>\d{1,2})\s*[)\]]\s*$/u,
  /^\s*[-–•*]\s*(?<step>\S.*?)\s*[([]\s*(?<place>\d{1,2})\s*[)\]]\s*$/u,
  /^\s*(?:[-–•*]\s*)?_*\s*[([]?(?<place>\d{1,2})[)\]]?\s*_+\s*(?<step>\S.*?)\s*$/u,
];

/** The place of a step and its text; a number between strokes looks like mark-up, so the line is looked at as it was typed. */
function placeIn({ source, text }: DocumentLine): { place: number; step: string } | undefined {
  const typed = source ?? text;
  const groups = PLACED.map((pattern) => pattern.exec(typed)?.groups).find(Boolean);
  return groups && { place: Number(groups['place']), step: groups['step']! };
}

const hasRoom = ({ source, text }: DocumentLine): boolean => (source ?? text).includes('_');

/** Steps with a line to write their place on, or with their place behind them below a task for it, in the order of the places. */
function stepsInOrder(lines: Lines): Lines {
  const found = [...lines];
  for (const run of runsOf(lines, (line) => placeIn(line) !== undefined)) {
    const steps = run.map((at) => placeIn(lines[at]!)!).sort((a, b) => a.place - b.place);
    const isAsked =
      run.every((at) => hasRoom(lines[at]!)) || saysAbove(lines, run[0]!, asksForOrder);
    if (isAsked && steps.every(({ place }, index) => place === index + 1)) {
      run.forEach((at, index) => {
        found[at] = anew(lines[at]!, `- ${steps[index]!.step}`);
      });
    }
  }
  return found;
}

const SOLVED = /_{3,}\s*\(\s*(\p{L}[^()\d]{0,40}?)\s*\)/gu;
const SOLUTIONS_ELSEWHERE = /\[[^\]]+\]\s*\.?\s*$/u;

/** Gaps with a word in brackets right behind them, where no answer stands anywhere else: the word is what goes in. */
function gapsSolved(lines: Lines): Lines {
  const solved = lines.filter((line) => isLine(line) && line.text.search(SOLVED) >= 0);
  const isToldElsewhere = (): boolean =>
    lines.some(({ text }) => SOLUTIONS_ELSEWHERE.test(text)) || namesAnswers(lines);
  return solved.length < OFTEN || isToldElsewhere()
    ? lines
    : lines.map((line) =>
        solved.includes(line)
          ? { ...anew(line, line.text.replace(SOLVED, '[[$1]]')), source: line.source ?? line.text }
          : line,
      );
}

/** A text that is quoted as a whole says nothing by it. */
const MOSTLY = 0.4;
const isQuoted = ({ source, text }: DocumentLine): boolean =>
  source !== undefined && /^\s*>/u.test(source) && text.trim() !== '';

/** Quoted lines among others, said to explain what stands above them. */
function remarksNamed(lines: Lines): Lines {
  const filled = lines.filter(({ text }) => text.trim());
  const quoted = filled.filter(isQuoted);
  return quoted.length < OFTEN || quoted.length > filled.length * MOSTLY
    ? lines
    : lines.map((line) => (isQuoted(line) ? anew(line, `Explanation: ${line.text.trim()}`) : line));
}

/** Options on one line with the letter of the right one in brackets behind them. */
const LETTER_BEHIND = /^((?:.*?\s)?\(?[Aa][).].*\s\(?[Bb][).].*?)\s+[([]([A-Ja-j])[)\]]\s*$/su;
/** A line of options and the letter behind it as lines; undefined where none stands there. */
function letterBehind(text: string): string[] | undefined {
  const [, options, letter] = LETTER_BEHIND.exec(text) ?? [];
  return options && letter ? [options, `Answer: ${letter}`] : undefined;
}

const BLANK = /^\s*[([]?\d{1,3}[.):\]]\s*_{2,}\s*$/u;
/** A number with a line to write the answer on, which the question has already: the number says nothing more. */
const blanksAlone = (lines: Lines): Lines =>
  lines.filter(({ text }) => BLANK.test(text)).length < OFTEN
    ? lines
    : lines.map((line) => (BLANK.test(line.text) ? anew(line, '______') : line));

const WRAPPED = /^\s*[([]\s*(\p{L}[\p{L} ]{0,24}[:=]\s*[^()[\]]+?)\s*[)\]]\s*$/u;
/** An answer or a remark that stands in brackets as a whole line, without them. */
function unwrapped(text: string): string[] | undefined {
  const inner = WRAPPED.exec(text)?.[1];
  return inner && fieldOfLine(inner) ? [inner] : undefined;
}

const SIGN_BEHIND = /^(.*\S)\s+([+–-])\s*$/su;
/** Plus and minus behind options, as ticks and crosses. */
const ticksBehind = (lines: Lines): Lines =>
  withTicks(lines, (line) => {
    const match = SIGN_BEHIND.exec(line.text);
    return match ? { isPlus: match[2] === '+', text: match[1]! } : undefined;
  });

const STEPS: readonly ((lines: Lines) => Lines)[] = [
  inLatinScript,
  inFullWords,
  lettersSigned,
  columnsDownwards,
  boxesApart,
  labelsAgain,
  answersInSentences,
  answersCounted,
  keyAlone,
  keyInLetters,
  kindsInFront,
  initialsForOptions,
  lettersForWords,
  initialsForParts,
  whereOften(answerNamedBehind),
  pairsInFront,
  verdictsInFront,
  verdictsApart,
  reasonsAtQuestions,
  ...TYPED_BELOW,
  listsJoined,
  ...TYPED_AROUND,
  ...TYPED_OTHERWISE,
  blanksAlone,
  whereOften(unwrapped, 1),
  ticksBehind,
  whereOften(letterBehind),
  whereOften(fieldsIn),
  ownNames,
  whereOften(optionsIn),
  pairsByArrow,
  stepsInOrder,
  gapsSolved,
  remarksNamed,
];

/** The lines of a text with one thing on each. */
export const typedAnew = (lines: Lines): DocumentLine[] => [
  ...STEPS.reduce((all, step) => step(all), lines),
];
