// Steps counted below a task, with their order said on a line of its own by their numbers, typed as options with letters.
import type { DocumentLine } from '../../model';
import { fieldOfLine } from '../../shared/vocabulary/answer-lines';
import { asksForOrder } from './order-words';
import { anew, isLine, rewritten, type Lines } from './retyping';

const COUNTED = /^\s*\(?(\d{1,2})[.):]?\s+(\S.*)$/u;
const FEWEST = 3;
const letterOf = (n: number): string => String.fromCharCode('a'.charCodeAt(0) + n - 1);

const BULLET = /^\s*[-*•–]\s+(\S.*)$/u;

/** How many lines from one on count up from 1, or stand in a list below one another. */
function countedFrom(lines: Lines, from: number): number {
  let n = 0;
  while (BULLET.test(lines[from + n]?.source ?? lines[from + n]?.text ?? '')) {
    n++;
  }
  if (n) {
    return n;
  }
  while (Number(COUNTED.exec(lines[from + n]?.text ?? '')?.[1]) === n + 1) {
    n++;
  }
  return n;
}

/** The step in a line that is counted or stands in a list. */
const stepIn = ({ text, source }: DocumentLine): string | undefined =>
  COUNTED.exec(text)?.[2] ?? BULLET.exec(source ?? text)?.[1];

/** The numbers from 1 on in another order, as a line that answers says them: "Correct order: 3, 1, 2". */
function orderSaid(text: string, count: number): number[] | undefined {
  const field = fieldOfLine(text);
  const parts = field?.role === 'answer' ? field.value.split(/[\s,;/>→–-]+/u).filter(Boolean) : [];
  const numbers = parts.map(Number);
  const isEach =
    parts.length === count &&
    new Set(numbers).size === count &&
    numbers.every((n) => Number.isInteger(n) && n >= 1 && n <= count);
  return isEach && numbers.some((n, at) => n !== at + 1) ? numbers : undefined;
}

const BLANK = /^\s*(?:[-*•–]\s+)?(?:_{2,}|\(\s*_*\s*\)|\[\s*_*\s*\])[.)]?\s*(\S.*)$/u;
const BRACKETS = /^\s*[([]\s*(\S.*?)\s*[)\]]\s*$/su;

/** How many lines from one on have a blank for a place in front of a step. */
function blanksFrom(lines: Lines, from: number): number {
  let n = 0;
  while (BLANK.test(lines[from + n]?.text ?? '')) {
    n++;
  }
  return n;
}

/** The places of so many steps from a line on, as the line below them says; undefined where none of this stands there. */
function placesBelow(lines: Lines, from: number, count: number): number[] | undefined {
  const said = lines[from + count]?.text ?? '';
  return count >= FEWEST && asksForOrder(lines[from - 1]!.text)
    ? orderSaid(BRACKETS.exec(said)?.[1] ?? said, count)
    : undefined;
}

/** Steps below a task for them, each behind a blank for its place, with the places said on the line below: behind each step instead. */
export function placesAtSteps(lines: Lines): Lines {
  const found = [...lines];
  for (let from = 1; from < lines.length; from++) {
    const count = blanksFrom(lines, from);
    const places = placesBelow(lines, from, count);
    places?.forEach((place, n) => {
      const line = lines[from + n]!;
      found[from + n] = rewritten(line, `- ${BLANK.exec(line.text)![1]!} (${place})`);
    });
    if (places) {
      found[from + count] = anew(lines[from + count]!, '');
    }
    from += count;
  }
  return found;
}

/** Steps whose numbers a line below puts in order, with letters in place of the numbers there and here. */
export function stepsWithOrder(lines: Lines): Lines {
  const found = [...lines];
  for (let from = 1; from < lines.length; from++) {
    const above = lines[from - 1]!;
    const isBelowTask = isLine(above) && above.text.trim() !== '' && stepIn(above) === undefined;
    const count = isBelowTask ? countedFrom(lines, from) : 0;
    const said = lines[from + count];
    const order = count >= FEWEST && said ? orderSaid(said.text, count) : undefined;
    if (order && said) {
      for (let n = 1; n <= count; n++) {
        const line = lines[from + n - 1]!;
        found[from + n - 1] = rewritten(line, `${letterOf(n)}) ${stepIn(line)!}`);
      }
      found[from + count] = anew(said, `Answer: ${order.map(letterOf).join(', ')}`);
    }
  }
  return found;
}
