// Statements below a line that offers to judge them, each with its verdict and what explains it behind it: 'a) Ice sinks. F - it
// floats', '2. Le sel est doux. F – il est salé'.
import { alike } from '../../shared/normalise';
import { letterPlace } from '../../shared/plain';
import type { VerdictPair } from '../../shared/vocabulary/verdict-pairs';
import { pairOffered } from './offered';
import { anew, isLine, type Lines } from './retyping';

const JUDGED =
  /^\s*(?:[([]?(\d{1,3}|[A-Za-z])\s?[.):\]]\s+)?(\S.*[.!…]['"”’»]?)\s+[([]?(\p{L}{1,12})[)\]]?\.?\s*(?:[-–—:;,]+\s*(\S.*))?$/su;
/** A verdict and its reason, both in brackets. */
const IN_BRACKETS = /[([]\p{L}{1,12}\s*[-–—:;,][^()[\]]*[)\]]\s*$/u;
const FEWEST = 2;

/** `n` is absent of a statement without a label. */
type Judged = {
  n: number | undefined;
  /** The number with what closes it, as it is typed where it is one. */
  front: string;
  statement: string;
  word: string;
  reason: string | undefined;
};

const placeOf = (label: string): number =>
  /^\d/u.test(label) ? Number(label) : letterPlace(label) + 1;

/** A statement with one of the two words, or its first letter, behind it. */
function judgedIn(text: string, { right, wrong }: VerdictPair): Judged | undefined {
  const [, label, statement = '', word = '', behind] = JUDGED.exec(text) ?? [];
  const reason = IN_BRACKETS.test(text) ? behind?.replace(/[)\]]\s*$/u, '') : behind;
  const said = alike(word);
  const isOffered = [right, wrong].some(
    (one) => alike(one) === said || (said.length === 1 && alike(one).startsWith(said)),
  );
  return isOffered
    ? {
        n: label === undefined ? undefined : placeOf(label),
        front: /^\d/u.test(label ?? '')
          ? text.slice(0, text.indexOf(statement)).trim()
          : `${label === undefined ? '' : placeOf(label)}.`,
        statement,
        word,
        reason,
      }
    : undefined;
}

/** Where such statements stand below their offer, by the place of the line; empty lines may part them. */
function runBelow(lines: Lines, offer: number, pair: VerdictPair): Map<number, Judged> {
  const run = new Map<number, Judged>();
  let last: number | undefined;
  for (let at = offer + 1; at < lines.length; at++) {
    const line = lines[at]!;
    const judged = isLine(line) ? judgedIn(line.text, pair) : undefined;
    const n = judged?.n ?? run.size + 1;
    if (judged && (last === undefined || n === last + 1)) {
      run.set(at, judged);
      last = n;
    } else if (line.text.trim()) {
      break;
    }
  }
  return run;
}

/** Words as short as this behind a sentence may be part of it, unless they are offered: 'oui', 'no'. */
const isShort = (word: string): boolean => word.length > 1 && word.length < 4;

/** Whether lines say more than a letter or a word behind their numbers, which are read as they stand. */
const isMore = (run: ReadonlyMap<number, Judged>, lines: Lines): boolean =>
  [...run].some(
    ([at, { reason, word }]) =>
      reason !== undefined || isShort(word) || !/^\W*\d/u.test(lines[at]!.text),
  );

const SENTENCES = /^(.*?[?:.])\s+(\S.*)$/su;
/** An offer with what else its line asks, 'True or false? Correct the false ones.', the offer last: a line each. */
function offerLast(text: string): string[] {
  const [, first = '', rest = ''] = SENTENCES.exec(text) ?? [];
  return first && pairOffered(first) ? [rest, first] : [text];
}

/** Such statements by themselves, counted, with their verdict and what explains it on lines of their own. */
export function statementsJudged(lines: Lines): Lines {
  if (lines.filter((line) => isLine(line) && JUDGED.test(line.text)).length < FEWEST) {
    return lines;
  }
  const found = new Map<number, Judged>();
  const offers = new Set<number>();
  lines.forEach((line, at) => {
    const pair = isLine(line) && !found.has(at) ? pairOffered(line.text) : undefined;
    const run = pair && runBelow(lines, at, pair);
    if (run && run.size >= FEWEST && isMore(run, lines)) {
      run.forEach((judged, place) => found.set(place, judged));
      offers.add(at);
    }
  });
  return lines.flatMap((line, at) => {
    const own = found.get(at);
    if (offers.has(at)) {
      return offerLast(line.text).map((text) => anew(line, text));
    }
    return own
      ? [
          // Without a number, a statement is a paragraph of its own.
          ...(own.n === undefined ? ['', own.statement] : [`${own.front} ${own.statement}`]),
          `Answer: ${own.word}`,
          ...(own.reason ? [`Explanation: ${own.reason}`] : []),
        ].map((text) => anew(line, text))
      : [line];
  });
}
