// Questions and answers with their own letters and the same numbers: 'D1: … / R1: …', whatever the letters stand for.
import { groupBy } from '../../shared/group-by';
import { countUp, isLine, OFTEN, retyped, type Lines } from './retyping';
import { asksOutright } from './typed-line';

/** The first letters of the words for a question and an answer, in the languages that the program knows. */
const LETTERS = ['QA', 'FA', 'VA', 'PR', 'DR', 'QR', 'CA'];
const LONE = /^\s*(\p{Lu})\s+(\S.*)$/su;

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

/** Lines that a lone letter opens by turns, with nothing that parts it from the text, 'Q What …' above 'A The …', as questions and answers. */
export function letteredTurns(lines: Lines): Lines {
  const found = lines.flatMap((line, at) => {
    const [, letter, text] = (isLine(line) && LONE.exec(line.text)) || [];
    return letter && text ? [{ at, letter, text }] : [];
  });
  const pair = found[0] && found[1] ? found[0].letter + found[1].letter : '';
  const areTurns =
    LETTERS.includes(pair) &&
    found.length >= OFTEN * 2 &&
    found.length % 2 === 0 &&
    found.every(
      ({ letter, at }, n) => letter === pair[n % 2] && (n % 2 === 0 || at === found[n - 1]!.at + 1),
    );
  const names = new Map(
    found.map(({ at, text }, n) => [at, `${n % 2 ? 'Answer' : 'Question'}: ${text}`]),
  );
  return areTurns ? retyped(lines, (at) => names.get(at)) : lines;
}
