// Parts that Roman numbers or letters count, each of which counts its tasks anew, with the answers by part at the end: 'I. Choose.' above
// '1. …', and 'I. 1b 2a' in the key.
import { letterPlace } from '../../shared/plain';
import { romanValue } from '../../shared/roman';
import { anew, countUp, isLine, keyHeading, setOff, type Lines } from './retyping';

const HEAD = /^\s*([IVX]{1,4}|[A-H])\s?[.):–—-]+\s+(\S.*)$/su;
const TASK = /^\s*[([]?(\d{1,3})\s?[.):\]]\s+(\S.*)$/su;
/** Two lists side by side: '1. Italy      a. Madrid'. */
const SIDES =
  /^\s*[([]?\d{1,3}\s?[.):\]]\s+(\S.*?)(?:\s{2,}|\t\s*)[([]?([A-Za-z])\s?[.):\]]\s+(\S.*)$/su;
const ANSWERS = /(?:^|[\s,;]+)(?=\d{1,3}\s?[.):=–-]*\s?\p{L})/u;
const ANSWER = /^(\d{1,3})\s?[.):=–-]*\s?(\S.*)$/su;
const FEWEST = 2;

type Line = Lines[number];
type Task = { n: number; lines: Line[] };
type Part = {
  head: Line;
  text: string;
  before: Line[];
  tasks: Task[];
  answers: Map<number, string>;
};

/** Where lines stand that count parts by one kind of label from its first on; none where they don't count up. */
function headsIn(lines: Lines, placeOf: (label: string) => number | undefined): number[] {
  const found = lines.flatMap((line, at) => {
    const label = isLine(line) ? HEAD.exec(line.text)?.[1] : undefined;
    return label === undefined ? [] : [{ at, n: placeOf(label) }];
  });
  return found.length >= FEWEST && countUp(found.map(({ n }) => n))
    ? found.map(({ at }) => at)
    : [];
}

/** The answers of a part by the number of their task. */
const answersIn = (text: string): Map<number, string> =>
  new Map(
    text.split(ANSWERS).flatMap((part) => {
      const [, n, answer] = ANSWER.exec(part.trim()) ?? [];
      return n === undefined ? [] : [[Number(n), answer!.trim()] as const];
    }),
  );

/** A part with its tasks; undefined where it holds none, or they don't count up. */
function partOf(own: Lines): Part | undefined {
  const [head, ...below] = own;
  const before: Line[] = [];
  const tasks: Task[] = [];
  for (const line of below) {
    const n = TASK.exec(line.text)?.[1];
    if (n !== undefined && Number(n) === (tasks.at(-1)?.n ?? Number(n) - 1) + 1) {
      tasks.push({ n: Number(n), lines: [line] });
    } else {
      (tasks.at(-1)?.lines ?? before).push(line);
    }
  }
  const text = HEAD.exec(head!.text)![2]!;
  return tasks.length ? { head: head!, text, before, tasks, answers: new Map() } : undefined;
}

/** The parts of a text between the lines that head them; none where one of them holds no tasks, or counts from anywhere. */
function partsBetween(lines: Lines, heads: readonly number[]): Part[] {
  const parts = heads.flatMap((at, n) => partOf(lines.slice(at, heads[n + 1])) ?? []);
  const goOn = parts.every(({ tasks: [first] }, n) => {
    const before = parts[n - 1]?.tasks.at(-1)?.n ?? 0;
    return first!.n === 1 || first!.n === before + 1;
  });
  return parts.length === heads.length && parts.length >= FEWEST && goOn ? parts : [];
}

/** The pairs of two lists side by side that the answers join; undefined where a part holds none. */
function pairsOf({ tasks, answers }: Part): [left: string, right: string][] | undefined {
  const rows = tasks.map(({ lines: [line] }) => SIDES.exec(line!.text));
  const rights = new Map(rows.map((row) => [row?.[2]?.toLowerCase(), row?.[3]?.trim()]));
  const pairs = tasks.flatMap(({ n }, index): [string, string][] => {
    const right = rights.get(answers.get(n)?.toLowerCase());
    return right ? [[rows[index]![1]!.trim(), right]] : [];
  });
  return rows.every(Boolean) && pairs.length === tasks.length && pairs.length >= FEWEST
    ? pairs
    : undefined;
}

const lastFilled = (lines: Lines): number => lines.findLastIndex(({ text }) => text.trim());

/** A part anew: its title set off, each task with its answer below it, two lists as the pairs of one task. */
function partAnew(part: Part): Line[] {
  const { head, text, before, tasks, answers } = part;
  const pairs = pairsOf(part);
  if (pairs) {
    const joined = pairs.map(([left, right], n) =>
      anew(tasks[n]!.lines[0]!, `- ${left} → ${right}`),
    );
    return [anew(head, ''), anew(head, `1. ${text}`), ...before, ...joined, anew(head, '')];
  }
  const title = setOff(head, text);
  const below = tasks.flatMap(({ n, lines }) => {
    const answer = answers.get(n);
    const end = lastFilled(lines) + 1;
    return answer === undefined
      ? lines
      : [...lines.slice(0, end), anew(lines[end - 1]!, `Answer: ${answer}`), ...lines.slice(end)];
  });
  return [anew(head, ''), title, ...before, ...below];
}

const PLACES: readonly ((label: string) => number | undefined)[] = [
  romanValue,
  (label) => letterPlace(label) + 1,
];

/** Gives the parts the answers of the closing key, which names each of them in turn; whether it holds nothing else. */
function takeKey(parts: readonly Part[], key: Lines, placeOf: (typeof PLACES)[number]): boolean {
  let current: Part | undefined;
  let isWhole = true;
  for (const { text } of key.filter((line) => line.text.trim())) {
    const [, label = '', own = ''] = HEAD.exec(text) ?? [];
    current = label ? parts[(placeOf(label) ?? 0) - 1] : current;
    const answers = answersIn(label ? own : text);
    isWhole &&= current !== undefined && answers.size > 0;
    answers.forEach((answer, n) => current?.answers.set(n, answer));
  }
  return isWhole;
}

/** Such parts with their answers, and without the key that gave them. */
export function partsKeyed(lines: Lines): Lines {
  const key = keyHeading(lines);
  const body = key < 0 ? lines : lines.slice(0, key);
  for (const placeOf of PLACES) {
    const heads = headsIn(body, placeOf);
    const parts = heads.length ? partsBetween(body, heads) : [];
    const isKeyed = parts.length > 0 && (key < 0 || takeKey(parts, lines.slice(key + 1), placeOf));
    if (isKeyed) {
      return [...lines.slice(0, heads[0]), ...parts.flatMap(partAnew)];
    }
  }
  return lines;
}
