// Titles that count parts, with the questions of each below them and nothing that numbers these: 'Station 1 - The old pump' above 'What
// drove it? (steam)'. And steps that one line lists below a task for their order.
import { asksForOrder } from './order-words';
import { partsOf } from './option-line';
import { anew, COUNTED, countUp, isLine, type Lines } from './retyping';

const HEAD = /^\s*(\p{L}{3,14})\s(\d{1,3})\s*[:–—.-]\s+(\S[^?？؟]*?)\s*$/su;
const ASKED = /[?？؟]["'”’]?\s*(?:\([^()]{1,60}\)\s*)?$/u;
const FEWEST = 2;

/** Such titles set off, and their questions counted, where all lines between them ask and some part has several. */
export function partsHeaded(lines: Lines): Lines {
  const heads = lines.flatMap((line, at) => {
    const [, word, n, title] = (isLine(line) && HEAD.exec(line.text)) || [];
    return word && title ? [{ at, word, n: Number(n), title }] : [];
  });
  const [first] = heads;
  const below = lines.slice((first?.at ?? 0) + 1).filter(({ text }) => text.trim());
  const asked = below.filter(
    (line) => isLine(line) && ASKED.test(line.text) && !COUNTED.test(line.text),
  ).length;
  const isCount =
    heads.length >= FEWEST &&
    countUp(heads.map(({ n }) => n)) &&
    heads.every(({ word }) => word === first!.word);
  if (!isCount || asked + heads.length - 1 !== below.length || asked <= heads.length) {
    return lines;
  }
  const titles = new Map(heads.map(({ at, title }) => [at, title]));
  let count = 0;
  return lines.map((line, at) => {
    const title = titles.get(at);
    if (title !== undefined) {
      return { ...anew(line, title), heading: 1 };
    }
    const isAsked = at > first!.at && ASKED.test(line.text);
    count += isAsked ? 1 : 0;
    return isAsked ? anew(line, `${count}. ${line.text.trim()}`) : line;
  });
}

const SIGNS = ['→', '->', '>', ';', '|', ' / ', ' - ', ' – '] as const;
const FEWEST_STEPS = 3;
/** An answer with its name in front says the order, and lists nothing. */
const NAMED = /^\s*\p{L}[\p{L} ]{0,24}\s?[:=]\s/u;
const LONGEST_STEP = 60;

/** The steps that a line lists in their order; undefined where no sign parts several short ones. */
function stepsIn(text: string): string[] | undefined {
  return SIGNS.map((sign) => partsOf(text.replace(/\.\s*$/u, ''), sign)).find(
    (parts) => parts.length >= FEWEST_STEPS && parts.every((part) => part.length <= LONGEST_STEP),
  );
}

/** Steps on one line right below a task for their order, with nothing below that says it, on lines of their own. */
export function stepsApart(lines: Lines): Lines {
  return lines.flatMap((line, at) => {
    const above = lines[at - 1];
    const isBelow =
      above !== undefined && isLine(above) && isLine(line) && asksForOrder(above.text);
    const isAlone = !lines[at + 1]?.text.trim() && !NAMED.test(line.text);
    const steps = isBelow && isAlone && !stepsIn(above.text) ? stepsIn(line.text) : undefined;
    return steps ? steps.map((step) => anew(line, `- ${step}`)) : [line];
  });
}

const NUMBER_IN_GAP = /(?<!_)_{1,6}\s?\(?(\d{1,2})\)?\s?_{1,6}(?!_)/gu;
/** Gaps that hold their number, '__1__', with it in front of them, where they count up. */
export function gapsNumbered(lines: Lines): Lines {
  const found = lines.flatMap((line) =>
    isLine(line)
      ? [...(line.source ?? line.text).matchAll(NUMBER_IN_GAP)].map(([, n]) => Number(n))
      : [],
  );
  return found.length < FEWEST || !countUp(found)
    ? lines
    : lines.map((line) => {
        const text = line.source ?? line.text;
        return isLine(line) && text.search(NUMBER_IN_GAP) >= 0
          ? anew(line, text.replace(NUMBER_IN_GAP, '($1) ____'))
          : line;
      });
}
