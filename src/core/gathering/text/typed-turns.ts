// Questions and answers with their own letters and the same numbers: 'D1: … / R1: …', whatever the letters stand for.
import { groupBy } from '../../shared/group-by';
import { countUp, isLine, OFTEN, retyped, type Lines } from './retyping';
import { asksOutright } from './typed-line';

const NUMBERED = /^\s*(\p{L}{1,3})\s?(\d{1,3})\s*[.:)]+\s+(\S.*)$/su;

type Numbered = { at: number; letters: string; n: number; text: string };

const countOn = (lines: readonly Numbered[]): boolean =>
  lines.length >= OFTEN && countUp(lines.map(({ n }) => n));

/** Whether lines of one letter stand each below the line of another that has its number, before the next of those. */
const follow = (asking: readonly Numbered[], answering: readonly Numbered[]): boolean =>
  asking.length === answering.length &&
  answering.every(
    ({ at }, n) => at > asking[n]!.at && (asking[n + 1] === undefined || at < asking[n + 1]!.at),
  );

/** The lines of a text with two such letters and no more, numbered as questions and named as answers. */
export function numberedTurns(lines: Lines): Lines {
  const found = lines.flatMap((line, at): Numbered[] => {
    const [, letters, n, text] = (isLine(line) && NUMBERED.exec(line.text)) || [];
    return letters && text ? [{ at, letters: letters.toLowerCase(), n: Number(n), text }] : [];
  });
  const [asking, answering, ...others] = [
    ...groupBy(found, ({ letters }) => letters).values(),
  ].filter(countOn);
  const areTurns =
    asking !== undefined && answering !== undefined && !others.length && follow(asking, answering);
  if (!areTurns || answering.some(({ text }) => asksOutright(text))) {
    return lines;
  }
  const texts = new Map([
    ...asking.map(({ at, n, text }) => [at, `${n}. ${text}`] as const),
    ...answering.map(({ at, text }) => [at, `Answer: ${text}`] as const),
  ]);
  return retyped(lines, (at) => texts.get(at));
}
