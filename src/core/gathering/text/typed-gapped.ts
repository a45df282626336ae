// Options on one line whose letters nothing but a blank parts from them: 'A iron   B rubber   C salt water'.
import { anew, COUNTED, isLine, textsByLetter, type Lines } from './retyping';
import { endsAsked } from './typed-line';

const LARGE = /(?<=^|\s)([A-J])[ \u00a0](?=\S)/gu;
const SMALL = /(?<=^|\s)([a-j])[ \u00a0](?=\S)/gu;
const WIDE = /(?:\t|[ \u00a0]{2,})$/u;
/** A sign behind the letter parts it from its text. */
const WORDED = /^[^\s–—:=.)/-]/u;
/** Options that wide gaps part are known by so many, others by so many more. */
const LEAST = 2;
const LEAST_NARROW = 3;

/** The options of a line by their letters from the first on; undefined where it does not begin with that. */
function optionsIn(text: string): { texts: string[]; isWide: boolean } | undefined {
  const line = text.trim();
  const texts = textsByLetter(line, line.startsWith('a') ? SMALL : LARGE);
  return texts.length < LEAST
    ? undefined
    : {
        texts: texts.map((one) => one.trim()),
        isWide: texts.slice(0, -1).every((one) => WIDE.test(one)),
      };
}

/** Such options on lines of their own, below a question. */
export function optionsGapped(lines: Lines): Lines {
  let above: Lines[number] | undefined;
  return lines.flatMap((line) => {
    const isBelow = above && isLine(line) && (endsAsked(above.text) || COUNTED.test(above.text));
    const own = isBelow ? optionsIn(line.text) : undefined;
    above = line.text.trim() ? line : above;
    return own &&
      own.texts.every((text) => WORDED.test(text)) &&
      own.texts.length >= (own.isWide ? LEAST : LEAST_NARROW)
      ? own.texts.map((text, n) => anew(line, `${String.fromCharCode(65 + n)}) ${text}`))
      : [line];
  });
}
