// The questions of a sample: between empty lines, or from each line that opens one to the next.
import { frontsOf, keyOf, type Front } from './fronts';
import { taken, type Blocks } from './taken';

export type { Blocks, Line } from './taken';

/** Between empty lines. */
function byBlankLines(lines: readonly string[]): string[][] {
  const blocks: string[][] = [[]];
  for (const line of lines) {
    if (line) {
      blocks.at(-1)!.push(line);
    } else {
      blocks.push([]);
    }
  }
  return blocks.filter((block) => block.length > 0);
}

/** The lines that end all blocks but the last one alike: they stand between the questions. */
function withBetween(blocks: readonly string[][]): { blocks: string[][]; between: string[] } {
  const between: string[] = [];
  let rest = blocks.map((block) => [...block]);
  const others = (): string[][] => rest.slice(0, -1);
  for (;;) {
    const last = others()[0]?.at(-1);
    if (last !== '' || !others().every((block) => block.at(-1) === last)) {
      return { blocks: rest, between };
    }
    between.unshift(last);
    rest = rest.map((block, at) =>
      at < rest.length - 1 || block.at(-1) === last ? block.slice(0, -1) : block,
    );
  }
}

/** Blocks that open with a line of one kind, and the lines above the first of them. */
function byOpening(
  lines: readonly string[],
  opens: (at: number) => boolean,
): { head: string[]; blocks: string[][] } {
  const starts = lines.flatMap((_, at) => (opens(at) ? [at] : []));
  return {
    head: lines.slice(0, starts[0] ?? lines.length),
    blocks: starts.map((at, n) => lines.slice(at, starts[n + 1])),
  };
}

/** Lines above all questions are of no kind that comes in them again, unless they head several of them. */
function isHead(head: readonly string[], below: readonly string[]): boolean {
  const filled = head.filter(Boolean);
  const fronts = frontsOf([...filled, ...below.filter(Boolean)]);
  const inBlocks = new Set(fronts.slice(filled.length).map(keyOf));
  return fronts
    .slice(0, filled.length)
    .every((front) => !front.before.trim() || !inBlocks.has(keyOf(front)));
}

/** Lines that head several questions each, which stand above the first of them, moved from the end of the block before. */
function withHeads({
  head,
  blocks,
}: {
  head: string[];
  blocks: string[][];
}): string[][] | undefined {
  const [own] = frontsOf(head);
  const all = [...head, ...blocks.flat()];
  const fronts = frontsOf(all.map((line) => line || ' '));
  const isHead = new Map(
    all.map((line, at) => [line, own && line && keyOf(fronts[at]!) === keyOf(fronts[0]!)]),
  );
  if (head.length !== 1 || !fronts[0]!.before.trim()) {
    return undefined;
  }
  let above = head;
  return blocks.map((block) => {
    const moved = isHead.get(block.at(-1) ?? '') ? block.slice(-1) : [];
    const whole = [...above, ...block.slice(0, block.length - moved.length)];
    above = moved;
    return whole;
  });
}

/** Whether lines have the same in front, or the same with another code behind it. */
const isAlike = (one: Front, other: Front): boolean =>
  keyOf(one) === keyOf(other) || (one.code !== undefined && one.code.family === other.code?.family);

/** So many kinds of lines may open the questions. */
const MOST_OPENINGS = 3;

/** Signs that may stand between the parts of a question on one line. */
const JOINTS = [' | ', ' ; ', '; ', ' / ', ' // ', ' :: ', ' # ', ';', '|', '\t'];

/** Questions on a line each, by the sign that parts all of them. */
export function onOneLine(lines: readonly string[]): { joint: string; blocks: Blocks }[] {
  const filled = lines.filter(Boolean);
  const joints = JOINTS.filter((joint) => filled.every((line) => line.includes(joint)));
  const own = joints.filter(
    (joint) => !joints.some((other) => other !== joint && other.includes(joint)),
  );
  return filled.length > 1
    ? own.map((joint) => ({
        joint,
        blocks: taken(
          [],
          filled.map((line) => line.split(joint)),
          filled.length < lines.length ? [''] : [],
        ),
      }))
    : [];
}

/** The ways in which a sample may be parted into questions; the likeliest first. */
export function blocksIn(lines: readonly string[]): Blocks[] {
  const found: Blocks[] = [];
  const blank = byBlankLines(lines);
  for (let head = 0; head < Math.min(MOST_OPENINGS, blank.length); head++) {
    const above = blank.slice(0, head).flatMap((block) => [...block, '']);
    if (isHead(above, blank.slice(head).flat())) {
      found.push(taken(above, blank.slice(head), ['']));
    }
  }
  const filled = lines.flatMap((line, at) => (line ? [at] : []));
  if (filled.length === lines.length && lines.length > 1) {
    found.push(
      taken(
        [],
        lines.map((line) => [line]),
        [],
      ),
    );
  }
  const fronts = frontsOf(lines.map((line) => line || ' '));
  for (const first of filled.slice(0, MOST_OPENINGS)) {
    const key = keyOf(fronts[first]!);
    const isExact = lines.filter((line) => line === lines[first]).length > 1;
    const opens = (at: number): boolean =>
      isExact
        ? lines[at] === lines[first]
        : lines[at] !== '' && isAlike(fronts[at]!, fronts[first]!);
    const { head, blocks } = byOpening(lines, opens);
    if (blocks.length > 1 && (isExact || key.trim())) {
      const parted = withBetween(blocks);
      if (isHead(head, blocks.flat())) {
        found.push(taken(head, parted.blocks, parted.between));
      }
      const headed = withHeads({ head, blocks: parted.blocks });
      if (headed) {
        found.push(taken([], headed, parted.between));
      }
    }
  }
  return found;
}
