// Exercises whose tasks have letters, 'Exercise 1: True or false? a) Ice sinks. F': each task is a question of its own, and no option.
import { alike } from '../../shared/normalise';
import { letterPlace } from '../../shared/plain';
import { fieldOfLine, headsAnswers } from '../../shared/vocabulary/answer-lines';
import { verdictOf } from '../../shared/vocabulary/verdicts';
import { saysVerdict } from './judged-texts';
import { offersVerdicts } from './offered';
import { anew, countUp, isLine, keyHeading, setOff, type Lines } from './retyping';
import { endsAsked } from './typed-line';

/** What names an exercise in front of what is to be done. */
const NAME = /^\s*(\p{L}{2,14}\.?)?\s*(?:\d{1,2}|[IVX]{1,4}|[A-H])\s*[.:)–—-]+\s*(?=\S)/u;
const LETTERED = /^\s*[([]?([A-Za-z])\s?[.)\]]\s*(\S.*)$/su;
const FEWEST = 2;
const GAP = /_{2,}|\.{4,}|…/u;
const BOXES = /[□☐▢]\s*\S.*[■☒☑□☐▢]|[■☒☑]\s*\S.*[□☐▢]/u;
/** A statement has several words, and is none of the two that are offered. */
const states = (text: string): boolean => /\S\s+\S/u.test(text) && verdictOf(text) === undefined;

/** Options may ask, and may say in a word whether they are right. */
const OF_OPTIONS: ReadonlySet<string> = new Set(['asks', 'judged']);

/** In what way a text is something to do by itself; undefined where it may as well be an option. */
function taskOf(text: string): string | undefined {
  const ways: [string, boolean][] = [
    ['judged', saysVerdict(text)],
    ['gap', GAP.test(text)],
    ['boxes', BOXES.test(text)],
    ['asks', endsAsked(text)],
  ];
  return ways.find(([, is]) => is)?.[0];
}

type Anew = { text: string; isHead?: boolean };
type Run = { head: number; tasks: { at: number; text: string }[] };

/** Whether a line may stand between two tasks: an empty one, or an answer to the one above. */
const standsBetween = (line: Lines[number], isBelow: boolean): boolean =>
  !line.text.trim() || (isBelow && isLine(line) && fieldOfLine(line.text) !== undefined);

/** Lettered lines that count up from the first letter, empty lines and answers between them aside, and the line above them. */
function runBelow(lines: Lines, head: number): Run | undefined {
  const tasks: Run['tasks'] = [];
  for (let at = head + 1; at < lines.length; at++) {
    const line = lines[at]!;
    const [, letter, text = ''] = (isLine(line) && LETTERED.exec(line.text)) || [];
    if (letter !== undefined && letterPlace(letter) === tasks.length) {
      tasks.push({ at, text });
    } else if (!standsBetween(line, tasks.length > 0)) {
      break;
    }
  }
  return tasks.length >= FEWEST ? { head, tasks } : undefined;
}

/** Whether all of a run are something to do, in one way; what asks below a question may be chosen from. */
function areTasks(lines: Lines, { head, tasks }: Run): boolean {
  const above = lines[head]!.text;
  if (offersVerdicts(above)) {
    return tasks.every(({ text }) => states(text));
  }
  const [way, ...others] = new Set(tasks.map(({ text }) => taskOf(text)));
  return way !== undefined && !others.length && !(OF_OPTIONS.has(way) && endsAsked(above));
}

/** The lettered runs of a text that stand below a line without a letter. */
const runsIn = (lines: Lines): Run[] =>
  lines.flatMap((line, at) => {
    const isHead = line.text.trim() !== '' && isLine(line) && !LETTERED.test(line.text);
    return (isHead && !headsAnswers(line.text) && runBelow(lines, at)) || [];
  });

const KEY_LETTER = /(^|[\s,;])[([]?([A-Ja-j])\s?[.):=]\s*(?=\S)/gu;

/** A line of the closing key that answers lettered tasks, with their numbers; undefined of another line. */
function keyCounted(text: string, runs: readonly Run[]): string | undefined {
  const letters = [...text.matchAll(KEY_LETTER)].map(([, , letter]) => letterPlace(letter!) + 1);
  const isOne = runs.some(({ tasks }) => tasks.length === letters.length);
  return isOne && countUp(letters)
    ? text.replace(
        KEY_LETTER,
        (_, before: string, letter: string) => `${before}${letterPlace(letter) + 1}) `,
      )
    : undefined;
}

const nameOf = (text: string): string | undefined => {
  const match = NAME.exec(text);
  return match ? alike(match[1] ?? '') : undefined;
};

const NUMBERED = /^\s*[([]?\d{1,3}\s?[.):\]]/u;

/** What stands at the head of each exercise, as the heading of a part, and above options, each that offers some counted in its exercise. */
function headsAnew(lines: Lines, all: readonly Run[], runs: readonly Run[]): Map<number, Anew[]> {
  const found = new Map<number, Anew[]>();
  const names = new Set(runs.flatMap(({ head }) => nameOf(lines[head]!.text) ?? []));
  const offers = new Set(all.filter((run) => !runs.includes(run)).map(({ head }) => head));
  let counted = 0;
  lines.forEach(({ text }, at) => {
    const name = nameOf(text);
    const isExercise = name !== undefined && names.has(name);
    counted = isExercise ? 0 : counted;
    const bare = isExercise ? text.replace(NAME, '') : text;
    // Without a word in its name, what is to be done is of the question right below it.
    const isAbove = name === '' && offers.delete(at + 1);
    const isNumbered = !isExercise && NUMBERED.test(text);
    if (names.size && !isNumbered && (isAbove || offers.has(at))) {
      counted += 1;
      found.set(at, [{ text: '' }, { text: `${counted}. ${bare}` }]);
    } else if (isExercise) {
      found.set(at, [{ text: '' }, { text: bare, isHead: true }]);
    }
  });
  return found;
}

/** The answers of these tasks by part and letter, '2a) true', are joined to them as they stand. */
const BY_PART = /^\s*\d{1,2}\s?[a-j]\s?[.):=]/u;

/** Such tasks counted by numbers, in their exercises and in the closing key; what is to be done stands above them without the exercise's name. */
export function tasksCounted(lines: Lines): Lines {
  const all = runsIn(lines);
  const runs = all.filter((run) => areTasks(lines, run));
  const key = keyHeading(lines);
  const isAnswered = key >= 0 && lines.slice(key).some(({ text }) => BY_PART.test(text));
  if (!runs.length || isAnswered) {
    return lines;
  }
  const found = headsAnew(key < 0 ? lines : lines.slice(0, key), all, runs);
  for (const { tasks } of runs) {
    tasks.forEach(({ at, text }, index) => found.set(at, [{ text: `${index + 1}. ${text}` }]));
  }
  lines.forEach((line, at) => {
    const counted = key >= 0 && at > key && isLine(line) ? keyCounted(line.text, runs) : undefined;
    if (counted !== undefined) {
      found.set(at, [{ text: counted }]);
    }
  });
  return lines.flatMap(
    (line, at) =>
      found
        .get(at)
        ?.map(({ text, isHead }) => (isHead ? setOff(line, text) : anew(line, text))) ?? [line],
  );
}
