// Questions numbered by numbers in rings, '① What …', or with how many there are, 'Question 1/3: …'.
import { countUp, eachLine, isLine, OFTEN, type Lines } from './retyping';

const RINGED = /^\s*([\u2460-\u2473])\s*(?=\S)/u;
const FIRST = '\u2460'.codePointAt(0)!;
const numberOf = (ring: string): number => ring.codePointAt(0)! - FIRST + 1;

/** Numbers in rings that count once through a text, with other lines between them, as numbers with a point: options would count anew. */
export function ringsForNumbers(lines: Lines): Lines {
  const at = lines.flatMap((line, place) =>
    isLine(line) && RINGED.test(line.text) ? [place] : [],
  );
  const isCounted = countUp(at.map((place) => numberOf(RINGED.exec(lines[place]!.text)![1]!)));
  const areApart = at
    .slice(1)
    .every((place, index) => lines.slice(at[index]! + 1, place).some(({ text }) => text.trim()));
  return at.length >= OFTEN && isCounted && areApart
    ? eachLine(lines, (text) =>
        RINGED.test(text)
          ? text.replace(RINGED, (_, ring: string) => `${numberOf(ring)}. `)
          : undefined,
      )
    : lines;
}

const OF_ALL =
  /^(\s*(?:\p{L}{1,12}\.?\s?)?\d{1,3})\s?(?:\/|\s(?:of|von|sur|de|di|van|av|af|z)\s)\s?(\d{1,3})(?=\s*[.):–-])/u;

/** Numbers that say behind a stroke how many there are, the same of each line, without it. */
export function numbersOfAll(lines: Lines): Lines {
  const numbers = lines.flatMap((line) => {
    const [, front = '', all] = (isLine(line) && OF_ALL.exec(line.text)) || [];
    return all === undefined ? [] : [{ n: Number(/\d+$/u.exec(front)![0]), all: Number(all) }];
  });
  const isCounted =
    numbers.length >= OFTEN &&
    countUp(numbers.map(({ n }) => n)) &&
    new Set(numbers.map(({ all }) => all)).size === 1;
  return isCounted
    ? eachLine(lines, (text) => (OF_ALL.test(text) ? text.replace(OF_ALL, '$1') : undefined))
    : lines;
}
