// Questions a line each with their solution in brackets at the end, and nothing that numbers them: 'What floats? {cork|wood}'.
import type { DocumentLine } from '../../model';
import { quantityOf } from '../../shared/normalise';
import { verdictOf } from '../../shared/vocabulary/verdicts';
import { anew, COUNTED, isLine, retyped, type Lines } from './retyping';
import { asksOutright } from './typed-line';

/** In square or curly brackets behind anything that is whole, in round ones behind a question, or a word or two behind a sentence. */
const SOLVED =
  /^\s*(\S.*[?？؟.:!…])\s*(?:\{([^{}]{1,120})\}|\[([^[\]]{1,120})\])\s*$|^\s*(\S.*[?？؟])\s*\(([^()]{1,120})\)\s*$|^\s*(\S.*\s.*[.!…])\s*\(([^()\d\s]{2,30}(?: [^()\d\s]{2,30})?)\)\s*$/su;
const NUMBERED = /^\W*(?:(?:\p{L}{1,10}\.?\s?)?\d{1,3}\W|[A-Za-z][.):\]])/u;
/** A line in brackets alone heads a part. */
const HEAD = /^\s*\[([^[\]]{2,40})\]\s*$/u;
const FEWEST = 3;
const MOSTLY = 0.8;

type Solved = { stem: string; solution: string };

function solvedIn(text: string): Solved | undefined {
  const [, stem, curly, square, asked, round, told, word] = SOLVED.exec(text) ?? [];
  const own = stem ?? asked ?? told;
  const solution = curly ?? square ?? round ?? word;
  // A word for true or false judges a sentence and solves none.
  const isVerdict = word !== undefined && verdictOf(word) !== undefined;
  return !isVerdict && own !== undefined && solution !== undefined && !NUMBERED.test(text)
    ? { stem: own, solution: solution.trim() }
    : undefined;
}

/** Such lines as questions and answers by name, where nearly all of a text are such. */
export function solutionsBehind(lines: Lines): Lines {
  const found = lines.map((line) => (isLine(line) ? solvedIn(line.text) : undefined));
  const solved = found.filter(Boolean).length;
  const filled = lines.filter(({ text }) => text.trim() && !HEAD.test(text)).length;
  if (solved < FEWEST || solved < filled * MOSTLY) {
    return lines;
  }
  return lines.flatMap((line, at) => {
    const own = found[at];
    if (own) {
      return [anew(line, `Question: ${own.stem}`), anew(line, `Answer: ${own.solution}`)];
    }
    const head = isLine(line) ? HEAD.exec(line.text)?.[1] : undefined;
    return [head === undefined ? line : anew(line, head)];
  });
}

/** A question with a sign and its answer behind: 'What floats? – cork'. */
const ANSWERED = /^\s*(\S.*[?？؟]["'”’]?)\s*[-–—=:>→/]+\s*([^?？؟/]{1,120})$/su;

const NUMBER = /^\s*[([]?(\d{1,3})/u;

const LONGEST_TITLE = 40;

/** Questions without numbers that have their answer behind: each counted, with the answer below it. A few words above one head a part. */
function countedThrough(lines: Lines, found: readonly (RegExpExecArray | null)[]): Lines {
  let count = 0;
  const heads = ({ text }: DocumentLine, at: number): boolean =>
    text.trim().length <= LONGEST_TITLE &&
    /[\p{L}\p{N}]\s*$/u.test(text) &&
    !found[at] &&
    Boolean(found[at + 1]);
  return lines.flatMap((line, at) => {
    const [, stem, answer] = found[at] ?? [];
    if (stem && answer) {
      count++;
      return [anew(line, `${count}. ${stem.trim()}`), anew(line, `Answer: ${answer}`)];
    }
    return [heads(line, at) ? { ...line, heading: 1 } : line];
  });
}

/**
 * Questions without a number that have their answer behind: counted where none is; one that is typed as the counted ones
 * above it are has the next number.
 */
export function answeredUncounted(lines: Lines): Lines {
  const found = lines.map((line) => (isLine(line) ? ANSWERED.exec(line.text) : null));
  const counted = found.filter((match) => match && COUNTED.test(match[0])).length;
  const others = found.filter((match) => match && !NUMBERED.test(match[0])).length;
  if (others >= FEWEST && !lines.some(({ text }) => NUMBERED.test(text))) {
    return countedThrough(lines, found);
  }
  let count = 0;
  return counted < FEWEST || others >= counted
    ? lines
    : retyped(lines, (at) => {
        const { text } = lines[at]!;
        count = COUNTED.test(text) ? Number(NUMBER.exec(text)![1]) : count;
        return !found[at] || NUMBERED.test(text) ? undefined : `${(count += 1)}. ${text.trim()}`;
      });
}

const EQUALS = /^\s*=\s*(\S.*)$/su;
/** A number behind an equals sign right below a question, with its tolerance and unit, as its answer. */
export const numbersBelow = (lines: Lines): Lines =>
  retyped(lines, (at) => {
    const line = lines[at]!;
    const number = isLine(line) ? EQUALS.exec(line.text)?.[1] : undefined;
    const isAsked = number !== undefined && asksOutright(lines[at - 1]?.text ?? '');
    return isAsked && quantityOf(number) ? `Answer: ${number}` : undefined;
  });
