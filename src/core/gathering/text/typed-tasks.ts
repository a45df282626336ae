// Pairs and steps below a task for them: halves that dots or a dash join, and steps with their places in front or behind.
import type { DocumentLine } from '../../model';
import { alike } from '../../shared/normalise';
import { letterPlace } from '../../shared/plain';
import { fieldOfLine } from '../../shared/vocabulary/answer-lines';
import { asksToMatch } from '../../shared/vocabulary/match-words';
import { asksForOrder } from './order-words';
import { anew, COUNTED, countUp, isLine, retyped, type Lines } from './retyping';

const RUN = 3;

const DOTTED = /^\s*(\S[^.…]{0,40}?)\s*(?:\.{4,}|…{2,}|_{4,})\s*(\S[^.…]{0,60})$/u;
/** Two halves with an equals sign or a dash between them, without a label. */
const HALVED =
  /^\s*(?![([]?(?:\d{1,2}|[A-Ja-j])(?:[.)\]:]|\s))(\S[^=–—]{0,60}?)\s+[=–—-]\s+(\S[^=–—]{0,60})$/u;
const BULLET = /^\s*[-*•–]\s+(?=\S)/u;
/** Instructions stand so many filled lines above. */
const ABOVE = 2;
const FEW_WORDS = 5;
const isShort = (text: string): boolean => text.trim().split(/\s+/u).length <= FEW_WORDS;

/** The lines of runs of filled lines that a pattern takes, each run with where it begins. */
function runsOf(lines: Lines, takes: (line: DocumentLine) => boolean, fewest = RUN): number[][] {
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
  return [...runs, run].filter(({ length }) => length >= fewest);
}

const saysAbove = (lines: Lines, at: number, says: (text: string) => boolean): boolean =>
  lines
    .slice(0, at)
    .filter(({ text }) => text.trim())
    .slice(-ABOVE)
    .some(({ text }) => says(text));

const TWO_LISTS =
  /^\s*(?:[([]?\d{1,2}[.):\]]\s+)?(\p{L}[^.…_]{0,40}?)\s*(?:\.{3,}|…+|_{3,})\s*[([]?([A-Ja-j])[.):\]]\s+(\S.*)$/su;
const NAMED_PAIR = /^(.+?)\s*[-–=:→]+\s*([A-Ja-j])$/u;

/** The numbers with their letters of a line that names pairs by the words on the left, 'hammer-b, saw-a'; undefined of another line. */
function pairsNamed(text: string, lefts: readonly string[]): string | undefined {
  const field = fieldOfLine(text);
  const parts = field?.role === 'answer' ? field.value.split(/\s*[,;]\s*/u) : [];
  const places = parts.map((part) => {
    const [, word = '', letter] = NAMED_PAIR.exec(part) ?? [];
    return { at: lefts.findIndex((left) => alike(left) === alike(word)), letter };
  });
  return places.length === lefts.length && places.every(({ at }) => at >= 0)
    ? `Answer: ${places.map(({ at, letter }) => `${at + 1}${letter}`).join(', ')}`
    : undefined;
}

/** Two lists side by side with dots between them, those on the right with letters: counted, and with a gap in place of the dots. */
export function listsDotted(lines: Lines): Lines {
  const found = lines.map((line) => (isLine(line) ? TWO_LISTS.exec(line.text) : null));
  const run = found.flatMap((match, at) => (match ? [at] : []));
  const letters = run.map((at) => letterPlace(found[at]![2]!) + 1);
  if (run.length < RUN || !countUp(letters)) {
    return lines;
  }
  const lefts = run.map((at) => found[at]![1]!);
  return retyped(lines, (at) => {
    const [, left, letter = '', right] = found[at] ?? [];
    if (left !== undefined) {
      return `${letterPlace(letter) + 1}. ${left}        ${letter}. ${right}`;
    }
    return isLine(lines[at]!) ? pairsNamed(lines[at]!.text, lefts) : undefined;
  });
}

/** Pairs that a row of dots, an equals sign or a dash joins below a task to match, joined by an arrow. */
export function pairsByArrow(lines: Lines): Lines {
  const halves = (text: string): readonly [string, string] | undefined => {
    const bare = text.replace(BULLET, '');
    const dotted = DOTTED.exec(bare);
    const [, left = '', right = ''] = dotted ?? HALVED.exec(bare) ?? [];
    const areWords = /[\p{L}\p{N}]/u.test(left) && /[\p{L}\p{N}]/u.test(right);
    // Dots join what belongs together, however much it says.
    const areShort = dotted !== null || (isShort(left) && isShort(right));
    return areWords && areShort ? [left, right] : undefined;
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

const SOLVED =
  /^\s*[([]?(?:\p{L}|\d{1,2})\s?[.):\]]\s+(\S.*?)\s+(?:[=–—-]|[-=]+>|→)\s+[([]?(?:\p{L}|\d{1,2})\s?[.):\]]\s+(\S.*)$/u;
const PAIRS = 2;
const LABELLED = /^\s*[([]?(?:\p{L}{0,14}\s?\d{1,3}|\p{L}|[IVX]+)\s?[.):\]]/u;

/** The number behind that of the last counted line above one, as that is written; undefined where none is counted. */
function nextNumber(lines: Lines, at: number): string | undefined {
  const above = lines.slice(0, at).findLast(({ text }) => COUNTED.test(text));
  return (
    above &&
    COUNTED.exec(above.text)![0]
      .trim()
      .replace(/\d+/u, (n) => String(Number(n) + 1))
  );
}

/** Pairs of two labelled lists that are solved, 'A. hammer – 2. nail', below a task to match: without the labels, and the task counted where others are. */
export function pairsUnlabelled(lines: Lines): Lines {
  const runs = runsOf(lines, ({ text }) => SOLVED.test(text), PAIRS).filter(([first]) =>
    saysAbove(lines, first!, asksToMatch),
  );
  const paired = new Set(runs.flat());
  const tasks = new Set(
    runs.map(([first]) => lines.slice(0, first).findLastIndex(({ text }) => text.trim())),
  );
  return lines.map((line, at) => {
    if (paired.has(at)) {
      const [, left = '', right = ''] = SOLVED.exec(line.text) ?? [];
      return anew(line, `- ${left} → ${right.trimEnd()}`);
    }
    const number = tasks.has(at) && !LABELLED.test(line.text) ? nextNumber(lines, at) : undefined;
    return number ? anew(line, `${number} ${line.text.trim()}`) : line;
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
export function stepsInOrder(lines: Lines): Lines {
  const found = [...lines];
  for (const run of runsOf(lines, (line) => placeIn(line) !== undefined)) {
    const steps = run.map((at) => placeIn(lines[at]!)!).sort((a, b) => a.place - b.place);
    const isAsked =
      run.every((at) => hasRoom(lines[at]!)) || saysAbove(lines, run[0]!, asksForOrder);
    if (isAsked && countUp(steps.map(({ place }) => place))) {
      run.forEach((at, index) => {
        found[at] = anew(lines[at]!, `- ${steps[index]!.step}`);
      });
    }
  }
  return found;
}
