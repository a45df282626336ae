// Initials in front of the lines of each question: "Q: …" above one "A: …" and several "W: …", in any brackets.
import { trueFalseInitials, verdictPair } from '../../shared/vocabulary/verdicts';
import { groupBy } from '../../shared/group-by';
import { anew, isLine, OFTEN, type Lines } from './retyping';
import { asksOutright } from './typed-line';

const INITIAL =
  /^\s*(?:[-*•]\s+)?(?:([[({<])(\p{Lu}{1,2})[\])}>]|(\p{Lu}{1,2})\s?[:).=])\s+(\S.*)$/u;
const MOSTLY = 0.8;
/** Signs for what asks, what is right, and what is wrong. */
const NAMES = 3;

type Initial = { at: number; sign: string; text: string };

/** The lines that an initial opens. */
const initialsIn = (lines: Lines): Initial[] =>
  lines.flatMap((line, at) => {
    const match = isLine(line) ? INITIAL.exec(line.source ?? line.text) : null;
    const [, open = '', bracketed, bare, text = ''] = match ?? [];
    return match ? [{ at, sign: `${open}${bracketed ?? bare!}`, text }] : [];
  });

/** The lines of each question: from one with the sign that asks to the next. */
function questionsBy(asking: string, initials: readonly Initial[]): Initial[][] {
  const questions: Initial[][] = [];
  for (const one of initials) {
    if (one.sign === asking) {
      questions.push([]);
    }
    questions.at(-1)?.push(one);
  }
  return questions;
}

/** The sign of right answers among two: the one that each question has once while the other comes again, else by what both stand for. */
function rightOf(
  questions: readonly (readonly Initial[])[],
  [one, other]: readonly [string, string],
): string | undefined {
  const times = (sign: string): number[] =>
    questions.map((own) => own.filter((initial) => initial.sign === sign).length);
  const isOnce = (sign: string): boolean => times(sign).every((n) => n === 1);
  const isRun = (sign: string): boolean => times(sign).filter((n) => n > 1).length >= OFTEN;
  if (isOnce(one) !== isOnce(other)) {
    const right = isOnce(one) ? one : other;
    return isRun(right === one ? other : one) ? right : undefined;
  }
  const letters = [one, other].map((sign) => sign.replace(/\P{L}/gu, '')) as [string, string];
  const pair = verdictPair(letters) ?? { right: trueFalseInitials(...letters)?.[0] };
  if (pair.right === undefined) {
    return undefined;
  }
  return pair.right.toLowerCase().startsWith(letters[0].toLowerCase()) ? one : other;
}

/** Questions whose lines are opened by three initials, as questions with ticks and crosses behind their options. */
export function initialsForOptions(lines: Lines): Lines {
  const initials = initialsIn(lines);
  const bySign = groupBy(initials, ({ sign }) => sign);
  const asking = initials[0]?.sign ?? '';
  const own = bySign.get(asking) ?? [];
  const others = [...bySign.keys()].filter((sign) => sign !== asking);
  const asks = own.filter(({ text }) => asksOutright(text)).length >= own.length * MOSTLY;
  if (bySign.size !== NAMES || own.length < OFTEN || !asks) {
    return lines;
  }
  const right = rightOf(questionsBy(asking, initials), others as [string, string]);
  if (right === undefined) {
    return lines;
  }
  const texts = new Map(
    initials.map(({ at, sign, text }) => [
      at,
      sign === asking ? `Question: ${text}` : `- ${text} ${sign === right ? '✓' : '✗'}`,
    ]),
  );
  return lines.map((line, at) => (texts.has(at) ? anew(line, texts.get(at)!) : line));
}
