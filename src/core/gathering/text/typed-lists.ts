// Two lists below a task to match that no number opens, with a line that says what belongs together: '1-b, 2-c, 3-a'. Each pair gets
// a line of its own.
import { letterPlace } from '../../shared/plain';
import { asksToMatch } from '../../shared/vocabulary/match-words';
import { anew, countUp, isLine, type Lines } from './retyping';

const LABELLED = /^\s*[([]?(?:(\d{1,2})|([A-Ja-j]))[.):\]]\s+(\S.*)$/su;
const NAME = /^\s*(?:\p{L}[\p{L} ]{1,20}\s*:\s*)?/u;
const JOINED = /^\(?(\d{1,2})\s*[-–=:.)]?\s*\(?([A-Ja-j])\)?$/u;
const LEAST = 2;

type Labelled = { number: number; letter: number; text: string };
function labelledIn(text: string): Labelled | undefined {
  const [, number, letter, rest] = LABELLED.exec(text) ?? [];
  return rest === undefined
    ? undefined
    : { number: Number(number ?? 0), letter: letter ? letterPlace(letter) + 1 : 0, text: rest };
}

/** What a line joins, numbers with the places of letters from 1; undefined of a line that says anything else. */
function joinsIn(text: string): Map<number, number> | undefined {
  const parts = text
    .replace(NAME, '')
    .split(/[,;]\s*|\s+(?=\(?\d)/u)
    .filter(Boolean);
  const found = parts.map((part) => JOINED.exec(part.trim()));
  return parts.length >= LEAST && found.every(Boolean)
    ? new Map(found.map((match) => [Number(match![1]), letterPlace(match![2]!) + 1]))
    : undefined;
}

/** The pairs of two lists whose lines stand between a task and the line that joins them; undefined where they are no such lists. */
function pairsOf(lists: readonly Labelled[], joins: Map<number, number>): string[] | undefined {
  const left = lists.filter(({ number }) => number);
  const right = lists.filter(({ letter }) => letter);
  const areLists =
    lists.findIndex(({ letter }) => letter) === left.length &&
    left.length >= LEAST &&
    countUp(left.map(({ number }) => number)) &&
    countUp(right.map(({ letter }) => letter)) &&
    left.length === right.length &&
    joins.size === left.length &&
    new Set(joins.values()).size === left.length;
  const pairs = left.map(({ number, text }) => {
    const other = right[(joins.get(number) ?? 0) - 1];
    return other && !/[=]/u.test(text + other.text) ? `- ${text} = ${other.text}` : undefined;
  });
  return areLists && pairs.every((pair) => pair !== undefined) ? pairs : undefined;
}

/** The lines of a text, such lists as pairs below their task. */
export function listsJoined(lines: Lines): Lines {
  const all = lines.map((line) => line);
  for (let at = lines.length - 1; at >= 0; at--) {
    const task = lines[at]!;
    if (!isLine(task) || labelledIn(task.text) || !asksToMatch(task.text)) {
      continue;
    }
    let end = at + 1;
    const lists: Labelled[] = [];
    for (; end < lines.length; end++) {
      const own = labelledIn(lines[end]!.text);
      if (own) {
        lists.push(own);
      } else if (lines[end]!.text.trim()) {
        break;
      }
    }
    const joins = joinsIn(lines[end]?.text ?? '');
    const pairs = joins && pairsOf(lists, joins);
    if (pairs) {
      all.splice(at + 1, end - at, ...pairs.map((pair) => anew(lines[end]!, pair)));
    }
  }
  return all;
}
