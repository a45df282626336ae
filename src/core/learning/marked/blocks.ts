// The blocks of a sample of marked text: between frames, between blank lines, below lines that count them.
import { STEM_LABELS, type Layout } from '../../model';
import { labelForm } from '../../shared/labels';
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

/** What a line opens with: a sign of its own, else the form of its number. */
const openingOf = (line: string): string | undefined =>
  signedOf(line)?.sign ?? labelForm(line, STEM_LABELS);

/** Signs such as options carry, words among them, open no question. */
const OF_OPTION = /[[({+*=~✓✗○●–-]|\p{Co}/u;

/** The sign of lines that head several questions each, with the question's own sign right below wherever it stands. */
function headingSign(block: readonly string[]): string | undefined {
  const signs = block.map(openingOf);
  const [head, opening] = signs;
  const times = (sign: string | undefined): number => signs.filter((one) => one === sign).length;
  const isAbove = signs.every((sign, at) => sign !== head || signs[at + 1] === opening);
  const isApart = signs.every(
    (sign, at) => sign !== opening || ![opening, head, undefined].includes(signs[at + 1]),
  );
  const isHead =
    head !== undefined &&
    opening !== undefined &&
    head !== opening &&
    isAbove &&
    isApart &&
    !OF_OPTION.test(opening);
  return isHead && times(head) > 1 && times(opening) > times(head) ? head : undefined;
}

/** Lines that follow one another without empty ones between the questions: parted wherever one opens as the first does. */
function parted(block: readonly string[]): string[][] {
  const head = headingSign(block);
  const opening = openingOf(block[head === undefined ? 0 : 1] ?? '');
  const starts = block.flatMap((line, at) => {
    const isFirst = openingOf(line) === opening;
    const isBelowHead = at > 0 && head !== undefined && openingOf(block[at - 1]!) === head;
    return isFirst ? [isBelowHead ? at - 1 : at] : [];
  });
  const areApart = starts.every((at, n) => (starts[n + 1] ?? block.length) - at > 1);
  return opening === undefined || starts.length < 2 || !areApart
    ? [[...block]]
    : starts.map((at, n) => block.slice(at, starts[n + 1]));
}

/** The blocks of a sample: between its frames, else between blank lines, or from one opening line to the next. */
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
  return blocks
    .filter((block) => block.length > 0)
    .flatMap((block) => (frame ? [block] : parted(block)));
}

/** Blocks without the lines that head several of them: what opens some blocks stands right below them. */
export function withoutHeads(blocks: string[][]): string[][] {
  const signAt = (block: readonly string[], at: number): string | undefined =>
    signedOf(block[at] ?? '')?.sign;
  const opening = blocks
    .map((block) => signAt(block, 0))
    .find(
      (sign) =>
        sign !== undefined &&
        blocks.every((block) => signAt(block, 0) === sign || signAt(block, 1) === sign) &&
        blocks.some((block) => signAt(block, 0) !== sign),
    );
  return opening === undefined
    ? blocks
    : blocks.map((block) => (signAt(block, 0) === opening ? block : block.slice(1)));
}

const COUNTED = /^(\D*?)(\d+)(\D*)$/u;

/** A line above each question that counts it, and the blocks without it: 'Question 1', 'Question 2'. */
export function countedBlocks(blocks: readonly string[][]): {
  numberLine: string | undefined;
  rest: string[][];
} {
  const whole = blocks.filter((block) => block.length > 2);
  // A line with a sign of its own says more than a number, unless there is nothing but signs around it.
  const found = whole.map(([first = '']) =>
    signedOf(first) === undefined || !/\p{L}/u.test(first) ? COUNTED.exec(first) : null,
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
