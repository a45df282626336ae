// More lines that say several things at once, or one thing on several lines, typed anew: points between a number and its question, names of fields on lines of their own, room to write.
import type { DocumentLine } from '../../model';
import { alike } from '../../shared/normalise';
import { likelihoodOf, type Meaning } from '../../understanding';
import { WORDS_OF_POINTS } from '../../shared/vocabulary/words-of-points';
import {
  answersBehindEquals,
  choiceBeforeArrow,
  gapBeforeArrow,
  listsBeforeArrows,
  optionsBeforeArrow,
  optionsCrossed,
  optionsPointedAt,
} from './typed-pointed';
import {
  choiceBehind,
  statementsInRuns,
  statementsTicked,
  verdictInBrackets,
  verdictWithReason,
  verdictsBelow,
} from './typed-verdicts';
import { withoutChoiceFirst } from './typed-circled';
import { apartWithWord, countedGaps, gapWordsBehind, wordsOnGaps } from './typed-gaps';
import { levelBehind } from './typed-around';
import { placesAtSteps, stepsWithOrder } from './typed-steps';
import { anew, isLine, OFTEN, whereOften, withTicks, type Lines } from './retyping';

const POINTS_BETWEEN = new RegExp(
  String.raw`^(\s*\p{L}{1,14}\.?\s?\d{1,3})\s*([([]\d+(?:[.,]\d+)?\s*(?:${WORDS_OF_POINTS})\.?[)\]])\s*[:.–-]\s*(\S.*)$`,
  'iu',
);
/** A question whose points stand between its number and its text, with the points behind it. */
function pointsBehind(text: string): string[] | undefined {
  const [, number, points, question] = POINTS_BETWEEN.exec(text) ?? [];
  return number ? [`${number}: ${question!} ${points!}`] : undefined;
}

const POINTS_FROM_0 = /[([]0\s?[-–]\s?(\d{1,2})[)\]]/u;
/** Points given as what can be had at least and at most, '(0–2)'. */
const mostPoints = (text: string): string[] | undefined =>
  POINTS_FROM_0.test(text) ? [text.replace(POINTS_FROM_0, '($1 points)')] : undefined;

const ROOM = /([?!.])\s*_{5,}\s*$/u;
/** A question or task with a line to write on behind it, without the line. */
const withoutRoom = (text: string): string[] | undefined =>
  ROOM.test(text) ? [text.replace(ROOM, '$1')] : undefined;

