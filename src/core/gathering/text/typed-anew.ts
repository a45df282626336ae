// Lines typed in a way that says several things at once, typed anew with one thing a line: fields beside one another, lists of
// options behind their name, pairs joined by dots, steps with their places in brackets, quoted remarks.
import type { DocumentLine } from '../../model';
import { fieldOfLine } from '../../shared/vocabulary/answer-lines';
import { likelihoodOf } from '../../understanding';
import { isOffer } from './offered';
import { partsOf } from './option-line';
import { inLatinScript } from './other-scripts';
import {
  anew,
  gapsFilled,
  isLine,
  namesAnswers,
  OFTEN,
  whereOften,
  withTicks,
  type Lines,
} from './retyping';
import { TYPED_WHOLE } from './typed-whole';
import { TYPED_AROUND } from './typed-around';
import { TYPED_BELOW } from './typed-below';
import { bulletsJudged } from './typed-bullets';
import { lettersCounted } from './typed-circled';
import { boxesApart, boxesBelow, columnsDownwards, lettersSigned } from './typed-columns';
import { codesCounted, wordsAtLetters } from './typed-codes';
import { inFullWords, oneMoreCounted } from './typed-counts';
import { tasksCounted } from './typed-exercises';
import { reasonsAtQuestions } from './typed-explained';
import { initialsForOptions } from './typed-initials';
import {
  answersCounted,
  answersInRoman,
  keyAlone,
  keyInLetters,
  keyInNumbers,
  keyInRoman,
  keyWithStrokes,
  wordsByLetters,
} from './typed-keys';
import { ticksBelowHeads } from './typed-ticks-below';
import { keyOfParts } from './typed-key-parts';
import { statementsJudged } from './typed-judged';
import { kindsInFront } from './typed-kinds';
import {
  answerNamedBehind,
  initialsForParts,
  lettersForWords,
  pairsInFront,
  verdictsApart,
  verdictsInFront,
} from './typed-letters';
import { legendApart } from './typed-legend';
import { listsJoined } from './typed-lists';
import { countsAlone, ownNames } from './typed-named';
import { boxesFilled, boxesUndrawn } from './typed-boxes';
import { numbersOfAll, ringsForNumbers } from './typed-numbers';
import { answeredUncounted, numbersBelow, solutionsBehind } from './typed-solutions';
import { partsKeyed } from './typed-parts';
import { remarksNamed } from './typed-quoted';
import { signsAsNames } from './typed-signs';
import { talksNamed } from './typed-talks';
import { listsDotted, pairsByArrow, pairsUnlabelled, stepsInOrder } from './typed-tasks';
import { letteredTurns, numberedTurns } from './typed-turns';
import { answersInSentences } from './answer-sentences';
import { labelsAgain } from './labels-again';
import { TYPED_OTHERWISE } from './typed-otherwise';

const FIELD = /(?:^\s*|\s{2,}|\t|\s\|\s)(?=\p{L}[\p{L} ]{0,14}:\s*\S)/gu;

const LETTERED = /(?:^|\s)[Aa]:\s.*\s[Bb]:\s/u;

/** A label in front of a question that is called so: 'a) Question: …'. */
const LABELLED = /^\s*[([]?(?:\d{1,3}|[A-Za-z])[.)\]]\s+(?=\p{L}[\p{L} ]{0,14}:\s)/u;

/** The fields that stand beside one another in a line, 'ANS: B   PTS: 1'; undefined where it holds one. */
function fieldsIn(line: string): string[] | undefined {
  const named = line.replace(LABELLED, '');
  const text = fieldOfLine(named)?.role === 'question' ? named : line;
  const starts = [...text.matchAll(FIELD)].map(({ index }) => index);
  // 'A: … B: …' are options.
  const areOptions = LETTERED.test(text);
  const before = text.slice(0, starts[0]).trim();
  // The choice that a statement offers may stand in front of them: 'T / F   Ans: F   Because: …'.
  const isAlone = before === '' || isOffer(before);
  return !areOptions && starts.length > 1 && isAlone
    ? [
        ...(before ? [before] : []),
        ...starts.map((from, at) => text.slice(from, starts[at + 1]).replace(/^[\s|]+|\s+$/gu, '')),
      ]
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

const SOLVED = /(?:_{3,}|(?:…\s?)+|\.{4,})\s*\(\s*(\p{L}[^()\d]{0,40}?)\s*\)/gu;
const SOLUTIONS_ELSEWHERE = /\[[^\]]+\]\s*\.?\s*$/u;

/** Gaps with a word in brackets right behind them, where no answer stands anywhere else: the word is what goes in. */
function gapsSolved(lines: Lines): Lines {
  const solved = new Set(lines.filter((line) => isLine(line) && line.text.search(SOLVED) >= 0));
  const isToldElsewhere = (): boolean =>
    lines.some(({ text }) => SOLUTIONS_ELSEWHERE.test(text)) || namesAnswers(lines);
  return solved.size < OFTEN || isToldElsewhere()
    ? lines
    : lines.map((line) => (solved.has(line) ? gapsFilled(line, SOLVED) : line));
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
  ...TYPED_WHOLE,
  legendApart,
  signsAsNames,
  letteredTurns,
  oneMoreCounted,
  codesCounted,
  wordsAtLetters,
  bulletsJudged,
  listsDotted,
  countsAlone,
  partsKeyed,
  ringsForNumbers,
  numbersOfAll,
  boxesFilled,
  boxesUndrawn,
  solutionsBehind,
  answeredUncounted,
  numbersBelow,
  talksNamed,
  numberedTurns,
  lettersCounted,
  ticksBelowHeads,
  inFullWords,
  lettersSigned,
  columnsDownwards,
  boxesApart,
  tasksCounted,
  boxesBelow,
  labelsAgain,
  answersInSentences,
  answersCounted,
  keyAlone,
  keyOfParts,
  keyInLetters,
  keyInRoman,
  keyInNumbers,
  answersInRoman,
  keyWithStrokes,
  wordsByLetters,
  kindsInFront,
  initialsForOptions,
  lettersForWords,
  initialsForParts,
  whereOften(answerNamedBehind),
  pairsInFront,
  verdictsInFront,
  statementsJudged,
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
  pairsUnlabelled,
  pairsByArrow,
  stepsInOrder,
  gapsSolved,
  remarksNamed,
];

/** The lines of a text with one thing on each. */
export const typedAnew = (lines: Lines): DocumentLine[] => [
  ...STEPS.reduce((all, step) => step(all), lines),
];
