// A closing key whose lines each name the part of the sheet that they answer: 'Ex. 1 : 1b, 2a', 'Part B: 6 true; 7 false'.
import { letterPlace } from '../../shared/plain';
import { romanValue } from '../../shared/roman';
import { countUp, isLine, keyHeading, OFTEN, retyped, type Lines } from './retyping';

/** A word or two with the part's number, letter or Roman number, or that alone, and answers that count behind it. */
const PART =
  /^\s*(?:\p{L}[\p{L}. ]{1,14}[\s.])?(\d{1,2}|[IVX]{1,4}|[A-H])\s*[:.)–-]+\s+(?=\(?\d{1,3}\s*[.):=–-]?\s*\p{L})(.+)$/su;

const placeOf = (label: string): number => {
  if (/^\d/u.test(label)) {
    return Number(label);
  }
  return romanValue(label) ?? letterPlace(label) + 1;
};

/** Below the heading of all answers, the lines without the parts that they name in turn. */
export function keyOfParts(lines: Lines): Lines {
  const found = lines.map((line) =>
    isLine(line) ? (PART.exec(line.text) ?? undefined) : undefined,
  );
  if (found.filter(Boolean).length < OFTEN) {
    return lines;
  }
  const head = keyHeading(lines);
  const named = found.slice(head + 1).flatMap((match) => match?.[1] ?? []);
  const below = lines.slice(head + 1).filter(({ text }) => text.trim()).length;
  const areParts =
    head >= 0 &&
    named.length >= OFTEN &&
    named.length === below &&
    (countUp(named.map(placeOf)) || countUp(named.map((label) => letterPlace(label) + 1)));
  return areParts ? retyped(lines, (at) => (at > head ? found[at]?.[2] : undefined)) : lines;
}
