// Options with strokes between them behind their question or on the line below it, of which a sign around, in front of or behind
// singles out the right one: '1. The nearest star is: Sirius / _the Sun_ / Vega', '6 / 8* / 10'.
import { anew, isLine, OFTEN, type Lines } from './retyping';

const SIGN = String.raw`[*_~=+#!✓✔✅☑]{1,2}`;
const SIGNED = new RegExp(String.raw`^(${SIGN})?\s?([^\s].*?)\s?(${SIGN})?$`, 'su');
/** Brackets around an option, with none in it. */
const BRACKETED = /^([([{<])\s?([^()[\]{}<>]+?)\s?([)\]}>])$/su;
const STROKE = /\s*(?<![\p{L}\d])\/(?![\p{L}\d])\s*|\s+\/\s*|\s*\/\s+/u;
const FEWEST = 2;
/** Where a list begins behind its question: a colon or what ends a question, with a blank behind. */
const BEHIND = /^(.*[:?？.…])\s+(?=\S)(.*\/.*)$/su;
const LONGEST = 40;
/** The stroke behind a letter or number that counts an option parts nothing: 'd/ ✓ red'. */
const LABEL = /^\s*[^\p{L}\p{N}]{0,3}[\p{L}\p{N}]{1,3}\/\s/u;

/** What is in capitals is told by these, once it stands among other options. */
const IN_CAPITALS = 'capitals';
const CAPITALS = /^\P{L}*(?:\p{Lu}\P{L}*){2,}$/u;

type Part = { text: string; sign: string };
type List = { stem: string; parts: Part[]; sign: string };

function partOf(text: string): Part {
  const [, before = '', inner = '', behind = ''] = BRACKETED.exec(text) ?? SIGNED.exec(text) ?? [];
  return inner && (before || behind)
    ? { text: inner, sign: `${before}…${behind}` }
    : { text, sign: '' };
}

/** Parts of which a single one is in capitals, that one with a sign for it. */
function singledByCapitals(parts: readonly Part[]): Part[] {
  const loud = parts.filter(({ text }) => CAPITALS.test(text));
  return loud.length === 1 && parts.length > FEWEST && parts.every(({ sign }) => !sign)
    ? parts.map((part) => (part === loud[0] ? { ...part, sign: IN_CAPITALS } : part))
    : [...parts];
}

/** The options of a list, some of them with a sign, which is the same; undefined of any other text. */
function listIn(text: string, stem: string): List | undefined {
  const parts = singledByCapitals(text.trim().split(STROKE).map(partOf));
  const signed = parts.filter(({ sign }) => sign);
  const isList =
    parts.length >= FEWEST &&
    signed.length > 0 &&
    signed.length < parts.length &&
    signed.every(({ sign }) => sign === signed[0]!.sign) &&
    parts.every((part) => part.text !== '' && part.text.length <= LONGEST);
  return isList ? { stem, parts, sign: signed[0]!.sign } : undefined;
}

/** The list behind a question on its line, or that is the line. */
function listOf(text: string): List | undefined {
  const [, stem, list] = BEHIND.exec(text) ?? [];
  return (stem && list ? listIn(list, stem) : undefined) ?? listIn(text, '');
}

/** Such options on lines of their own, ticked, where one and the same sign singles them out in every list. */
export function optionsSlashed(lines: Lines): Lines {
  const found = lines.map((line) =>
    isLine(line) && line.text.includes('/') && !LABEL.test(line.text)
      ? listOf(line.text)
      : undefined,
  );
  const lists = found.filter((one) => one !== undefined);
  const isOne = new Set(lists.map(({ sign }) => sign)).size === 1;
  return lists.length < OFTEN || !isOne
    ? lines
    : lines.flatMap((line, at) => {
        const own = found[at];
        return own
          ? [
              ...(own.stem ? [own.stem] : []),
              ...own.parts.map(
                ({ text, sign }) => `- ${text}${sign && sign !== IN_CAPITALS ? ' ✓' : ''}`,
              ),
            ].map((text) => anew(line, text))
          : [line];
      });
}
