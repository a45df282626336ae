// Questions and answers as a conversation is written, each line behind a dash: '— What opens? / — The gate.'
import { isLine, retyped, type Lines } from './retyping';
import { asksOutright } from './typed-line';

const SPOKEN = /^\s*([-–—])\s*(\S.*)$/su;
const LEAST_TURNS = 2;

/** The lines of a text in which one that asks and one that does not stand in turn behind the same dash, named as question and answer. */
export function talksNamed(lines: Lines): Lines {
  const filled = lines.flatMap((line, at) => (line.text.trim() ? [at] : []));
  const spoken = filled.map((at) => (isLine(lines[at]!) ? SPOKEN.exec(lines[at]!.text) : null));
  const first = spoken.findIndex(Boolean);
  const turns = spoken.slice(first);
  const isTalk =
    first >= 0 &&
    turns.length >= LEAST_TURNS * 2 &&
    turns.length % 2 === 0 &&
    turns.every(
      (one, turn) =>
        one !== null && one[1] === turns[0]![1] && asksOutright(one[2]!) === (turn % 2 === 0),
    );
  if (!isTalk) {
    return lines;
  }
  const named = new Map(
    turns.map((one, turn) => [
      filled[first + turn]!,
      `${turn % 2 === 0 ? 'Question' : 'Answer'}: ${one![2]!}`,
    ]),
  );
  return retyped(lines, (at) => named.get(at));
}
