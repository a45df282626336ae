// The blocks of a sample of marked text: between frames, between blank lines, below lines that count them.
import type { Layout } from '../../model';
import { signedOf } from './option-signs';

type Marks = NonNullable<Layout['marks']>;

/** Signs that stand alone on their lines by turns: the one opens a question, the other closes it. */
export function frameOf(lines: readonly string[]): Pick<Marks, 'open' | 'close'> | undefined {
  const alone = lines.flatMap((line) => /^\s*([^\p{L}\p{N}\s]{1,4})\s*$/u.exec(line)?.[1] ?? []);
  const [open, close] = alone;
  const isByTurns = alone.every((sign, index) => sign === (index % 2 ? close : open));
  return open && close && open !== close && alone.length >= 2 && isByTurns
    ? { open, close }
    : undefined;
}

/** The blocks of a sample: between its frames, else between blank lines. */
export function blocksOf(lines: readonly string[], frame: ReturnType<typeof frameOf>): string[][] {
  const isBorder = (line: string): boolean =>
    frame ? line.trim() === frame.open || line.trim() === frame.close : !line.trim();
  const blocks: string[][] = [[]];
  for (const line of lines) {
    if (isBorder(line)) {
      blocks.push([]);
    } else if (line.trim()) {
      blocks.at(-1)!.push(line.trim());
    }
  }
  return blocks.filter((block) => block.length > 0);
}

const COUNTED = /^(\D*?)(\d+)(\D*)$/u;

/** A line above each question that counts it, and the blocks without it: 'Question 1', 'Question 2'. */
export function countedBlocks(blocks: readonly string[][]): {
  numberLine: string | undefined;
  rest: string[][];
} {
  const whole = blocks.filter((block) => block.length > 2);
  // A line with a sign of its own says more than a number.
  const found = whole.map(([first = '']) =>
    signedOf(first) === undefined ? COUNTED.exec(first) : null,
  );
  const [one] = found;
  const counts =
    whole.length > 1 &&
    found.every(
      (match, at) =>
        match?.[1] === one?.[1] && match?.[3] === one?.[3] && Number(match?.[2]) === at + 1,
    );
  return counts && one
    ? { numberLine: `${one[1]}{n}${one[3]}`, rest: whole.map((block) => block.slice(1)) }
    : { numberLine: undefined, rest: [...blocks] };
}
