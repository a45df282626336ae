// Questions numbered by numbers in rings: '① What …', '② Which …'.
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
