// A letter or two with a colon in front of the line below each counted question, 'R: Next to the kitchen.': what follows answers it.
import { fieldOfLine } from '../../shared/vocabulary/answer-lines';
import { COUNTED, eachLine, isLine, OFTEN, type Lines } from './retyping';
import { endsAsked } from './typed-line';

const INITIAL = /^\s*(\p{Lu}\p{L}?)\s?:\s+(?=\S)/u;
const DASHED = /^\s*\d{1,3}\s*[-–—]\s/u;
const LETTERS_OF_OPTIONS = /^[A-D]$/u;

/** The letters in front of such lines; undefined of any other line. */
function initialBelow(lines: Lines, at: number): string | undefined {
  const line = lines[at]!;
  const above = lines[at - 1]?.text ?? '';
  const name = isLine(line) ? INITIAL.exec(line.text)?.[1] : undefined;
  const isBelow = endsAsked(above) && (COUNTED.test(above) || DASHED.test(above));
  return name && isBelow && !LETTERS_OF_OPTIONS.test(name) && !fieldOfLine(line.text)
    ? name
    : undefined;
}

/** Such lines with the word for an answer in front. */
export function initialsAnswer(lines: Lines): Lines {
  const found = lines.flatMap((_, at) => initialBelow(lines, at) ?? []);
  const [initial] = found;
  const isOne = found.length >= OFTEN && new Set(found).size === 1;
  return isOne
    ? eachLine(lines, (text) =>
        INITIAL.exec(text)?.[1] === initial ? text.replace(INITIAL, 'Answer: ') : undefined,
      )
    : lines;
}