/** What a name on a line of its own may stand above, and what is typed in front of the texts below it. */
const ABOVE: readonly (readonly [meanings: readonly Meaning[], name: string])[] = [
  [['options', 'option'], '-'],
  [['stem'], 'Question:'],
  [['term'], 'Front:'],
  [['definition'], 'Back:'],
  [['key', 'right', 'accepted'], 'Answer:'],
  [['explanation', 'feedback'], 'Explanation:'],
  [['hint'], 'Hint:'],
];
const NAME = /^\s*(\p{L}[\p{L} ]{2,24}?)\s*:?\s*$/u;
const NAMED = 0.5;
const SEPARATOR = /^\s*[#=*~_-]{3,}\s*$/u;

/** What a line that holds nothing but a name types in front of the texts below it; undefined of any other line. */
function inFrontOf(text: string): string | undefined {
  const name = NAME.exec(text)?.[1];
  return name === undefined
    ? undefined
    : ABOVE.find(([meanings]) => likelihoodOf(name, meanings) > NAMED)?.[1];
}

/** The names that stand on lines of their own again and again, as comparable words. */
function namesAlone(lines: Lines): ReadonlySet<string> {
  const times = new Map<string, number>();
  for (const { text } of lines.filter((line) => inFrontOf(line.text) !== undefined)) {
    times.set(alike(text), (times.get(alike(text)) ?? 0) + 1);
  }
  return new Set([...times].flatMap(([name, n]) => (n >= OFTEN ? [name] : [])));
}

/** Texts below names that stand on lines of their own, again and again, named in front of each. */
function namesInFront(lines: Lines): Lines {
  const names = namesAlone(lines);
  if (names.size < OFTEN) {
    return lines;
  }
  const found: DocumentLine[] = [];
  let front: string | undefined;
  for (const line of fieldsBehind(lines, names)) {
    const text = line.text.trim();
    if (names.has(alike(text))) {
      front = inFrontOf(text);
    } else if (SEPARATOR.test(text) || !text) {
      front = SEPARATOR.test(text) || front === '-' ? undefined : front;
      found.push(anew(line, ''));
    } else {
      found.push(front ? anew(line, `${front} ${text}`) : line);
      front = front === '-' ? front : undefined;
    }
  }
  return found;
}

const VALUED = /^\s*(\p{L}[\p{L} ]{0,24}?)\s*:\s*(\S.*)$/u;

/** A named value; where the name is the maker's own, it is a property of the question. */
function valued(line: DocumentLine): DocumentLine {
  const [, name = '', value = ''] = VALUED.exec(line.text) ?? [];
  const isKnown = likelihoodOf(name, ['category', 'tags', 'points', 'seconds', 'title']) > NAMED;
  return isKnown ? line : anew(line, `Tags: ${name.toLowerCase()}:${value}`);
}

/** Lines parted by separators, with the named values that stand above the first name of each part moved behind its texts. */
function fieldsBehind(lines: Lines, names: ReadonlySet<string>): Lines {
  if (lines.filter(({ text }) => SEPARATOR.test(text)).length < OFTEN) {
    return lines;
  }
  const parts: DocumentLine[][] = [[]];
  for (const line of lines) {
    parts.at(-1)!.push(line);
    if (SEPARATOR.test(line.text)) {
      parts.push([]);
    }
  }
  return parts.flatMap((part) => {
    const first = part.findIndex(({ text }) => names.has(alike(text)));
    const above = part.slice(0, Math.max(0, first)).filter(({ text }) => text.trim());
    const end = part.at(-1);
    return end && above.length && above.every(({ text }) => VALUED.test(text))
      ? [...part.slice(first, -1), ...above.map(valued), end]
      : part;
  });
}

const PAIR = /^\s*\p{L}[^–—]{0,40}\s[–—-]\s\S/u;
const IN_BRACKETS = /^\s*\(([^()]+)\)\s*$/u;
const FEWEST_PAIRS = 3;

/** Terms with their definitions that stand in brackets as a whole among others that don't. */
function pairsUnwrapped(lines: Lines): Lines {
  const isPair = (text: string): boolean => PAIR.test(text);
  const unwrapped = (text: string): string[] | undefined => {
    const inner = IN_BRACKETS.exec(text)?.[1];
    return inner && isPair(inner) ? [inner] : undefined;
  };
  return lines.filter((line) => isLine(line) && isPair(line.text)).length < FEWEST_PAIRS
    ? lines
    : whereOften(unwrapped, 1)(lines);
}

const SIGN_FIRST =
  /^\s*([+–−-])\s+([([]?(?:[A-Ja-j]|[ivx]{1,5}|\d{1,2})\s?[.):\]/-]{1,2}\s+\S.*|[①-⑳]\s*\S.*)$/u;
/** Plus and minus in front of options that have labels; where lists are marked up, both are bullets. */
const signsBehind = (lines: Lines): Lines =>
  withTicks(lines, ({ source, text }) => {
    const [, sign, option] = SIGN_FIRST.exec(source ?? text) ?? [];
    return option ? { isPlus: sign === '+', text: option.trimEnd() } : undefined;
  });

const SIGN_INLINE = /(?:^|\s)([+–−-])\s+[([]?([A-Ja-j])(?:\s?[.):\]]|\s[–-])\s*(?=\S)/gu;
/** Options on one line with plus or minus before each label: a line each, with a tick or a cross behind. */
function signedInline(text: string): string[] | undefined {
  const found = [...text.matchAll(SIGN_INLINE)];
  const signs = new Set(found.map(([, sign]) => sign === '+'));
  if (found.length < 2 || signs.size < 2 || text.slice(0, found[0]!.index).trim()) {
    return undefined;
  }
  return found.map(([whole, sign, label], at) => {
    const end = found[at + 1]?.index ?? text.length;
    const option = text.slice(found[at]!.index + whole.length, end).trim();
    return `${label!}) ${option} ${sign === '+' ? '✓' : '✗'}`;
  });
}

const LETTER_TAB = /(^|\s)([A-Ja-j])\t/gu;
/** Options on one line whose letters nothing but a tab parts from them, with a sign behind each letter. */
function letteredByTabs(text: string): string[] | undefined {
  const letters = [...text.matchAll(LETTER_TAB)].map(([, , letter]) => letter!.toLowerCase());
  const isCount = letters.every((letter, n) => letter === String.fromCharCode(97 + n));
  return letters.length > 1 && isCount ? [text.replace(LETTER_TAB, '$1$2) ')] : undefined;
}

/** Ways of typing, in the order in which they are looked for. */
export const TYPED_OTHERWISE: readonly ((lines: Lines) => Lines)[] = [
  namesInFront,
  wordsOnGaps,
  countedGaps,
  whereOften(gapWordsBehind, 1),
  whereOften(apartWithWord),
  verdictsBelow,
  whereOften(withoutChoiceFirst),
  whereOften(verdictInBrackets, 1),
  whereOften(verdictWithReason, 1),
  optionsCrossed,
  optionsPointedAt,
  listsBeforeArrows,
  whereOften(optionsBeforeArrow),
  whereOften(choiceBeforeArrow),
  whereOften(gapBeforeArrow),
  answersBehindEquals,
  whereOften(choiceBehind, 1),
  whereOften(letteredByTabs),
  whereOften(signedInline),
  signsBehind,
  placesAtSteps,
  stepsWithOrder,
  statementsTicked,
  statementsInRuns,
  whereOften(pointsBehind),
  whereOften(mostPoints),
  whereOften(withoutRoom, 1),
  pairsUnwrapped,
  whereOften(levelBehind),
];
